// Of a lot: how many males and females as far as somebody knows, and the settled behaviour that was seen.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { LotView } from '#contract/views.ts';
import { CERTAINTIES, type Certainty } from '#core/lots/index.ts';
import { BEHAVIOURS, type Behaviour } from '#core/noted/index.ts';
import { useTimes } from '../data/me.ts';
import { Chips } from '../parts/Chips.tsx';
import { CountField } from '../parts/CountField.tsx';
import { useOverrule } from '../parts/useOverrule.tsx';
import { saySexes } from '../words/noted.ts';
import { SURE_SAYS } from '../words/triage.ts';
import { behaviourEntry, sexedEntry, toggled } from './draft.ts';
import { NoteField } from './NoteField.tsx';

type Props = { view: LotView; lot: NonNullable<LotView['lot']> };

export function SexAndBehaviour({ view, lot }: Props) {
  const { when } = useTimes();
  const [open, setOpen] = useState<'sex' | 'behaviour'>();
  const tanks = view.now.filter(({ tank }) => tank);
  const { sexed, behaviours } = lot;
  const done = () => setOpen(undefined);
  if (tanks.length === 0 && !sexed && behaviours.length === 0) return null;
  return (
    <section className="card" aria-label="Sex and behaviour">
      <h2>Sex and behaviour</h2>
      <p className="tight">
        {sexed
          ? `${saySexes(sexed, lot.inHouse)} (${SURE_SAYS[sexed.sure]}${sexed.note ? `: ${sexed.note}` : ''}); ${sexed.by}, ${when(sexed.atMs)}.`
          : 'Males and females: nobody has said.'}
      </p>
      {behaviours.length > 0 && (
        <ul className="plain-list">
          {behaviours.map(({ what, atMs, by, tankCode, note }) => (
            <li key={atMs}>
              {what.join(', ')}
              {note ? `: ${note}` : ''}{' '}
              <span className="soft">
                in {tankCode}, {when(atMs)}, {by}
              </span>
            </li>
          ))}
        </ul>
      )}
      {tanks.length > 0 && (
        <div className="chips">
          <Button variant="plain" aria-expanded={open === 'sex'} onClick={() => setOpen(open === 'sex' ? undefined : 'sex')}>
            Males and females
          </Button>
          <Button
            variant="plain"
            aria-expanded={open === 'behaviour'}
            onClick={() => setOpen(open === 'behaviour' ? undefined : 'behaviour')}
          >
            Behaviour seen
          </Button>
        </div>
      )}
      {open === 'sex' && <SexForm lot={lot} onDone={done} />}
      {open === 'behaviour' && <BehaviourForm lot={lot} tanks={tanks} onDone={done} />}
    </section>
  );
}

function SexForm({ lot, onDone }: { lot: Props['lot']; onDone: () => void }) {
  const { attempt } = useOverrule();
  const [males, setMales] = useState(lot.sexed?.males ?? 0);
  const [females, setFemales] = useState(lot.sexed?.females ?? 0);
  const [sure, setSure] = useState<Certainty>('likely');
  const [note, setNote] = useState('');
  const words = `${lot.label}: ${saySexes({ males, females }, lot.inHouse)}`;
  return (
    <>
      <div className="pair">
        <CountField label="Males" value={males} max={Math.max(0, lot.inHouse - females)} onChange={setMales} />
        <CountField label="Females" value={females} max={Math.max(0, lot.inHouse - males)} onChange={setFemales} />
      </div>
      <Chips label="How sure" options={CERTAINTIES} value={sure} onChange={setSure} />
      <NoteField id={`sex-${lot.id}`} label="By what" note={note} onChange={setNote} />
      <Button
        variant="act"
        onClick={() =>
          attempt({
            title: words,
            doing: 'It is so all the same',
            words,
            drafts: [sexedEntry({ lot: lot.id, males, females, sure }, note)],
            onDone,
          })
        }
      >
        {saySexes({ males, females }, lot.inHouse)}
      </Button>
    </>
  );
}

function BehaviourForm({ lot, tanks, onDone }: { lot: Props['lot']; tanks: LotView['now']; onDone: () => void }) {
  const { attempt } = useOverrule();
  const [tank, setTank] = useState(tanks[0]!.name);
  const [what, setWhat] = useState<Behaviour[]>([]);
  const [note, setNote] = useState('');
  const place = tanks.find(({ name }) => name === tank) ?? tanks[0]!;
  const words = `${lot.label} in ${place.name}: ${what.join(', ')}`;
  return (
    <>
      {tanks.length > 1 && <Chips label="In" options={tanks.map(({ name }) => name)} value={tank} onChange={setTank} />}
      <Chips label="Seen" options={BEHAVIOURS} value={what} onChange={(word) => setWhat(toggled(what, word))} />
      <NoteField id={`behaviour-${lot.id}`} label="Note" note={note} onChange={setNote} />
      <Button
        variant="act"
        disabled={what.length === 0}
        onClick={() =>
          attempt({
            title: words,
            doing: 'It was seen',
            words,
            drafts: [behaviourEntry({ tank: place.place, lot: lot.id }, what, note)],
            onDone,
          })
        }
      >
        {what.length === 0 ? 'Choose what was seen' : `Seen: ${what.join(', ')}`}
      </Button>
    </>
  );
}
