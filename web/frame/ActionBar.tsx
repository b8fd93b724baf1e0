// What was just done on this screen, with its undo; and what the house refused.
import { Moon, Undo2 } from 'lucide-react';
import Button from 'react-bootstrap/Button';
import { useActions, useLastAction } from '../actions/actions.tsx';
import { outbox, useOutbox } from '../data/house.ts';
import { setTheme, useTheme } from '../data/theme.ts';
import { Key } from '../keys/Key.tsx';
import { useKey } from '../keys/useKey.ts';

export function ActionBar() {
  const { undo, clear } = useActions();
  const action = useLastAction();
  const { acts } = useOutbox();
  const theme = useTheme();
  const undoable = action?.undoable === true && action.refused === undefined;
  useKey('undo', () => action && void undo(action.actId, action.words), { enabled: undoable });
  if (!action) return null;
  const waiting = acts.some(({ act, state }) => act.actId === action.actId && state === 'waiting');
  return (
    <div className={`action-bar${action.refused ? ' refused' : ''}`}>
      <span role="status">
        {action.refused ? `Not written: ${action.words}. ${action.refused}` : action.words}
        {waiting && (
          <>
            {' '}
            · <b>waiting to be sent</b>
          </>
        )}
      </span>
      {action.released && theme === 'day' && (
        <Button variant="plain" onClick={() => setTheme('out')}>
          <Moon size={18} aria-hidden /> Lights are off: dim this screen
        </Button>
      )}
      {undoable && (
        <Button variant="plain" onClick={() => void undo(action.actId, action.words)}>
          <Undo2 size={18} aria-hidden /> Undo <Key name="undo" />
        </Button>
      )}
      {action.refused ? (
        <Button
          variant="odd"
          onClick={() => {
            void outbox.discard(action.actId);
            clear();
          }}
        >
          Discard
        </Button>
      ) : (
        !action.undoable && (
          <Button variant="plain" onClick={clear}>
            Close
          </Button>
        )
      )}
    </div>
  );
}
