// Out of the house: sold, given, returned, put down; or spoken for. To people goes only what is cleared, and what is promised stays.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { LotView } from '#contract/views.ts';
import type { Draft } from '../data/house.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { Caution } from '../parts/Caution.tsx';
import { Chips } from '../parts/Chips.tsx';
import { CountField } from '../parts/CountField.tsx';
import { forgetKept, useKept } from '../parts/useKept.ts';
import { useOverrule } from '../parts/useOverrule.tsx';
import { asksWhy, fetchedEntries, liftedEntry, outEntry, WAYS_OUT, type Stand, type WayOut } from './draft.ts';

type Lot = NonNullable<LotView['lot']>;
type Props = { lot: Lot; places: readonly Stand[]; inQuarantine: boolean; first?: string; onDone: () => void };

export function OutForm({ lot, places, inQuarantine, first, onDone }: Props) {
  const { attempt } = useOverrule();
  const form = `out ${lot.id} ${first ?? ''}`;
  const [how, setHow] = useKept<WayOut>(form, 'how', 'sold');
  const [place, setPlace] = useState(places.find((place) => place.place === first)?.place ?? places[0]?.place);
  const [said, setSaid] = useKept(form, 'n', 1);
  const [text, setText] = useKept(form, 'why', '');
  const from = places.find((there) => there.place === place);
  const all = places.reduce((sum, place) => sum + place.n, 0);
  const most = how === 'promised' ? all : (from?.n ?? 0);
  const n = Math.min(said, most);
  const why = text.trim();
  if (!from) return <p>None of it stands in a tank.</p>;
  const write = () => {
    attempt({
      title: `${n} ${lot.label} ${how}`,
      doing: `${n} ${how} all the same`,
      words: `${n} ${lot.label} ${how}${how === 'promised' ? ` to ${why}` : ` out of ${from.name}`}`,
      drafts: [outEntry({ lot, way: how, from, n, why })],
      onDone: () => (forgetKept(form), onDone()),
    });
  };
  return (
    <div className="tank-form">
      <Chips label="How" options={WAYS_OUT} value={how} onChange={setHow} odd={(way) => way === 'put down'} />
      {how !== 'promised' && places.length > 1 && (
        <Chips
          label="Out of"
          options={places.map((place) => place.name)}
          value={from.name}
          onChange={(name) => setPlace(places.find((place) => place.name === name)!.place)}
        />
      )}
      <CountField label={`Of ${most}`} value={n} min={1} max={most} of={most} onChange={setSaid} />
      <Form.Group className="field" controlId="out-why">
        <Form.Label className="label">{how === 'promised' ? 'To whom' : how === 'put down' ? 'Why; it is kept' : 'Note'}</Form.Label>
        <Form.Control value={text} maxLength={80} onChange={(event) => setText(event.target.value)} />
      </Form.Group>
      {inQuarantine && (how === 'sold' || how === 'given away') && (
        <Caution strong>They are in quarantine: they leave for people only when it is signed off.</Caution>
      )}
      {how === 'put down' && (
        <Caution strong>Only by a method that a veterinarian or local law accepts. Never ice, never the drain.</Caution>
      )}
      <ActButton
        disabled={asksWhy(how) && why === ''}
        onPress={write}
        hint={how === 'promised' ? 'they stay until they are fetched' : 'count right in the net'}
      >
        {n} {how}
      </ActButton>
    </div>
  );
}

type PromisedProps = { lot: Lot; promise: Lot['promised'][number]; places: readonly Stand[]; keeper: boolean };

/** One promise: fetched, which sells them, or not wanted any more. */
export function Promised({ lot, promise, places, keeper }: PromisedProps) {
  const { attempt } = useOverrule();
  const from = places.find(({ n }) => n >= promise.n);
  const kept = { lot, promise };
  const settle = (doing: string, drafts: Draft[]) =>
    attempt({
      title: `${promise.n} ${lot.label} for ${promise.forWhom}`,
      doing,
      words: `${promise.n} ${lot.label} for ${promise.forWhom}: ${doing}`,
      drafts,
      onDone: () => undefined,
    });
  return (
    <p>
      {promise.n} promised to {promise.forWhom}{' '}
      {keeper && (
        <>
          <Button
            variant="link"
            className="btn-quiet"
            disabled={!from}
            onClick={() => from && settle('fetched', fetchedEntries(kept, from))}
          >
            fetched
          </Button>
          <Button variant="link" className="btn-quiet" onClick={() => settle('not wanted', [liftedEntry(kept, 'not wanted')])}>
            not wanted
          </Button>
        </>
      )}
    </p>
  );
}
