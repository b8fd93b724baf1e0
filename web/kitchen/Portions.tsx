// Each tank's portion in walking order, to be carried along the racks.
import type { KitchenView } from '#contract/views.ts';
import { sayG } from '../words/kitchen.ts';
import { plural } from '../words/text.ts';
import css from './kitchen.module.scss';

export function Portions({ view }: { view: KitchenView }) {
  if (view.tanks.length === 0) return null;
  const nameOf = (mix: string) => view.mixes.find(({ id }) => id === mix)?.name ?? mix;
  return (
    <section className="card" aria-label="Tank by tank">
      <h2>Tank by tank, {plural(view.tanks.length, 'tank')}</h2>
      <div className={css.wideTable} tabIndex={0} role="region" aria-label="Portions in walking order">
        <table>
          <thead>
            <tr>
              <th>Tank</th>
              <th>Food</th>
              <th className={css.right}>Portion</th>
              <th>For</th>
            </tr>
          </thead>
          <tbody>
            {view.tanks.flatMap(({ id, code, portions, less }) =>
              portions.map((portion, index) => (
                <tr key={`${id} ${portion.food} ${portion.mix ?? ''}`}>
                  {index === 0 && (
                    <th scope="row" rowSpan={portions.length}>
                      {code}
                      {less && <span className="warn"> half</span>}
                    </th>
                  )}
                  <td>
                    {portion.food}
                    {portion.mix !== undefined && <b> with {nameOf(portion.mix)}</b>}
                  </td>
                  <td className={css.right}>
                    {portion.unmeasured === portion.heads ? (
                      'by eye'
                    ) : (
                      <span className="num">
                        {portion.g < 0.1 ? 'a pinch' : sayG(portion.g)}
                        {portion.unmeasured > 0 && ' +'}
                      </span>
                    )}
                  </td>
                  <td className="soft">
                    {portion.lots.join(', ')}
                    {portion.watched && ': watch'}
                  </td>
                </tr>
              )),
            )}
          </tbody>
        </table>
      </div>
    </section>
  );
}
