// What was just done on this screen, with its undo; and what the house refused.
import { Moon, Undo2 } from 'lucide-react';
import Button from 'react-bootstrap/Button';
import { useDeeds } from '../actions/deed.tsx';
import { outbox, useOutbox } from '../data/house.ts';
import { setLook, useLook } from '../data/look.ts';
import { Key } from '../keys/Key.tsx';
import { useKey } from '../keys/useKey.ts';

export function DeedBar() {
  const { deed, undo, clear } = useDeeds();
  const { acts } = useOutbox();
  const look = useLook();
  const undoable = deed?.undoable === true && deed.refused === undefined;
  useKey('undo', () => deed && void undo(deed.actId, deed.words), { enabled: undoable });
  if (!deed) return null;
  const waiting = acts.some(({ act, state }) => act.actId === deed.actId && state === 'waiting');
  return (
    <div className={`deed${deed.refused ? ' refused' : ''}`}>
      <span role="status">
        {deed.refused ? `Not written: ${deed.words}. ${deed.refused}` : deed.words}
        {waiting && (
          <>
            {' '}
            · <b>waiting to be sent</b>
          </>
        )}
      </span>
      {deed.released && look === 'day' && (
        <Button variant="plain" onClick={() => setLook('out')}>
          <Moon size={18} aria-hidden /> Lights are off: dim this screen
        </Button>
      )}
      {undoable && (
        <Button variant="plain" onClick={() => void undo(deed.actId, deed.words)}>
          <Undo2 size={18} aria-hidden /> Undo <Key name="undo" />
        </Button>
      )}
      {deed.refused ? (
        <Button
          variant="odd"
          onClick={() => {
            void outbox.discard(deed.actId);
            clear();
          }}
        >
          Discard
        </Button>
      ) : (
        !deed.undoable && (
          <Button variant="plain" onClick={clear}>
            Close
          </Button>
        )
      )}
    </div>
  );
}
