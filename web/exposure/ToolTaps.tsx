// This tool was in this tank too: one tap, and undone like anything. A mistake that is written down can be traced.
import Button from 'react-bootstrap/Button';
import type { MovesView, ToolCard } from '#contract/views.ts';
import { handsOf } from '#core/exposure/index.ts';
import { useView } from '../data/house.ts';
import { useMe, useTimes } from '../data/me.ts';
import { placedIn } from '../moves/Meeting.tsx';
import { useContactAgain } from '../moves/useQuarantineAgain.tsx';
import { knowing, useOverrule } from '../parts/useOverrule.tsx';
import css from './exposure.module.scss';

type Props = { moves: MovesView | undefined; tank: { id: string; code: string }; rack: string | undefined };

export function ToolTaps({ moves, tank, rack }: Props) {
  const overrule = useOverrule();
  const { person } = useMe();
  const { when } = useTimes();
  const tools = moves ? offered(moves.tools, { rack, hands: handsOf(person.id) }) : [];
  const elsewhereOf = (tool: ToolCard) => tool.wet.filter((use) => use.tank !== tank.id);
  const again = useContactAgain({ from: tools.flatMap(elsewhereOf).map((use) => use.tank), to: tank.id });
  const { data: room } = useView('room');
  if (!moves) return null;
  const inQuarantine = new Set(room ? placedIn(room).flatMap((placed) => (placed.inQuarantine ? [placed.system] : [])) : []);
  const systemOf = new Map(room?.racks.flatMap((rack) => rack.tanks).map(({ id, system }) => [id, system] as const));
  // Only a tool that is wet from fish in quarantine puts anybody in quarantine again.
  const carries = (tool: ToolCard) => elsewhereOf(tool).some((use) => inQuarantine.has(systemOf.get(use.tank) ?? ''));
  const used = (tool: ToolCard) =>
    overrule.attempt(
      knowing(
        {
          title: `${tool.name} in ${tank.code}`,
          doing: 'It was in there',
          words: `${tool.name} was in ${tank.code}`,
          drafts: [{ kind: 'tool.used', payload: { tool: tool.id, tanks: [tank.id] } }, ...(carries(tool) ? again.drafts() : [])],
          onDone: () => undefined,
        },
        again.left,
      ),
    );
  return (
    <section className={css.toolTaps} aria-label={`What was wet in ${tank.code}`}>
      <h3>Was in {tank.code} too</h3>
      <div className="chips">
        {tools.map((tool) => {
          const elsewhere = elsewhereOf(tool);
          const here = tool.wet.some((use) => use.tank === tank.id);
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
      {again.box}
    </section>
  );
}

/** The rack's own tools, whatever is wet, and one's own hands. */
function offered(tools: readonly ToolCard[], { rack, hands }: { rack: string | undefined; hands: string }): ToolCard[] {
  const own = (tool: ToolCard) => tool.racks.length === 0 || (rack !== undefined && tool.racks.includes(rack));
  return tools.filter((tool) => tool.id === hands || (tool.what !== 'hands' && (own(tool) || tool.wet.length > 0)));
}
