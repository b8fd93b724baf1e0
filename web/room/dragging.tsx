// Dragging fish from tank to tank, or a tank to another place. One draggable for all racks, one for the card of a tank: what is under the finger is asked of
// the page, so that a drag draws nothing anew but what it carries. Tapping does the same, so nobody has to drag.
import {
  DndContext,
  DragOverlay,
  MouseSensor,
  TouchSensor,
  useDraggable,
  useSensor,
  useSensors,
  type DragEndEvent,
  type DragMoveEvent,
  type DragStartEvent,
} from '@dnd-kit/core';
import { useRef, useState, type ReactNode } from 'react';
import css from './room.module.scss';

/** What is dragged or dropped on: a tank, a lot in a tank, an empty place on a rack. */
export type Grip = { tank?: string; lot?: string; cell?: string };
type Props = {
  /** What to show at the finger; nothing = this is not to be dragged. */
  carry: (grip: Grip) => ReactNode;
  accepts: 'tank' | 'cell';
  onDrop: (from: Grip, to: Grip) => void;
  children: ReactNode;
};

const HOLD_MS = 250;
const SLACK_PX = 8;

const gripAt = (element: Element | null | undefined): Grip => ({
  lot: element?.closest<HTMLElement>('[data-lot]')?.dataset.lot,
  tank: element?.closest<HTMLElement>('[data-tank]')?.dataset.tank,
  cell: element?.closest<HTMLElement>('[data-cell]')?.dataset.cell,
});

export function Dragging({ carry, accepts, onDrop, children }: Props) {
  // A mouse must move, a finger must rest, before it is a drag: a tap and a scroll stay what they are.
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: SLACK_PX } }),
    useSensor(TouchSensor, { activationConstraint: { delay: HOLD_MS, tolerance: SLACK_PX } }),
  );
  const [carried, setCarried] = useState<ReactNode>();
  const drag = useRef<{ from: Grip; start: { x: number; y: number }; over?: HTMLElement }>(undefined);
  const mark = (over: HTMLElement | undefined) => {
    if (drag.current?.over === over) return;
    drag.current?.over?.classList.remove(css.dropHere!);
    over?.classList.add(css.dropHere!);
    if (drag.current) drag.current.over = over;
  };
  const targetAt = ({ delta }: DragMoveEvent | DragEndEvent): HTMLElement | undefined => {
    if (!drag.current) return undefined;
    const { x, y } = drag.current.start;
    const found = document
      .elementFromPoint(x + delta.x, y + delta.y)
      ?.closest<HTMLElement>(accepts === 'tank' ? '[data-tank]' : '[data-cell]');
    return found && found.dataset.tank !== drag.current.from.tank ? found : undefined;
  };
  const end = () => {
    mark(undefined);
    drag.current = undefined;
    setCarried(undefined);
  };
  return (
    <DndContext
      sensors={sensors}
      autoScroll={{ threshold: { x: 0.1, y: 0.15 } }}
      onDragStart={({ activatorEvent }: DragStartEvent) => {
        const from = gripAt(activatorEvent.target as Element);
        const shown = carry(from);
        if (!shown) return;
        const point = activatorEvent instanceof MouseEvent ? activatorEvent : (activatorEvent as TouchEvent).touches[0]!;
        drag.current = { from, start: { x: point.clientX, y: point.clientY } };
        setCarried(shown);
      }}
      onDragMove={(event) => mark(targetAt(event))}
      onDragEnd={(event) => {
        const { from } = drag.current ?? {};
        // Asked once more where it was released: a quick hand is there before its last move was told.
        const over = targetAt(event) ?? drag.current?.over;
        end();
        if (from && over) onDrop(from, gripAt(over));
      }}
      onDragCancel={end}
    >
      {children}
      {/* Seen through by the pointer: what lies under it is what is dropped on. */}
      <DragOverlay dropAnimation={null} style={{ pointerEvents: 'none' }}>
        {carried && <div className={css.carried}>{carried}</div>}
      </DragOverlay>
    </DndContext>
  );
}

/** From in here it can be dragged. Its own keys stay free, since the room has keys of its own. */
export function DragArea({ name, children }: { name: string; children: ReactNode }) {
  const { setNodeRef, listeners } = useDraggable({ id: name });
  return (
    <div className={css.dragArea} ref={setNodeRef} {...listeners}>
      {children}
    </div>
  );
}
