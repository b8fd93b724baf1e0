// This tool was in this tank too: one tap, and undone like anything. A mistake that is written down can be traced.
import Button from 'react-bootstrap/Button';
import type { MovesView, ToolCard } from '#contract/views.ts';
import { handsOf } from '#core/exposure/index.ts';
import { useDeeds } from '../data/deed.tsx';
import { useMe, useTimes } from '../data/me.ts';

type Props = { moves: MovesView | undefined; tank: { id: string; code: string }; rack: string | undefined };

export function ToolTaps({ moves, tank, rack }: Props) {
  const { doIt } = useDeeds();
  const { person } = useMe();
  const { when } = useTimes();
  if (!moves) return null;
  const used = (tool: ToolCard) =>
    void doIt(`${tool.name} was in ${tank.code}`, { kind: 'tool.used', payload: { tool: tool.id, tanks: [tank.id] } });
  return (
    <section className="tool-taps" aria-label={`What was wet in ${tank.code}`}>
      <h3>Was in {tank.code} too</h3>
      <div className="chips">
        {offered(moves.tools, { rack, hands: handsOf(person.id) }).map((tool) => {
          const elsewhere = tool.wet.filter((one) => one.tank !== tank.id);
          const here = tool.wet.some((one) => one.tank === tank.id);
          return (
            <Button
              key={tool.id}
              variant={elsewhere.length > 0 ? 'odd' : 'plain'}
              onClick={() => used(tool)}
              aria-label={`${tool.name} was in ${tank.code}`}
            >
              {tool.what === 'hands' ? 'my hands' : tool.name}
              {elsewhere.length > 0 ? (
                <small> wet from {elsewhere.map(({ code }) => code).join(' ')}</small>
              ) : here ? (
                <small> {when(tool.wet[0]!.atMs)}</small>
              ) : null}
            </Button>
          );
        })}
      </div>
    </section>
  );
}

/** The rack's own tools, whatever is wet, and one's own hands. */
function offered(tools: readonly ToolCard[], { rack, hands }: { rack: string | undefined; hands: string }): ToolCard[] {
  const own = (tool: ToolCard) => tool.racks.length === 0 || (rack !== undefined && tool.racks.includes(rack));
  return tools.filter((tool) => tool.id === hands || (tool.what !== 'hands' && (own(tool) || tool.wet.length > 0)));
}
