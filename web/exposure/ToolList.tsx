// Tools that are wet, and where they were; disinfected in one tap.
import Button from 'react-bootstrap/Button';
import type { MovesView } from '#contract/views.ts';
import { useActions } from '../actions/actions.tsx';
import { useTimes } from '../data/me.ts';
import css from './exposure.module.scss';

export function ToolList({ moves }: { moves: MovesView | undefined }) {
  const { recordAction } = useActions();
  const { when } = useTimes();
  const wet = moves?.tools.filter((tool) => tool.wet.length > 0) ?? [];
  if (wet.length === 0) return null;
  return (
    <section aria-label="Wet tools">
      <h3>Wet, not disinfected</h3>
      <ul className="plain-list">
        {wet.map((tool) => (
          <li key={tool.id} className={css.toolRow}>
            <span>
              {tool.name}: <span className="num">{tool.wet.map(({ code }) => code).join(' ')}</span>{' '}
              <span className="soft">{when(tool.wet[0]!.atMs)}</span>
            </span>
            <Button
              variant="plain"
              aria-label={`${tool.name} ${tool.what === 'hands' ? 'washed' : 'disinfected'}`}
              onClick={() =>
                void recordAction(`${tool.name} ${tool.what === 'hands' ? 'washed' : 'disinfected'}`, {
                  kind: 'tool.disinfected',
                  payload: { tool: tool.id },
                })
              }
            >
              {tool.what === 'hands' ? 'Washed' : 'Disinfected'}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
