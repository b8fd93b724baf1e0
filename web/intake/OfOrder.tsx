// Which order a list is of, where its supplier has one that is open.
import Form from 'react-bootstrap/Form';
import type { OrderCard } from '#contract/views.ts';
import { useTimes } from '../data/me.ts';
import { headsOrdered } from '../words/order.ts';
import { plural } from '../words/text.ts';

type Props = { orders: readonly OrderCard[]; value: string; onChoose: (order: string) => void };

export function OfOrder({ orders, value, onChoose }: Props) {
  const { when } = useTimes();
  if (orders.length === 0) return null;
  const chosen = orders.find(({ order }) => order === value);
  return (
    <Form.Group className="field" controlId="intake-order">
      <Form.Label className="label">Of the order</Form.Label>
      <Form.Select value={value} onChange={(event) => onChoose(event.target.value)}>
        <option value="">of none, or not known</option>
        {orders.map((order) => (
          <option key={order.order} value={order.order}>
            {plural(headsOrdered(order), 'head')}, {when(order.atMs)}, {order.by}
          </option>
        ))}
      </Form.Select>
      {chosen?.crate && (
        <span className="soft">It is expected as {chosen.crate.label}: this list takes its place, and tanks kept for it stay kept.</span>
      )}
    </Form.Group>
  );
}
