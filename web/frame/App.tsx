// The way in: the door until somebody is signed in, then the frame with one lazily loaded station at a time.
import { lazy, Suspense, useEffect } from 'react';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import useSWR from 'swr';
import { paths } from '#contract/paths.ts';
import type { MeView } from '#contract/views.ts';
import { getJson, Refusal } from '../data/api.ts';
import { setHouseClock } from '../data/clock.ts';
import { MeContext } from '../data/me.ts';
import { Door } from '../door/Door.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { Frame } from './Frame.tsx';

const Dock = lazy(() => import('../dock/Dock.tsx'));
const Bench = lazy(() => import('../bench/Bench.tsx'));
const Rounds = lazy(() => import('../rounds/Rounds.tsx'));
const Room = lazy(() => import('../room/Room.tsx'));
const Daybook = lazy(() => import('../daybook/Daybook.tsx'));

export function App() {
  const { data: me, error, mutate } = useSWR<MeView, Error>(paths.me, getJson, { revalidateOnFocus: false, shouldRetryOnError: false });
  useEffect(() => {
    if (me) setHouseClock(me.clock);
  }, [me]);
  if (error instanceof Refusal && error.status === 401) return <Door />;
  if (!me) return <Waiting error={error} retry={() => void mutate()} />;
  return (
    <MeContext value={me}>
      <BrowserRouter>
        <Suspense fallback={<Waiting retry={() => location.reload()} />}>
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
        </Suspense>
      </BrowserRouter>
    </MeContext>
  );
}
