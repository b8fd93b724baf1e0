// The list as it was understood, box by box: what will be expected.
import type { PackingList } from '#core/intake/index.ts';
import { useUnits } from '../data/units.ts';
import { plural } from '../words/text.ts';
import css from './intake.module.scss';

const SHOWN = 200;

export function Lines({ list }: { list: PackingList }) {
  const { say } = useUnits();
  const boxes = [...new Set(list.bags.map(({ box }) => box))].sort((a, b) => a - b);
  const shown = list.bags.slice(0, SHOWN);
  return (
    <section className="card" aria-label="The list as it was understood">
      <h2>
        {plural(boxes.length, 'box', 'boxes')}, {list.bags.length} bags, {list.bags.reduce((sum, { n }) => sum + n, 0)} heads
      </h2>
      <table className={css.lines}>
        <thead>
          <tr>
            <th>Box</th>
            <th>Bag</th>
            <th>Heads</th>
            <th>What</th>
            <th>Length</th>
            <th>Water</th>
            <th>Origin</th>
          </tr>
        </thead>
        <tbody>
          {shown.map(({ label, box, n, free, lot, waterL, line }) => (
            <tr key={`${line} ${label}`}>
              <td className="num">{box}</td>
              <td className="num">{label.replace(/^bag /, '')}</td>
              <td className="num">
                {n}
                {free > 0 && <span className="soft"> ({free} free)</span>}
              </td>
              <td className={list.lots[lot]!.species ? '' : 'warn'}>{list.lots[lot]!.label}</td>
              <td className="num">{list.lots[lot]!.sizeCm === undefined ? '' : `${Number(list.lots[lot]!.sizeCm.toFixed(1))} cm`}</td>
              <td className="num">{waterL === undefined ? '' : say('volume', waterL)}</td>
              <td>{list.lots[lot]!.origin}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {list.bags.length > SHOWN && <p className="soft">and {list.bags.length - SHOWN} more bags</p>}
    </section>
  );
}
