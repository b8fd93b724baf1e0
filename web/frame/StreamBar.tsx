// The stream: every living fish at one stage, drawn as counts that add up. Each stage opens its station.
import { NavLink } from 'react-router';
import type { StreamView } from '#contract/views.ts';
import { STAGES, type Stage } from '#core/stock/index.ts';
import { useView } from '../data/house.ts';

const PLACES: Record<Stage | 'expected', { name: string; to: string }> = {
  expected: { name: 'Expected', to: '/dock' },
  dock: { name: 'Dock', to: '/dock' },
  bench: { name: 'Bench', to: '/bench' },
  quarantine: { name: 'Quarantine', to: '/room?stage=quarantine' },
  cleared: { name: 'Cleared', to: '/room?stage=cleared' },
  promised: { name: 'Promised', to: '/room?stage=promised' },
};

export function StreamBar() {
  const { data } = useView('stream');
  return (
    <header className="stream">
      <NavLink to="/dock" className="stream-name">
        Daily
        <br />
        Crate
      </NavLink>
      <nav aria-label="Stages">
        <ul className="stream-stages">
          {(['expected', ...STAGES] as const).map((stage) => (
            <StageItem key={stage} stage={stage} view={data} />
          ))}
          {data && data.inHouse > 0 && (
            <li className="stream-flow" aria-hidden>
              {STAGES.map((stage) => (
                <Part key={stage} stage={stage} view={data} />
              ))}
            </li>
          )}
        </ul>
      </nav>
      <div className="stream-sum">
        <span>
          <b className="num total">{data?.inHouse ?? '–'}</b> in the house
        </span>
        <span>
          lost in 7 days <b className="num">{data?.lost7 ?? '–'}</b>
        </span>
      </div>
    </header>
  );
}

function StageItem({ stage, view }: { stage: Stage | 'expected'; view: StreamView | undefined }) {
  const { name, to } = PLACES[stage];
  return (
    <li className={stage === 'expected' ? 'outside' : ''}>
      <NavLink to={to}>
        <b className="num">{view ? view[stage] : '–'}</b>
        <span>{name}</span>
      </NavLink>
    </li>
  );
}

/** A stage's share of the house, by grid so that no inline style is needed. */
function Part({ stage, view }: { stage: Stage; view: StreamView }) {
  return <i className={`flow-${stage}`} ref={(element) => void element?.style.setProperty('flex-grow', String(view[stage]))} />;
}
