// Whether a lot is ready for medicine: a list that ticks itself from the records.
import type { LotView } from '#contract/views.ts';
import { isReady } from '#core/healing/index.ts';
import { CRITERION_SAYS, LACKS } from '../words/healing.ts';

export function Ready({ condition }: { condition: NonNullable<NonNullable<LotView['lot']>['condition']> }) {
  return (
    <details open={!isReady(condition)}>
      <summary>{isReady(condition) ? 'Ready for medicine, by the records' : 'Not ready for medicine yet'}</summary>
      <ul className="plain-list">
        {condition.map(({ is, ok }) => (
          <li key={is} className={ok ? undefined : 'warn'}>
            {ok ? `✓ ${CRITERION_SAYS[is]}` : `✗ ${LACKS[is]}`}
          </li>
        ))}
      </ul>
      <p className="soft tight">Until then a treatment is asked about. Conditioned is not free of disease: quarantine follows.</p>
    </details>
  );
}
