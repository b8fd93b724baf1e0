// What a tank is called, for a screen whose own view names only its id: by any view of the room that this screen has read.
import { useSWRConfig } from 'swr';
import { viewPath } from '#contract/paths.ts';
import type { RoomView } from '#contract/views.ts';

/** Said of a tank that no view here has named yet. */
const NOT_NAMED = '…';

export function useTankCodes(): (tank: string) => string {
  const { cache } = useSWRConfig();
  return (tank) => {
    for (const key of cache.keys()) {
      if (!key.startsWith(viewPath('room'))) continue;
      const room = cache.get(key)?.data as RoomView | undefined;
      const code = room?.racks.flatMap(({ tanks }) => tanks).find(({ id }) => id === tank)?.code;
      if (code !== undefined) return code;
    }
    return NOT_NAMED;
  };
}
