// The one way to listen to a key. Keys rest while somebody types, while a dialog is open, and when a button takes its own Enter.
import { useHotkeys } from 'react-hotkeys-hook';
import { areLettersOn } from './letters.ts';
import { isLineOpen } from './lineOpen.ts';
import { KEYS, type KeyName } from './table.ts';

type Options = {
  enabled?: boolean;
  /** Also while a field has the focus. */
  inFields?: boolean;
  /** Also while a dialog is open: it is the dialog's own key. */
  inDialog?: boolean;
};

/** `atMs` = when the key went down by this device's own even clock, however late its handler runs. */
type Press = (key: string, atMs: number) => void;

/** What was pressed with mouse or finger last: the focus that it left there is no wish of its own. */
let pressed: Element | null = null;
document.addEventListener(
  'pointerdown',
  ({ target }) => (pressed = target instanceof Element ? target.closest('button, a, summary') : null),
  true,
);
document.addEventListener(
  'keydown',
  ({ key }) => {
    if (key === 'Tab') pressed = null;
  },
  true,
);

/** An element in focus that takes Enter for itself, or for its form; a chosen tank leaves it to the action beside it. */
function takesEnter(target: EventTarget | null): boolean {
  if (target instanceof HTMLInputElement && target.form) return true;
  if (target === pressed) return false;
  const isOwn =
    target instanceof HTMLButtonElement ||
    target instanceof HTMLAnchorElement ||
    (target instanceof HTMLElement && target.matches('summary'));
  return isOwn && target.dataset.enter !== 'act';
}

export function useKey(name: KeyName, onPress: Press, { enabled = true, inFields = false, inDialog = false }: Options = {}): void {
  useHotkeys(
    KEYS[name].keys,
    (event) => {
      // What somebody says or types elsewhere could press it.
      if (event.key.length === 1 && !areLettersOn()) return;
      // Held down it is one press; with another key it is the browser's.
      if (event.repeat && !event.key.startsWith('Arrow')) return;
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.key === 'Enter' && takesEnter(event.target)) return;
      if (!inDialog && document.querySelector('[role="dialog"]')) return;
      // What is typed for the one line is never a key of the page, be the field there yet or not.
      if (isLineOpen() && name !== 'back') return;
      event.preventDefault();
      onPress(event.key, event.timeStamp);
    },
    { enabled, useKey: true, ignoreModifiers: true, enableOnFormTags: inFields ? ['INPUT'] : false },
    [onPress],
  );
}
