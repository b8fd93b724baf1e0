// Leaves the house on this screen; what still waits to be sent stays here for its maker.
import { LogOut } from 'lucide-react';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link } from 'react-router';
import { mutate } from 'swr';
import { paths } from '#contract/paths.ts';
import { HOUR_MS, MINUTE_MS } from '#core/time/index.ts';
import { postJson } from '../data/api.ts';
import { useHouseNow } from '../data/clock.ts';
import { useView } from '../data/house.ts';
import { useMe } from '../data/me.ts';
import { tellTabs } from '../data/tabs.ts';

/** Who is to be out later than this has a plan: the list of the day asks about them in the evening. */
const TONIGHT_MS = 12 * HOUR_MS;

export function SignOut() {
  const [away, setAway] = useState(false);
  const [asked, setAsked] = useState(false);
  // No quiet end of a day while fish stand in a bucket.
  const now = useHouseNow(MINUTE_MS);
  const { person } = useMe();
  const { data } = useView('running');
  const stays = (data?.stays ?? []).filter(({ untilMs }) => untilMs - now < TONIGHT_MS);
  const watched = (data?.vessels ?? []).filter(({ watcher }) => watcher === person.id);
  const signOut = async () => {
    try {
      await postJson(paths.signOut, {});
      tellTabs();
      await mutate(paths.me);
    } catch {
      setAway(true);
    }
  };
  return (
    <>
      {away && <span role="alert">The house is away: still signed in. </span>}
      {asked && (
        <span role="alert" className="warn">
          {stays.length > 0 && `Fish still in ${[...new Set(stays.map(({ tankCode }) => tankCode))].join(', ')}: tell who watches them. `}
          {watched.length > 0 && (
            <>
              You watch{' '}
              <Link to={`/bench?run=${watched[0]!.run}`}>
                {watched.map(({ vessel, tankCode }) => `${vessel} for ${tankCode}`).join(', ')}
              </Link>
              : hand it over first.{' '}
            </>
          )}
          <Button variant="link" className="btn-quiet" onClick={() => void signOut()}>
            Sign out all the same
          </Button>{' '}
        </span>
      )}
      <Button
        variant="link"
        className="btn-quiet"
        title="Sign out"
        onClick={() => (stays.length + watched.length > 0 && !asked ? setAsked(true) : void signOut())}
      >
        <LogOut size={18} aria-hidden /> <span className="bar-word">Sign out</span>
      </Button>
    </>
  );
}
