// The round on paper: every tank in walking order, who lives there and what to look for, with room to write what was seen.
import { Link, useSearchParams } from 'react-router';
import type { RoundTank } from '#contract/views.ts';
import { useView } from '../data/house.ts';
import { useTimes } from '../data/me.ts';
import { PaperHead, PrintButton } from '../parts/OnPaper.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { sayOdd } from './odd.ts';
import css from './rounds.module.scss';

export default function RoundSheet() {
  const [query] = useSearchParams();
  const asked = query.get('round');
  const { data, error, mutate } = useView('rounds', asked ? { round: asked } : {});
  if (!data) return <Waiting error={error} retry={() => void mutate()} />;
  const title = `${data.round === 'morning' ? 'Morning' : 'Evening'} round, ${data.tanks.length} tanks`;
  return (
    <div className={css.sheet}>
      <p className="no-print">
        <Link to={asked ? `/rounds?round=${data.round}` : '/rounds'}>Back to the round</Link> <PrintButton />
      </p>
      <PaperHead title={title} />
      <h1 className="station-title no-print">{title}</h1>
      <div className={css.wideTable} tabIndex={0} role="region" aria-label={title}>
        <table>
          <thead>
            <tr>
              <th>Tank</th>
              <th>Who is there</th>
              <th>Odd lately, to mend</th>
              <th>Well</th>
              <th>Fed, ate</th>
              <th>Seen, missing, dead</th>
              <th>Time, who</th>
            </tr>
          </thead>
          <tbody>
            {data.tanks.map((tank) => (
              <Row key={tank.id} tank={tank} />
            ))}
          </tbody>
        </table>
      </div>
      <p>A health check is no head count: write a number only where each was counted. What stands here goes into the round afterwards.</p>
    </div>
  );
}

function Row({ tank }: { tank: RoundTank }) {
  const { when } = useTimes();
  return (
    <tr>
      <th scope="row">
        {tank.code}
        {tank.suspect && <small>suspect: last, own net</small>}
      </th>
      <td>
        {tank.lots.map(({ lot, n, label, lastFed }) => (
          <div key={lot}>
            <b className="num">{n}</b> {label}
            {lastFed && (
              <small>
                {' '}
                {lastFed.response} {when(lastFed.atMs)}
              </small>
            )}
          </div>
        ))}
      </td>
      <td>
        {tank.odd.map((oddity) => (
          <div key={oddity.atMs + oddity.lot}>{sayOdd(oddity)}</div>
        ))}
        {tank.faults.map(({ what }) => (
          <div key={what}>mend: {what}</div>
        ))}
      </td>
      <td className={css.box} />
      <td className={css.wide} />
      <td className={css.wide} />
      <td className={css.narrow}>{tank.checkedAtMs !== undefined && `${when(tank.checkedAtMs)} ${tank.checkedBy}`}</td>
    </tr>
  );
}
