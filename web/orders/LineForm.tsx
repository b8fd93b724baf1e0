// One line of an order: what, how many, of what length, sex, origin and price, for whom; with how many to order so that enough come alive.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { DockView, OrdersView } from '#contract/views.ts';
import { MOST_ORDERED, ORDER_SURE, SEXES_WANTED } from '#core/dock/index.ts';
import { ORIGINS } from '#core/lots/index.ts';
import { Chips } from '../parts/Chips.tsx';
import { CountField } from '../parts/CountField.tsx';
import { SpeciesPicker } from '../parts/SpeciesPicker.tsx';
import { adviceFor, emptyLine, lineFault, NO_ORIGIN, NO_SEX, type TypedLine } from './draft.ts';

type Props = {
  start?: TypedLine;
  supplier: string;
  species: DockView['species'];
  came: OrdersView['came'];
  newId: () => string;
  onDone: (line: TypedLine) => void;
  onLeave?: () => void;
};

export function LineForm({ start, supplier, species, came, newId, onDone, onLeave }: Props) {
  const [line, setLine] = useState(() => start ?? emptyLine(newId()));
  // How many are to come alive, once more than that were ordered for it; a count by hand is a new wish.
  const [wanted, setWanted] = useState<number>();
  const set = (part: Partial<TypedLine>) => setLine((now) => ({ ...now, ...part }));
  const fault = lineFault(line);
  const known = species.find(({ id }) => id === line.species);
  return (
    <div className="form-part" role="group" aria-label={start ? `Change ${start.label}` : 'Another line'}>
      <SpeciesPicker
        label="What: any name it goes by"
        species={species}
        value={line.label ? { heardAs: line.heardAs ?? line.label, ...(known ? { species: known } : {}) } : undefined}
        onChange={(heard) =>
          setLine(({ species: _species, ...now }) => ({
            ...now,
            label: heard.species?.common ?? heard.heardAs,
            ...(heard.species ? { species: heard.species.id } : {}),
            heardAs: heard.heardAs || undefined,
          }))
        }
      />
      <CountField
        label="Heads"
        value={line.n}
        min={1}
        max={MOST_ORDERED}
        onChange={(n) => {
          setWanted(undefined);
          set({ n });
        }}
      />
      <Advice
        came={came}
        supplier={supplier}
        line={line}
        wanted={wanted}
        onTake={(n) => {
          setWanted(wanted ?? line.n);
          set({ n });
        }}
      />
      <div className="pair">
        <Text id="size" label="About so long, cm" value={line.sizeCm} max={8} onSet={(sizeCm) => set({ sizeCm })} />
        <Text id="price" label="Price of one" value={line.price} max={20} onSet={(price) => set({ price })} />
      </div>
      <Chips label="Sex" options={[NO_SEX, ...SEXES_WANTED]} value={line.sex} onChange={(sex) => set({ sex })} />
      <Chips
        label="Wild, farmed or bred"
        options={[NO_ORIGIN, ...ORIGINS.filter((origin) => origin !== 'unknown')]}
        value={line.origin}
        onChange={(origin) => set({ origin })}
      />
      <Text id="for" label="For whom (may be left empty)" value={line.forWhom} max={120} onSet={(forWhom) => set({ forWhom })} />
      {fault && line.label !== '' && (
        <p className="field-problem" role="alert">
          {fault}
        </p>
      )}
      <div className="chips">
        <Button
          variant="plain"
          disabled={fault !== undefined}
          onClick={() => {
            onDone(line);
            setWanted(undefined);
            if (!start) setLine(emptyLine(newId()));
          }}
        >
          {start ? 'It is so' : `Put ${line.label ? `${line.n} ${line.label}` : 'it'} on the order`}
        </Button>
        {onLeave && (
          <Button variant="plain" onClick={onLeave}>
            Leave it
          </Button>
        )}
      </div>
    </div>
  );
}

function Text({ id, label, value, max, onSet }: { id: string; label: string; value: string; max: number; onSet: (text: string) => void }) {
  return (
    <Form.Group className="field" controlId={`order-line-${id}`}>
      <Form.Label className="label">{label}</Form.Label>
      <Form.Control value={value} maxLength={max} autoComplete="off" onChange={(event) => onSet(event.target.value)} />
    </Form.Group>
  );
}

/** By what came alive of them before: an estimate, and offered only. */
function Advice({
  came,
  supplier,
  line,
  wanted = line.n,
  onTake,
}: {
  came: OrdersView['came'];
  supplier: string;
  line: TypedLine;
  /** Alive; more may be ordered for it. */
  wanted?: number;
  onTake: (n: number) => void;
}) {
  if (supplier === '' || line.label === '') return null;
  const found = adviceFor(came, { supplier, species: line.species, wanted });
  if (!found) return <p className="soft tight">Nothing came from them yet: how many arrive alive is not known.</p>;
  const { ofKind, lived, died, quantity } = found;
  const record = `${died} of ${lived + died} ${ofKind ? line.label : 'of all that they sent'} came dead`;
  return (
    <p className="soft tight">
      {record}.{' '}
      {quantity === undefined
        ? 'By that no order of a usual size is enough.'
        : quantity.order === wanted
          ? 'By that it is enough for as many alive.'
          : `For ${wanted} alive in ${Math.round(ORDER_SURE * 10)} of 10 crates order ${quantity.order} at least (estimate).`}{' '}
      {quantity !== undefined && quantity.order > line.n && (
        <Button variant="quiet" className="btn-quiet" onClick={() => onTake(quantity.order)}>
          Order {quantity.order}
        </Button>
      )}
    </p>
  );
}
