// An order that is on its way, where its supplier sends no list: when it was packed and is due, and in how many bags each line comes.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { useNavigate } from 'react-router';
import type { OrderCard } from '#contract/views.ts';
import { formatWall } from '#core/time/index.ts';
import { newId } from '../data/house.ts';
import { useMe } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { CountField } from '../parts/CountField.tsx';
import { CrateFacts } from '../parts/CrateFacts.tsx';
import { faultsOf, type Filled } from '../parts/crateFacts.ts';
import { useOverrule } from '../parts/useOverrule.tsx';
import { headsOrdered } from '../words/order.ts';
import { plural } from '../words/text.ts';
import { crateOfOrder } from './draft.ts';

const MOST_BAGS = 100;

export function ExpectForm({ order, onLeave }: { order: OrderCard; onLeave: () => void }) {
  const { house } = useMe();
  const units = useUnits();
  const navigate = useNavigate();
  const { attempt } = useOverrule();
  const [filled, setFilled] = useState<Filled>(() => ({
    label: order.supplier,
    packed: '',
    due: order.wantedAtMs === undefined ? '' : formatWall(order.wantedAtMs, house.zone),
    temperature: '',
    salinity: '',
    pH: '',
    lastMeal: '',
    caught: '',
    packedWith: '',
  }));
  const [bags, setBags] = useState<Record<string, number>>({});
  const bagsOf = (line: string) => bags[line] ?? 1;
  const total = order.lines.reduce((sum, { line, n }) => sum + Math.min(n, bagsOf(line)), 0);
  const faults = faultsOf(filled, { zone: house.zone, units });
  const save = () => {
    const crate = crateOfOrder(order, { filled, bagsOf, zone: house.zone, units, newId });
    attempt({
      title: 'Is that right?',
      doing: 'It is so',
      words: `${crate.label}: ${headsOrdered(order)} heads in ${total} bags expected`,
      drafts: [{ kind: 'crate.expected', payload: crate }],
      onDone: () => void navigate(`/dock?crate=${crate.crate}`),
    });
  };
  return (
    <section aria-label="It is on its way">
      <h3>It is on its way</h3>
      <p className="soft tight">
        Their own packing list tells more: bags, water, what was left out. <b>Take in a packing list</b> and say there that it is of this
        order.
      </p>
      <CrateFacts filled={filled} onSet={(field, text) => setFilled((now) => ({ ...now, [field]: text }))} />
      {order.lines.map(({ line, label, n }) => (
        <CountField
          key={line}
          label={`Bags of ${label} (${n})`}
          value={bagsOf(line)}
          min={1}
          max={Math.min(n, MOST_BAGS)}
          onChange={(count) => setBags((now) => ({ ...now, [line]: count }))}
        />
      ))}
      {faults.length > 0 && (
        <ul className="warn">
          {faults.map((fault) => (
            <li key={fault}>{fault}</li>
          ))}
        </ul>
      )}
      <ActButton onPress={save} disabled={faults.length > 0} hint="without a list: what is in each bag is told at the dock">
        Expect {headsOrdered(order)} heads in {plural(total, 'bag')}
      </ActButton>
      <Button variant="plain" onClick={onLeave}>
        Not yet
      </Button>
    </section>
  );
}
