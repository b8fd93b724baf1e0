// What a station shows before its view is there: nothing for a blink, then that it waits, or that nobody answers.
import { useEffect, useState } from 'react';
import { ServerAway } from '../data/api.ts';

const SHOW_AFTER_MS = 300;

export function Waiting({ error, retry }: { error?: Error; retry: () => void }) {
  const [show, setShow] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setShow(true), SHOW_AFTER_MS);
    return () => clearTimeout(timer);
  }, []);
  if (error) {
    return (
      <div className="empty" role="alert">
        <h2>{error instanceof ServerAway ? 'The house does not answer' : 'This could not be read'}</h2>
        <p>
          {error instanceof ServerAway
            ? 'This page has not been seen on this device before. What you entered is kept here and is sent when it is back.'
            : 'Nothing was lost.'}
        </p>
        <button type="button" className="btn btn-plain" onClick={retry}>
          Try again
        </button>
      </div>
    );
  }
  return show ? (
    <p className="soft" role="status">
      Reading …
    </p>
  ) : null;
}
