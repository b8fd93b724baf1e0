// Clean water for the fish of a landed bag, before any tank is thought of: as warm and as salt as their own, which is filled in where it is known and read first where not.
import { clsx } from 'clsx';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { BagCard, CrateCard } from '#contract/views.ts';
import { LIKE_THEIRS } from '#core/bench/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useHouseNow } from '../data/clock.ts';
import { useMe } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { Caution } from '../parts/Caution.tsx';
import { QuantityField } from '../parts/QuantityField.tsx';
import { forgetKept, useKept } from '../parts/useKept.ts';
import { useOverrule } from '../parts/useOverrule.tsx';
import { firstAid } from '../words/firstAid.ts';
import { capital } from '../words/text.ts';
import { CLEAN_QUANTITIES, cleanEntries, ownOf, readClean, startClean, type CleanFields, type Loose, type Own } from './cleanDraft.ts';
import css from './dock.module.scss';

type Props = { bag: BagCard; crate: CrateCard; onDone: () => void };

const ASKS = { temperature: 'Their water, read in the bag', salinity: 'Their water, one drop on the meter' } as const;

const LOOSE_SAYS: Record<Loose, string> = {
  skin: 'On its skin it may be 2 °C off.',
  'long ago': 'It was read long ago, and has stood in the room since.',
  afloat: 'It has been afloat since it was read.',
};

/** Why it is asked for. */
function hintOf(quantity: 'temperature' | 'salinity', own: Own | undefined): string {
  if (own?.loose) return LOOSE_SAYS[own.loose];
  if (own) return 'Stated by who sent it. A drop on the meter makes sure: upwards is what kills.';
  return quantity === 'temperature'
    ? 'How warm it was packed says nothing of now.'
    : 'Nobody read or stated it, and the wrong water is a shock.';
}

export function CleanWater({ bag, crate, onDone }: Props) {
  const units = useUnits();
  const { attempt } = useOverrule();
  const form = `clean water ${bag.bag}`;
  const [fields, setFields] = useKept<CleanFields>(form, 'fields', startClean(units));
  const set = (name: keyof CleanFields) => (text: string) => setFields((now) => ({ ...now, [name]: text }));
  const { roomC } = useMe().house.rules.ambient;
  const at = { roomC, now: useHouseNow(MINUTE_MS) };
  const known = { temperature: ownOf(bag, crate, 'temperature', at), salinity: ownOf(bag, crate, 'salinity', at) };
  const read = readClean(fields, known, units);
  const n = bag.landed!.alive;
  const begin = () => {
    if (!read.ready) return;
    attempt({
      title: 'Clean water now',
      doing: 'In clean water all the same',
      words: `${n} ${bag.lotLabel} of ${bag.label} in clean water`,
      drafts: cleanEntries(bag, fields, { read, units }),
      onDone: () => {
        forgetKept(form);
        onDone();
      },
    });
  };
  return (
    <section className={clsx('card', css.bagCard)} aria-label={`Clean water for ${bag.label}`}>
      <p className="soft">
        {capital(bag.label)} · {crate.supplier}
      </p>
      <p className="big">
        <span className="num">{n}</span> {bag.lotLabel} <span className="soft">into clean water</span>
      </p>
      <Caution strong>{firstAid(bag.landed!)}</Caution>
      {CLEAN_QUANTITIES.map((quantity) =>
        read.ask[quantity] || known[quantity]?.from === 'stated' ? (
          <QuantityField
            key={quantity}
            label={ASKS[quantity]}
            quantity={quantity}
            optional
            text={fields[`bag ${quantity}`]}
            onChange={set(`bag ${quantity}`)}
            hint={hintOf(quantity, known[quantity])}
          />
        ) : null,
      )}
      <p>
        Make it{' '}
        {CLEAN_QUANTITIES.map((quantity, index) => (
          <span key={quantity}>
            {index > 0 && ', '}
            <b className="num">{read.own[quantity] === undefined ? '?' : units.say(quantity, read.own[quantity])}</b>
            {known[quantity] && !read.ask[quantity] && <span className="soft"> ({known[quantity].from})</span>}
          </span>
        ))}
        , with an air stone and a lid. Net them over; the bag’s water to the drain.
      </p>
      <details className={css.cleanVessel} open={fields['made temperature'] + fields['made salinity'] !== ''}>
        <summary>The vessel, and what was made in it</summary>
        <div className="pair">
          <Form.Group className="field" controlId="clean-vessel">
            <Form.Label className="label">Vessel</Form.Label>
            <Form.Control value={fields.vessel} maxLength={40} onChange={(event) => set('vessel')(event.target.value)} />
          </Form.Group>
          <QuantityField label="Water in it" quantity="volume" text={fields.litres} onChange={set('litres')} />
        </div>
        {CLEAN_QUANTITIES.map((quantity) => (
          <QuantityField
            key={quantity}
            label={quantity === 'temperature' ? 'As warm as, read in the vessel' : 'As salt as, read in the vessel'}
            quantity={quantity}
            optional
            text={fields[`made ${quantity}`]}
            onChange={set(`made ${quantity}`)}
            hint="Left empty: as theirs."
          />
        ))}
      </details>
      {read.off.length > 0 && (
        <Caution strong>
          The vessel is more than {units.sayStep(LIKE_THEIRS.temperature)} or {units.say('salinity', LIKE_THEIRS.salinity)} off their own:
          make it nearer first.
        </Caution>
      )}
      <div className={css.bagActs}>
        <ActButton
          pressKey="dock.land"
          disabled={!read.ready}
          onPress={begin}
          hint={read.ready ? 'checked again within minutes' : 'read what is asked first'}
        >
          {n === 1 ? 'It is' : `All ${n} are`} in clean water
        </ActButton>
        <Button variant="plain" onClick={onDone}>
          Not now: the next bag
        </Button>
      </div>
    </section>
  );
}
