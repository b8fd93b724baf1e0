// Water changed or topped up at the places of a rack: litres each, worked out and to be changed by hand; what the water was, as it was read.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { ChoreCard, ChorePlaceCard, ChoresView, ChoreWater } from '#contract/views.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useHouseNow } from '../data/clock.ts';
import { useMayWrite, useMe, useTimes } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { Caution } from '../parts/Caution.tsx';
import { QuantityField } from '../parts/QuantityField.tsx';
import { useOverrule } from '../parts/useOverrule.tsx';
import { plural } from '../words/text.ts';
import css from './chores.module.scss';
import { changeEntry, pouredPpt, topUpEntry, topUpFor } from './draft.ts';

type Props = { card: ChoreCard; places: readonly ChorePlaceCard[]; view: ChoresView; rack: string };
type WaterPlace = ChorePlaceCard & { water: ChoreWater };
const isRead = (text: string, read: { ok: boolean }) => text.trim() === '' || read.ok;

export function WaterChore({ card, places, view, rack }: Props) {
  const [open, setOpen] = useState(false);
  const isChange = card.is === 'water change';
  const may = useMayWrite(isChange ? 'water.exchanged' : 'water.toppedUp');
  if (!may) return <p className="soft tight">A keeper writes it down.</p>;
  return (
    <>
      <div className={css.acts}>
        <Button
          variant="plain"
          aria-expanded={open}
          aria-label={`${isChange ? 'Changed' : 'Topped up'}, ${card.name} at ${rack}`}
          onClick={() => setOpen(!open)}
        >
          {isChange ? 'Changed …' : 'Topped up …'}
        </Button>
      </div>
      {open && (
        <WaterForm
          card={card}
          places={places.filter((place): place is WaterPlace => place.water !== undefined)}
          view={view}
          onDone={() => setOpen(false)}
        />
      )}
    </>
  );
}

type FormProps = { card: ChoreCard; places: readonly WaterPlace[]; view: ChoresView; onDone: () => void };

function WaterForm({ card, places, view, onDone }: FormProps) {
  const units = useUnits();
  const { attempt } = useOverrule();
  const { house } = useMe();
  const now = useHouseNow(MINUTE_MS);
  const isChange = card.is === 'water change';
  const usual = ({ water }: WaterPlace): number | undefined => (isChange ? (water.volumeL * (card.percent ?? 0)) / 100 : water.lastL);
  const [typed, setTyped] = useState<Record<string, string>>({});
  const [salt, setSalt] = useState('');
  const [warmth, setWarmth] = useState('');
  const textOf = (place: WaterPlace) =>
    typed[place.id] ?? (usual(place) === undefined ? '' : units.bare('volume', Math.round(usual(place)! * 10) / 10));
  const read = places.map((place) => ({ place, text: textOf(place), litres: units.read('volume', textOf(place)) }));
  const [ppt, degrees] = [units.read('salinity', salt), units.read('temperature', warmth)];
  const meant = read.flatMap(({ place, litres }) => (litres.ok && litres.value > 0 ? [{ place, litres: litres.value }] : []));
  const bad = read.some(({ text, litres }) => !isRead(text, litres)) || (isChange && !(isRead(salt, ppt) && isRead(warmth, degrees)));
  const mixed = { ...(ppt.ok ? { salinityPpt: ppt.value } : {}), ...(degrees.ok ? { temperatureC: degrees.value } : {}) };
  const adviceFor = (place: WaterPlace, litres: number) =>
    topUpFor(place.water, litres, { now, climbPpt: house.rules.prepare.climbPptPerDay });
  const drafts = meant.map(({ place, litres }) =>
    isChange
      ? changeEntry(place, litres, { mixed, salt: view.salt })
      : topUpEntry(place, litres, { ppt: pouredPpt(adviceFor(place, litres)), salt: view.salt }),
  );
  const names = meant.map(({ place }) => place.name).join(', ');
  return (
    <div className={css.more}>
      {isChange && (
        <>
          <QuantityField label="Salinity of the new water, as read" quantity="salinity" text={salt} onChange={setSalt} optional />
          <QuantityField label="Its temperature" quantity="temperature" text={warmth} onChange={setWarmth} optional />
        </>
      )}
      <ul className={css.waters}>
        {read.map(({ place, text, litres }) => (
          <li key={place.id}>
            <label>
              <span>{place.name}</span>
              <Form.Control
                inputMode="decimal"
                className="num"
                value={text}
                isInvalid={!isRead(text, litres)}
                aria-label={`Litres at ${place.name}`}
                onChange={({ target }) => setTyped({ ...typed, [place.id]: target.value })}
              />
              <span className="soft">{units.unit('volume')}</span>
            </label>
            <span className="soft">
              {isChange ? (
                `of ${units.say('volume', place.water.volumeL)}`
              ) : litres.ok && litres.value > 0 ? (
                <Advice place={place} litres={litres.value} advice={adviceFor(place, litres.value)} />
              ) : (
                'how much is missing?'
              )}
            </span>
          </li>
        ))}
      </ul>
      <Caution>
        {isChange
          ? 'Heater off while it is low; no siphon by mouth; hose and drain secured; full buckets by two. New water aired and as warm as theirs.'
          : 'Plain water for what went off: salt does not. Slowly, away from the fish. A top-up that runs by itself floods: stay.'}
      </Caution>
      <Button
        variant="act"
        disabled={bad || drafts.length === 0}
        onClick={() =>
          attempt({
            title: `${card.name}: ${names}`,
            doing: 'It was done all the same',
            words: `${card.name}: ${names}`,
            drafts,
            onDone,
          })
        }
      >
        {drafts.length === 0 ? 'Say how much' : `${isChange ? 'Changed at' : 'Topped up'} ${plural(drafts.length, 'place')}`}
      </Button>
    </div>
  );
}

function Advice({ place, litres, advice }: { place: WaterPlace; litres: number; advice: ReturnType<typeof topUpFor> }) {
  const units = useUnits();
  const { when } = useTimes();
  const ppt = (value: number) => units.say('salinity', value);
  if ('is' in advice) {
    const volume = units.say('volume', place.water.volumeL);
    return {
      fresh: 'plain water',
      'too much': `more than the ${volume} there are`,
      'not read': 'plain water: nobody read its salinity since water went in, or of late',
      treatment: 'plain water: a treatment is in it',
      match: 'plain water: it was matched to a crate, and climbs back by that plan',
    }[advice.is];
  }
  const was = `read ${ppt(place.water.readPpt!)} ${when(advice.readMs)}, meant ${ppt(place.water.targetPpt)}`;
  const poured = pouredPpt(advice);
  const becomes = `it becomes ${ppt(advice.becomesPpt)}`;
  if (poured === 0)
    return `plain water: ${was}; ${becomes}${advice.short === 'above' ? ', above what it is meant to be: change some for plain water' : ''}`;
  return `water of ${ppt(poured)}: ${was}; ${becomes}${advice.short === 'slow' ? `, the rest another day` : ''} (${units.say('volume', litres)})`;
}
