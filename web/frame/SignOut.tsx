// Leaves the house on this screen; what still waits to be sent stays here for its maker.
import { LogOut } from 'lucide-react';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { mutate } from 'swr';
import { paths } from '#contract/paths.ts';
import { postJson } from '../data/api.ts';

export function SignOut() {
  const [away, setAway] = useState(false);
  const signOut = async () => {
    try {
      await postJson(paths.signOut, {});
      await mutate(paths.me);
    } catch {
      setAway(true);
    }
  };
  return (
    <>
      {away && <span role="alert">The house is away: still signed in. </span>}
      <Button variant="link" className="btn-quiet" title="Sign out" onClick={() => void signOut()}>
        <LogOut size={18} aria-hidden /> <span className="bar-word">Sign out</span>
      </Button>
    </>
  );
}
