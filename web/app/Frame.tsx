// The frame around every station: stream bar above, links under it, action and running strip at the foot.
import { lazy, Suspense, useEffect, useRef, useState, type MouseEvent } from 'react';
import { Link, matchPath, NavLink, Outlet, useLocation } from 'react-router';
import { ActionProvider } from '../actions/actions.tsx';
import type { Away } from '../data/api.ts';
import { outbox, useLive, useOutbox } from '../data/house.ts';
import { useMe } from '../data/me.ts';
import { ActionBar } from '../frame/ActionBar.tsx';
import { AwayBar } from '../frame/AwayBar.tsx';
import { sendPictures, usePicturesWaiting } from '../photos/photos.ts';
import { plural } from '../words/text.ts';
import { DemoClock } from '../frame/DemoClock.tsx';
import { FirstDay } from '../frame/FirstDay.tsx';
import { Guard } from '../frame/Guard.tsx';
import { RunningStrip } from '../frame/RunningStrip.tsx';
import { SignOut } from '../frame/SignOut.tsx';
import { StreamBar } from '../frame/StreamBar.tsx';
import { ThemeSwitch } from '../frame/ThemeSwitch.tsx';
import { useTabTitle } from '../frame/title.ts';
import { useFocusKept } from '../frame/useFocusKept.ts';
import { SetupBar } from '../house/SetupBar.tsx';
import { KeyList } from '../keys/KeyList.tsx';
import { OverruleHost } from '../parts/useOverrule.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { FindLink, FrameKeys, LineButton } from './FrameKeys.tsx';
import { StationLinks } from './StationLinks.tsx';
import { PAGES, STATIONS } from './stations.ts';

// Fetched beside the first screen, not with it.
const Calculators = lazy(() => import('../calculators/Calculators.tsx'));

const FOOT = STATIONS.filter(({ foot }) => foot);

export function Frame() {
  const { person } = useMe();
  const [connected, setConnected] = useState(true);
  const { pathname } = useLocation();
  const work = useRef<HTMLElement>(null);
  useFocusKept(work);
  useLive(setConnected);
  useTabTitle([...STATIONS, ...PAGES].find(({ to }) => matchPath(to, pathname))?.name);
  useEffect(() => {
    void outbox.signIn(person.id);
    sendPictures();
    return () => outbox.signOut();
  }, [person.id]);
  return (
    <ActionProvider>
      <a className="skip-link" href="#work" onClick={toWork}>
        Skip to the work
      </a>
      <div className="frame">
        <StreamBar />
        <nav className="links" aria-label="Stations">
          <StationLinks stations={STATIONS} />
          <span className="who">
            <DemoClock />
            <Waits connected={connected} />
            <FindLink />
            <LineButton />
            <Suspense fallback={null}>
              <Calculators />
            </Suspense>
            <KeyList />
            <ThemeSwitch />
            <NavLink to="/you">{person.name}</NavLink>
            <SignOut />
          </span>
        </nav>
        <FrameKeys />
        <main className="station" id="work" tabIndex={-1} ref={work}>
          <AwayBar connected={connected} />
          <SetupBar />
          <FirstDay />
          <Guard key={pathname}>
            <Suspense fallback={<Waiting retry={() => location.reload()} />}>
              <Outlet />
            </Suspense>
          </Guard>
        </main>
        <div className="foot">
          <ActionBar />
          <RunningStrip />
          <nav className="foot-links" aria-label="Stations at the foot">
            <StationLinks stations={FOOT}>
              More
              <FootMark />
            </StationLinks>
          </nav>
        </div>
      </div>
      <OverruleHost />
    </ActionProvider>
  );
}

/** The address stays what it is: it is the place in the house, not on the page. */
function toWork(event: MouseEvent) {
  event.preventDefault();
  document.getElementById('work')?.focus();
}

const AWAY_WORDS: Record<Away, string> = {
  away: 'house away',
  cannotWrite: 'the house cannot write: kept here',
  full: 'the house’s disk is full: kept here',
};

/** What lies between this screen and the house: nothing, acts that wait, acts that were refused. */
function Waits({ connected }: { connected: boolean }) {
  const { acts, away, unkept } = useOutbox();
  const waiting = acts.filter(({ state }) => state === 'waiting').length;
  const refused = acts.filter(({ state }) => state === 'refused').length;
  const pictures = usePicturesWaiting();
  return (
    <>
      {refused > 0 && (
        <Link to="/logbook" className="waiting refused">
          {refused} refused
        </Link>
      )}
      {pictures > 0 && !away && connected && (
        <span className="waiting" role="status">
          {plural(pictures, 'picture')} to be sent
        </span>
      )}
      {(away || !connected || waiting > 1) && (
        <span className="waiting" role="status">
          {away ? AWAY_WORDS[away] : connected ? 'sending' : AWAY_WORDS.away}
          {waiting > 0 && ` · ${waiting} waiting`}
          {pictures > 0 && ` · ${plural(pictures, 'picture')} kept here`}
          {waiting > 0 && unkept && ' · this browser keeps nothing, do not reload'}
        </span>
      )}
    </>
  );
}

/** What waits or was refused lies in the logbook, which is behind More on a phone. */
function FootMark() {
  const { acts, away } = useOutbox();
  const open = acts.filter(({ state }) => state !== 'saved').length;
  return open > 0 ? (
    <span className="waiting">
      {open}
      {away ? ' waiting' : ''}
    </span>
  ) : null;
}
