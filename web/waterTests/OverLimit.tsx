// A value over its limit: what is done about it, with the litres worked out, and when it is read again; or why nothing is.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { OverCard, SystemTests, WaterTestsView } from '#contract/views.ts';
import type { DoneAbout } from '#core/waterTests/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useHouseNow } from '../data/clock.ts';
import { useMayWrite, useMe, useTimes } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { Caution } from '../parts/Caution.tsx';
import { useOverrule } from '../parts/useOverrule.tsx';
import { DONE_SAYS, sayOver } from '../words/waterTests.ts';
import { capital } from '../words/text.ts';
import { adviceFor, helpsAgainst } from './advice.ts';
import { ChangeFields, useChange } from './ChangeFields.tsx';
import { answerEntry, inHours, pouredEntry, retestHours } from './draft.ts';
import css from './waterTests.module.scss';

type Props = { system: SystemTests; card: OverCard; salt: WaterTestsView['salt'] };

export function OverLimit({ system, card, salt }: Props) {
  const units = useUnits();
  const { when } = useTimes();
  const [again, setAgain] = useState(false);
  const { quantity, reading, verdict, answered } = card;
  return (
    <section className={css.over} aria-label={`${capital(quantity)} over its limit`}>
      <p className="warn tight">
        <b>{sayOver({ quantity, value: reading.value, verdict }, units)}</b>
        {verdict.urgent && <b> Act now: it harms within hours.</b>}
      </p>
      <p className="soft tight">
        Read {when(reading.atMs)}, {reading.by}
        {reading.with ? `, ${reading.with}` : ''}
        {card.beside.pH === undefined ? '' : `; pH ${card.beside.pH} with it`}.
      </p>
      {answered && (
        <p className="tight">
          {capital(answered.did.map((what) => DONE_SAYS[what]).join(', '))}: {answered.by}, {when(answered.atMs)}
          {answered.note ? ` (${answered.note})` : ''}.{' '}
          {answered.retestAtMs !== undefined && <b>To be read again {when(answered.retestAtMs)}.</b>}{' '}
          {!again && (
            <Button variant="link" className="btn-quiet" onClick={() => setAgain(true)}>
              More was done
            </Button>
          )}
        </p>
      )}
      {(!answered || again) && <Answer system={system} card={card} salt={salt} onDone={() => setAgain(false)} />}
    </section>
  );
}

function Answer({ system, card, salt, onDone }: Props & { onDone: () => void }) {
  const { house } = useMe();
  const rules = house.rules.waterTests;
  const { climbPptPerDay: climbPpt } = house.rules.prepare;
  const { attempt } = useOverrule();
  const { when } = useTimes();
  const units = useUnits();
  const now = useHouseNow(MINUTE_MS);
  const mayChange = useMayWrite('water.exchanged');
  const mayNothing = useMayWrite('filter.judged');
  const [did, setDid] = useState<DoneAbout[]>([]);
  const [hours, setHours] = useState(() => Math.min(rules.retestH, card.verdict.urgent ? 2 : Infinity));
  const [note, setNote] = useState('');
  const change = useChange({ system, card, rules, climbPpt });
  const advice = adviceFor({ system, card, rules, climbPpt, poured: change.poured });
  const changes = mayChange && (advice.is === 'change' || advice.is === 'swap');
  const poured = changes && change.isMeant && change.litres !== undefined;
  const all: DoneAbout[] = [...(poured ? (['changed water'] as const) : []), ...did];
  const nothing = did.includes('nothing');
  const isReady = all.length > 0 && !change.isBad && (!(nothing || did.includes('found the cause')) || note.trim() !== '');
  const options = [...helpsAgainst(card, system), ...(mayNothing ? (['nothing'] as const) : [])];
  const toggle = (what: DoneAbout) =>
    setDid(
      did.includes(what)
        ? did.filter((each) => each !== what)
        : what === 'nothing'
          ? ['nothing']
          : [...did.filter((each) => each !== 'nothing'), what],
    );
  const retestAtMs = nothing ? undefined : inHours(now, hours);
  const send = () => {
    const words = `${system.name}: ${all.map((what) => DONE_SAYS[what]).join(', ')}`;
    attempt({
      title: words,
      doing: 'It was done all the same',
      words,
      drafts: [
        ...(poured && !nothing
          ? [pouredEntry(system, { litres: change.litres!, poured: change.poured, redosed: change.redosed, salt })]
          : []),
        answerEntry(card, { did: nothing ? ['nothing'] : all, retestAtMs, note }),
      ],
      onDone: () => (change.forget(), onDone()),
    });
  };
  return (
    <>
      {changes && !nothing && <ChangeFields system={system} card={card} advice={advice} change={change} rules={rules} />}
      {advice.is === 'dose' && (
        <p className="tight">
          By the range that was entered from the label: ({units.say('copper', advice.from)} − {units.say('copper', card.reading.value)}) ×{' '}
          {units.say('volume', system.volumeL)} = {(advice.grams * 1000).toFixed(0)} mg of copper at least, less what rock and sand
          displace. Follow the label, and test after it.
        </p>
      )}
      {advice.is === 'cannot' && <p className="tight">No change of water brings it there at once.</p>}
      <div className="chips" role="group" aria-label="What else is done">
        {options.map((what) => (
          <Button
            key={what}
            variant="plain"
            className={did.includes(what) ? 'chip-on' : ''}
            aria-pressed={did.includes(what)}
            onClick={() => toggle(what)}
          >
            {capital(what)}
          </Button>
        ))}
      </div>
      {card.quantity === 'pH' && card.verdict.is === 'below' && (system.latest.ammonia?.value ?? 0) > 0 && (
        <Caution strong>There is ammonia in this system: a pH that is raised sets it free. Ammonia first, then the pH, slowly.</Caution>
      )}
      {did.includes('set heater') && <Caution>Slowly: is it the heater, or the thermometer?</Caution>}
      {did.includes('bound ammonia') && (
        <Caution>By its label, with air on: an ammonia binder takes oxygen, and some tests read bound ammonia as if it were free.</Caution>
      )}
      <Form.Group className="field" controlId={`note-${card.reading.entry}`}>
        <Form.Label className="label">
          {nothing ? 'Why nothing is done' : did.includes('found the cause') ? 'What the cause was' : 'Note'}
        </Form.Label>
        <Form.Control value={note} maxLength={500} onChange={({ target }) => setNote(target.value)} />
      </Form.Group>
      {!nothing && (
        <div className="chips" role="group" aria-label="Read again">
          {retestHours(card.verdict.urgent, rules.retestH).map((after) => (
            <Button
              key={after}
              variant="plain"
              className={after === hours ? 'chip-on' : ''}
              aria-pressed={after === hours}
              onClick={() => setHours(after)}
            >
              in {after} h
            </Button>
          ))}
        </div>
      )}
      <Button variant="act" disabled={!isReady} onClick={send}>
        {nothing
          ? 'Nothing is done'
          : all.length === 0
            ? 'Say what is done'
            : `${poured ? `Changed ${units.say('volume', change.litres!)}` : capital(DONE_SAYS[all[0]!])}, read again ${when(retestAtMs!)}`}
      </Button>
    </>
  );
}
