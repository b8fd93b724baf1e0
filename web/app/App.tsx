// The way in: the door until somebody is signed in, then the frame with one lazily loaded station at a time.
import { useEffect } from 'react';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import useSWR, { mutate, useSWRConfig } from 'swr';
import { paths } from '#contract/paths.ts';
import type { MeView } from '#contract/views.ts';
import { getJson, Refusal } from '../data/api.ts';
import { forgetSeen, isFromBefore, keepOnlyFor, noteAnswer, readOrSeen } from '../data/away.ts';
import { houseNow, setHouseClock } from '../data/clock.ts';
import { preloadViews } from '../data/house.ts';
import { MeContext } from '../data/me.ts';
import type { Seen } from '../data/seen.ts';
import { onOtherTab } from '../data/tabs.ts';
import { Door } from '../door/Door.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { Frame } from './Frame.tsx';
import { More } from './More.tsx';
import { NotHere } from './NotHere.tsx';
import { PAGES, STATIONS } from './stations.ts';

/** The other stations are fetched once the first one stands, so that they open although the house may be away by then. */
const FETCH_REST_AFTER_MS = 1500;

/** The house clock is set before anything is drawn by it: a float must not look due for a blink. */
async function askForMe(path: string): Promise<MeView> {
  const askedAtMs = Date.now();
  const me = await getJson<MeView>(path);
  setHouseClock(me.clock, (Date.now() - askedAtMs) / 2);
  void keepOnlyFor(me);
  return me;
}

/** While the house is away: who was signed in here last, by a clock that went on. */
function meOfBefore({ body, deviceMs }: Seen): MeView {
  const me = body as MeView;
  setHouseClock(me.clock, Date.now() - deviceMs);
  return me;
}

const readMe = (path: string): Promise<MeView> =>
  readOrSeen({ path, ask: () => askForMe(path), later: (me) => void mutate(path, me, { revalidate: false }), asNow: meOfBefore });

export function App() {
  const {
    data: me,
    error,
    mutate: again,
  } = useSWR<MeView, Error>(paths.me, readMe, { revalidateOnFocus: false, shouldRetryOnError: false });
  const { cache } = useSWRConfig();
  useEffect(() => onOtherTab(() => void again()), [again]);
  const who = me?.person.id;
  useEffect(() => {
    if (who === undefined) return;
    const rest = setTimeout(() => {
      [...STATIONS, ...PAGES].forEach(({ load }) => void load());
      preloadViews(cache);
    }, FETCH_REST_AFTER_MS);
    return () => clearTimeout(rest);
  }, [who, cache]);
  const isOut = error instanceof Refusal && error.status === 401;
  useEffect(() => {
    // As the door hands it over, too.
    if (me && !isFromBefore(paths.me)) noteAnswer(paths.me, { ...me, clock: { ...me.clock, nowMs: Math.round(houseNow()) } });
  }, [me]);
  useEffect(() => void (isOut && forgetSeen()), [isOut]);
  if (isOut) return <Door />;
  if (!me) return <Waiting error={error} retry={() => void again()} />;
  return (
    <MeContext value={me}>
      <BrowserRouter>
        <Routes>
          <Route element={<Frame />}>
            {[...STATIONS, ...PAGES].map(({ to, Page }) => (
              <Route key={to} path={to} element={<Page />} />
            ))}
            <Route path="/more" element={<More />} />
            <Route index element={<Navigate to="/dock" replace />} />
            <Route path="*" element={<NotHere />} />
          </Route>
        </Routes>
      </BrowserRouter>
    </MeContext>
  );
}
