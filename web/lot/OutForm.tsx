// Out of the house: sold, given, returned, put down; or spoken for. To people goes only what is cleared, and what is promised stays.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { LotView } from '#contract/views.ts';
import { newId, type Draft } from '../data/house.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { Caution } from '../parts/Caution.tsx';
import { Chips } from '../parts/Chips.tsx';
import { CountField } from '../parts/CountField.tsx';
import { useOverrule } from '../parts/useOverrule.tsx';

type Lot = NonNullable<LotView['lot']>;
export type Stand = { place: string; name: string; n: number };
const HOW = ['sold', 'given away', 'returned', 'put down', 'promised'] as const;
type How = (typeof HOW)[number];
const TO = { sold: 'sold', 'given away': 'given', returned: 'returned', 'put down': 'put-down' } as const satisfies Record<
  Exclude<How, 'promised'>,
  string
>;

type Props = { lot: Lot; places: readonly Stand[]; inQuarantine: boolean; first?: string; onDone: () => void };

export function OutForm({ lot, places, inQuarantine, first, onDone }: Props) {
  const { attempt } = useOverrule();
  const [how, setHow] = useState<How>('sold');
  const [place, setPlace] = useState(places.find((one) => one.place === first)?.place ?? places[0]?.place);
  const [said, setSaid] = useState(1);
  const [text, setText] = useState('');
  const from = places.find((one) => one.place === place);
  const all = places.reduce((sum, one) => sum + one.n, 0);
  const most = how === 'promised' ? all : (from?.n ?? 0);
  const n = Math.min(said, most);
  const why = text.trim();
  // To whom something is promised, and why a fish is put down, is not left out.
  const wanted = how === 'promised' || how === 'put down';
  if (!from) return <p>None of it stands in a tank.</p>;
  const write = () => {
    const draft: Draft =
      how === 'promised'
        ? { kind: 'lot.promised', payload: { promise: newId(), lot: lot.id, n, forWhom: why } }
        : {
            kind: 'stock.moved',
            payload: { moves: [{ lot: lot.id, from: from.place, to: TO[how], n }], ...(why ? { why } : {}) },
          };
    attempt({
      title: `${n} ${lot.label} ${how}`,
      doing: `${n} ${how} all the same`,
      words: `${n} ${lot.label} ${how}${how === 'promised' ? ` to ${why}` : ` out of ${from.name}`}`,
      drafts: [draft],
      onDone,
    });
  };
  return (
    <div className="tank-form">
      <Chips label="How" options={HOW} value={how} onChange={setHow} odd={(one) => one === 'put down'} />
      {how !== 'promised' && places.length > 1 && (
        <Chips
          label="Out of"
          options={places.map((one) => one.name)}
          value={from.name}
          onChange={(name) => setPlace(places.find((one) => one.name === name)!.place)}
        />
      )}
      <CountField label={`Of ${most}`} value={n} min={1} max={most} onChange={setSaid} />
      <Form.Group className="field" controlId="out-why">
        <Form.Label className="label">{how === 'promised' ? 'To whom' : how === 'put down' ? 'Why; it is kept' : 'Note'}</Form.Label>
        <Form.Control value={text} maxLength={80} onChange={(event) => setText(event.target.value)} />
      </Form.Group>
      {inQuarantine && (how === 'sold' || how === 'given away') && (
        <Caution strong>They are in quarantine: they leave for people only when it is signed off.</Caution>
      )}
      {how === 'put down' && (
        <Caution strong>
          By a method that is humane and lawful where you are; a veterinarian says which. Never ice, never the drain.
        </Caution>
      )}
      <ActButton
        disabled={wanted && why === ''}
        onPress={write}
        hint={how === 'promised' ? 'they stay until they are fetched' : 'count right in the net'}
      >
        {n} {how}
      </ActButton>
    </div>
  );
}

type PromisedProps = { lot: Lot; one: Lot['promised'][number]; places: readonly Stand[]; keeper: boolean };

/** One promise: fetched, which sells them, or not wanted any more. */
export function Promised({ lot, one, places, keeper }: PromisedProps) {
  const { attempt } = useOverrule();
  const from = places.find(({ n }) => n >= one.n);
  const lifted = (why: string): Draft => ({ kind: 'promise.lifted', payload: { promise: one.promise, lot: lot.id, why } });
  const settle = (doing: string, drafts: Draft[]) =>
    attempt({
      title: `${one.n} ${lot.label} for ${one.forWhom}`,
      doing,
      words: `${one.n} ${lot.label} for ${one.forWhom}: ${doing}`,
      drafts,
      onDone: () => undefined,
    });
  return (
    <p>
      {one.n} promised to {one.forWhom}{' '}
      {keeper && (
        <>
          <Button
            variant="link"
            className="btn-quiet"
            disabled={!from}
            onClick={() =>
              from &&
              settle('fetched', [
                lifted('fetched'),
                { kind: 'stock.moved', payload: { moves: [{ lot: lot.id, from: from.place, to: 'sold', n: one.n }], why: one.forWhom } },
              ])
            }
          >
            fetched
          </Button>
          <Button variant="link" className="btn-quiet" onClick={() => settle('not wanted', [lifted('not wanted')])}>
            not wanted
          </Button>
        </>
      )}
    </p>
  );
}
