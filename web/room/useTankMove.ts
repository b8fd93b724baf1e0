// A tank put to another place on the racks, by drag or by two taps.
import { useCallback } from 'react';
import type { RoomView } from '#contract/views.ts';
import { useActions } from '../actions/actions.tsx';

export function useTankMove(view: RoomView | undefined): (tank: string, cell: string) => void {
  const { recordAction } = useActions();
  return useCallback(
    (id, cell) => {
      const [rack, row, column] = cell.split('|') as [string, string, string];
      const from = view?.racks.find(({ tanks }) => tanks.some((tank) => tank.id === id));
      const tank = from?.tanks.find((tank) => tank.id === id);
      if (!from || !tank) return;
      const fields = {
        ...(rack === from.id ? {} : { rack }),
        ...(Number(row) === tank.row ? {} : { row: Number(row) }),
        ...(Number(column) === tank.column ? {} : { column: Number(column) }),
      };
      if (Object.keys(fields).length === 0) return;
      void recordAction(`${tank.code} stands elsewhere now`, { kind: 'tank.changed', payload: { tank: id, basedOn: tank.entry, fields } });
    },
    [view, recordAction],
  );
}
