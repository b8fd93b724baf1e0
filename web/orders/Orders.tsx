// What the house wants and what it has ordered: wishes, orders, the letter, and the crate that an order becomes.
import { clsx } from 'clsx';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { Link, useSearchParams } from 'react-router';
import type { IntakeView, OrderCard } from '#contract/views.ts';
import { useActions } from '../actions/actions.tsx';
import { newId, useView } from '../data/house.ts';
import { useMayWrite, useMe, useTimes } from '../data/me.ts';
import { useTitle } from '../frame/title.ts';
import { PrintButton } from '../parts/OnPaper.tsx';
import { useInAddress } from '../parts/useInAddress.ts';
import { useKept } from '../parts/useKept.ts';
import { WhyForm } from '../parts/WhyForm.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { headsOrdered, orderLetter, orderSum, sayOrderLine } from '../words/order.ts';
import { plural } from '../words/text.ts';
import { copyOf, EMPTY_ORDER, type TypedOrder } from './draft.ts';
import { ExpectForm } from './ExpectForm.tsx';
import { ORDER_FORM, OrderForm } from './OrderForm.tsx';
import css from './orders.module.scss';
import { Wishes } from './Wishes.tsx';

export default function Orders() {
  const { data: view, error, mutate } = useView('orders');
  const { data: intake } = useView('intake');
  const [query] = useSearchParams();
  const put = useInAddress();
  const mayOrder = useMayWrite('order.placed');
  const [, setTyped] = useKept<TypedOrder>(ORDER_FORM, 'order', EMPTY_ORDER);
  useTitle('Orders');
  if (!view || !intake) return <Waiting error={error} retry={() => void mutate()} />;
  const asked = query.get('order');
  const isNew = mayOrder && asked === 'new';
  const chosen = asked === null ? view.orders.find(isOpen) : view.orders.find(({ order }) => order === asked);
  const start = (typed: TypedOrder) => {
    setTyped(typed);
    put('order', 'new');
  };
  return (
    <div className={css.orders}>
      <div className={clsx(css.side, isNew && css.after)}>
        <section className="card" aria-label="Orders">
          <h1 className="station-title">Orders</h1>
          {mayOrder && !isNew && (
            <Button variant="act" onClick={() => put('order', 'new')}>
              A new order
            </Button>
          )}
          {view.orders.length === 0 && <p className="soft">Nothing was ordered yet.</p>}
          <ul className={css.list}>
            {view.orders.map((order) => (
              <li key={order.order}>
                <button
                  type="button"
                  className="row-button"
                  aria-current={!isNew && order.order === chosen?.order}
                  onClick={() => put('order', order.order)}
                >
                  <span>
                    <b>{order.supplier}</b> {plural(headsOrdered(order), 'head')}
                  </span>
                  <span className="soft">{stageOf(order)}</span>
                </button>
              </li>
            ))}
          </ul>
        </section>
        <Wishes wishes={view.wishes} species={intake.species} />
      </div>
      {isNew ? (
        <OrderForm key="new" view={view} intake={intake} onDone={(order) => put('order', order)} onLeave={() => put('order', '')} />
      ) : chosen ? (
        <OneOrder key={chosen.order} order={chosen} intake={intake} mayOrder={mayOrder} onCopy={start} />
      ) : (
        asked !== null && <p>This order is not here: it was undone, or is older than a year.</p>
      )}
    </div>
  );
}

const isOpen = ({ dropped, crate }: OrderCard) => !dropped && !crate?.arrived;
function stageOf({ dropped, crate }: OrderCard): string {
  if (dropped) return 'dropped';
  if (!crate) return 'ordered';
  return crate.arrived ? 'here' : 'on its way';
}

type OneProps = { order: OrderCard; intake: IntakeView; mayOrder: boolean; onCopy: (typed: TypedOrder) => void };

function OneOrder({ order, intake, mayOrder, onCopy }: OneProps) {
  const { house, person } = useMe();
  const { when } = useTimes();
  const { undo, recordAction } = useActions();
  const [open, setOpen] = useState<'expect' | 'drop' | 'letter'>();
  const { supplier, supplierId, lines, dropped, crate, wantedAtMs, note, currency, by, atMs } = order;
  const contact = intake.suppliers.find(({ id }) => id === supplierId)?.contact;
  const copy = (instead: boolean) => onCopy(copyOf(order, { zone: house.zone, newId, instead }));
  const toggle = (part: 'expect' | 'drop' | 'letter') => setOpen(open === part ? undefined : part);
  const sum = orderSum(order);
  return (
    <section className="card" aria-label={`The order of ${supplier}`}>
      <h2>
        {supplier}: {plural(headsOrdered(order), 'head')}
      </h2>
      <p className="soft tight">
        {by}, {when(atMs)}
        {wantedAtMs !== undefined && ` · to be here ${when(wantedAtMs)}`}
        {sum && ` · ${sum}`}
      </p>
      {dropped && (
        <p className="warn">
          Dropped: {dropped.by}, {when(dropped.atMs)}: {dropped.why}
        </p>
      )}
      {crate && (
        <p>
          {crate.arrived ? 'Here as' : 'On its way as'}{' '}
          <Link to={crate.arrived ? `/dock/report?crate=${crate.crate}` : `/dock?crate=${crate.crate}`}>{crate.label}</Link>
        </p>
      )}
      <ol>
        {lines.map((line) => (
          <li key={line.line}>{sayOrderLine(line, { currency })}</li>
        ))}
      </ol>
      {note && <p>{note}</p>}
      <div className="chips no-print">
        {!dropped && (
          <Button variant="plain" aria-expanded={open === 'letter'} onClick={() => toggle('letter')}>
            The letter
          </Button>
        )}
        {mayOrder && !dropped && !crate && (
          <Button variant="plain" aria-expanded={open === 'expect'} onClick={() => toggle('expect')}>
            It is on its way
          </Button>
        )}
        {mayOrder && (
          <Button variant="plain" onClick={() => copy(false)}>
            Order the same again
          </Button>
        )}
        {mayOrder && !dropped && !crate && (
          <>
            <Button variant="plain" onClick={() => copy(true)}>
              Change it
            </Button>
            <Button variant="plain" aria-expanded={open === 'drop'} onClick={() => toggle('drop')}>
              Drop it
            </Button>
          </>
        )}
        {(person.role === 'lead' || by === person.name) && !crate && !dropped && (
          <Button variant="plain" onClick={() => void undo(order.actId, `the order of ${supplier}`)}>
            Undo
          </Button>
        )}
        <PrintButton />
      </div>
      {open === 'letter' && (
        <>
          <p className="soft">{contact ? `Reached by: ${contact}` : 'How to reach them is not known: House, Suppliers.'}</p>
          <Form.Control
            aria-label="The letter"
            as="textarea"
            rows={14}
            readOnly
            value={orderLetter(order, { house: house.name, when })}
            onFocus={(event) => event.currentTarget.select()}
          />
        </>
      )}
      {open === 'drop' && (
        <WhyForm
          label="Why it is dropped"
          submit="Drop the order"
          onSay={(why) => {
            setOpen(undefined);
            void recordAction(`The order of ${supplier} is dropped`, { kind: 'order.dropped', payload: { order: order.order, why } });
          }}
        />
      )}
      {open === 'expect' && <ExpectForm order={order} onLeave={() => setOpen(undefined)} />}
    </section>
  );
}
