// The way in: the door until somebody is signed in, then the frame with one lazily loaded station at a time.
import { lazy, useEffect } from 'react';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import useSWR from 'swr';
import { paths } from '#contract/paths.ts';
import type { MeView } from '#contract/views.ts';
import { getJson, Refusal } from '../data/api.ts';
import { setHouseClock } from '../data/clock.ts';
import { preloadViews } from '../data/house.ts';
import { MeContext } from '../data/me.ts';
import { Door } from '../door/Door.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { Frame } from './Frame.tsx';

const stations = {
  dock: () => import('../dock/Dock.tsx'),
  bench: () => import('../bench/Bench.tsx'),
  rounds: () => import('../rounds/Rounds.tsx'),
  room: () => import('../room/Room.tsx'),
  daybook: () => import('../daybook/Daybook.tsx'),
};
const [Dock, Bench, Rounds, Room, Daybook] = [
  lazy(stations.dock),
  lazy(stations.bench),
  lazy(stations.rounds),
  lazy(stations.room),
  lazy(stations.daybook),
];
/** The other stations are fetched once the first one stands, so that they open although the house may be away by then. */
const FETCH_REST_AFTER_MS = 1500;

/** The house clock is set before anything is drawn by it: a float must not look due for a blink. */
async function readMe(path: string): Promise<MeView> {
  const me = await getJson<MeView>(path);
  setHouseClock(me.clock);
  return me;
}

export function App() {
  const { data: me, error, mutate } = useSWR<MeView, Error>(paths.me, readMe, { revalidateOnFocus: false, shouldRetryOnError: false });
  useEffect(() => {
    if (!me) return;
    const rest = setTimeout(() => {
      Object.values(stations).forEach((fetchStation) => void fetchStation());
      preloadViews();
    }, FETCH_REST_AFTER_MS);
    return () => clearTimeout(rest);
  }, [me]);
  if (error instanceof Refusal && error.status === 401) return <Door />;
  if (!me) return <Waiting error={error} retry={() => void mutate()} />;
  return (
    <MeContext value={me}>
      <BrowserRouter>
        <Routes>
          <Route element={<Frame />}>
            <Route path="/dock" element={<Dock />} />
            <Route path="/bench" element={<Bench />} />
            <Route path="/rounds" element={<Rounds />} />
            <Route path="/room" element={<Room />} />
            <Route path="/daybook" element={<Daybook />} />
            <Route path="*" element={<Navigate to="/dock" replace />} />
          </Route>
        </Routes>
      </BrowserRouter>
    </MeContext>
  );
}
