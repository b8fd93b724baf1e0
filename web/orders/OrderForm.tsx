// An order being put together: from whom, in what currency, for when, its lines; what was wished for is one tap each.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { IntakeView, OrdersView } from '#contract/views.ts';
import { houseNow } from '../data/clock.ts';
import { newId } from '../data/house.ts';
import { useMe } from '../data/me.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { ChooseSupplier } from '../parts/ChooseSupplier.tsx';
import { forgetKept, useKept } from '../parts/useKept.ts';
import { useOverrule } from '../parts/useOverrule.tsx';
import { sayOrderLine } from '../words/order.ts';
import { plural } from '../words/text.ts';
import { EMPTY_ORDER, lineOf, lineOfWish, orderEntries, orderFaults, type TypedLine, type TypedOrder } from './draft.ts';
import { LineForm } from './LineForm.tsx';

export const ORDER_FORM = 'an order';
type Props = { view: OrdersView; intake: IntakeView; onDone: (order: string) => void; onLeave: () => void };

export function OrderForm({ view, intake, onDone, onLeave }: Props) {
  const { house } = useMe();
  const { attempt } = useOverrule();
  const [typed, setTyped] = useKept<TypedOrder>(ORDER_FORM, 'order', EMPTY_ORDER);
  const set = (part: Partial<TypedOrder>) => setTyped((now) => ({ ...now, ...part }));
  const setLines = (change: (lines: TypedLine[]) => TypedLine[]) => setTyped((now) => ({ ...now, lines: change(now.lines) }));
  const faults = orderFaults(typed, { zone: house.zone, now: houseNow() });
  const heads = typed.lines.reduce((sum, { n }) => sum + n, 0);
  const open = view.wishes.filter(({ wish }) => typed.lines.every((line) => line.wish !== wish));
  const place = () => {
    const order = newId();
    attempt({
      title: 'The order',
      doing: 'It is ordered',
      words: `${heads} heads ordered`,
      drafts: orderEntries(typed, { order, zone: house.zone }),
      onDone: () => {
        forgetKept(ORDER_FORM);
        onDone(order);
      },
    });
  };
  return (
    <section className="card" aria-label="A new order">
      <h2>{typed.instead ? 'The order, changed' : 'A new order'}</h2>
      <ChooseSupplier
        label="Order from"
        suppliers={intake.suppliers}
        value={typed.supplier}
        onChoose={(chosen) => set({ supplier: chosen?.id ?? '' })}
      />
      <div className="pair">
        <Form.Group className="field" controlId="order-wanted">
          <Form.Label className="label">To be here (may be left empty)</Form.Label>
          <Form.Control type="datetime-local" value={typed.wanted} onChange={(event) => set({ wanted: event.target.value })} />
        </Form.Group>
        <Form.Group className="field" controlId="order-currency">
          <Form.Label className="label">Prices are in</Form.Label>
          <Form.Control
            value={typed.currency}
            maxLength={3}
            placeholder="EUR"
            onChange={(event) => set({ currency: event.target.value.toUpperCase() })}
          />
        </Form.Group>
      </div>
      {open.length > 0 && (
        <div className="field">
          <span className="label">Wished for</span>
          <div className="chips" role="group" aria-label="Wished for">
            {open.map((wish) => (
              <Button key={wish.wish} variant="plain" onClick={() => setLines((lines) => [...lines, lineOfWish(wish, newId())])}>
                {wish.n} {wish.label}
                {wish.forWhom && `, for ${wish.forWhom}`}
              </Button>
            ))}
          </div>
        </div>
      )}
      <OrderLines view={view} intake={intake} typed={typed} setLines={setLines} />
      <Form.Group className="field" controlId="order-note">
        <Form.Label className="label">A word to them (may be left empty)</Form.Label>
        <Form.Control value={typed.note} maxLength={500} onChange={(event) => set({ note: event.target.value })} />
      </Form.Group>
      {typed.lines.length > 0 && faults.length > 0 && (
        <ul className="warn">
          {faults.map((fault) => (
            <li key={fault}>{fault}</li>
          ))}
        </ul>
      )}
      <ActButton onPress={place} disabled={faults.length > 0} hint="Daily Crate sends nothing itself: the letter is ready after it">
        {heads > 0 ? `Order ${plural(heads, 'head')}` : 'Order'}
      </ActButton>
      <div className="chips">
        <Button variant="plain" onClick={onLeave}>
          Leave it for now
        </Button>
        <Button
          variant="plain"
          onClick={() => {
            forgetKept(ORDER_FORM);
            onLeave();
          }}
        >
          Throw it away
        </Button>
      </div>
    </section>
  );
}

const sayTyped = (line: TypedLine, currency: string) => sayOrderLine({ ...lineOf(line), label: line.label || 'not named' }, { currency });

type LinesProps = Pick<Props, 'view' | 'intake'> & { typed: TypedOrder; setLines: (change: (lines: TypedLine[]) => TypedLine[]) => void };

function OrderLines({ view, intake, typed, setLines }: LinesProps) {
  const [changing, setChanging] = useState<string>();
  return (
    <>
      {typed.lines.length > 0 && (
        <ol aria-label="Lines of the order">
          {typed.lines.map((line) => (
            <li key={line.line}>
              {changing === line.line ? (
                <LineForm
                  start={line}
                  supplier={typed.supplier}
                  species={intake.species}
                  came={view.came}
                  newId={newId}
                  onDone={(next) => {
                    setLines((lines) => lines.map((known) => (known.line === line.line ? next : known)));
                    setChanging(undefined);
                  }}
                  onLeave={() => setChanging(undefined)}
                />
              ) : (
                <>
                  {sayTyped(line, typed.currency)}{' '}
                  <Button variant="quiet" className="btn-quiet" aria-label={`Change ${line.label}`} onClick={() => setChanging(line.line)}>
                    Change
                  </Button>{' '}
                  <Button
                    variant="quiet"
                    className="btn-quiet"
                    aria-label={`Take ${line.label} off`}
                    onClick={() => setLines((lines) => lines.filter((known) => known.line !== line.line))}
                  >
                    Take off
                  </Button>
                </>
              )}
            </li>
          ))}
        </ol>
      )}
      {changing === undefined && (
        <LineForm
          key={`new ${typed.supplier}`}
          supplier={typed.supplier}
          species={intake.species}
          came={view.came}
          newId={newId}
          onDone={(line) => setLines((lines) => [...lines, line])}
        />
      )}
    </>
  );
}
