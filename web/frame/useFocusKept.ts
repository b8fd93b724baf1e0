// The focus stays where the hand works. What is pressed often goes away with its press (a bag that is landed, a form that is sent), and the browser then
// lets the focus fall to the page's body: from there Tab begins at the very top. It is caught: after an act by the next act, else by the work area.
import { useEffect, type RefObject } from 'react';

/** After the next act has taken its first moments (web/parts/ActButton). */
const LOOK_AFTER_MS = 60;
const ACT = '.btn-act:not(:disabled)';

const isLost = () => document.activeElement === null || document.activeElement === document.body;

export function useFocusKept(main: RefObject<HTMLElement | null>): void {
  useEffect(() => {
    const area = main.current;
    if (!area) return;
    let lastWasAct = false;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const noteFocus = ({ target }: FocusEvent) => {
      if (!(target instanceof Element)) return;
      lastWasAct = target.matches('.btn-act');
      // By keys: a browser is content with a corner of it, in a row that runs on beside the screen.
      if (target !== area && target.matches(':focus-visible')) target.scrollIntoView?.({ block: 'nearest', inline: 'nearest' });
    };
    const look = () => {
      timer = undefined;
      if (!isLost() || document.querySelector('[role="dialog"]')) return;
      const act = lastWasAct ? area.querySelector<HTMLElement>(ACT) : undefined;
      // An act that is about to come is waited for: its coming is a change of its own.
      if (lastWasAct && !act && area.querySelector('.btn-act.settling')) return;
      (act ?? area).focus({ preventScroll: true });
    };
    const soon = () => (timer ??= setTimeout(look, LOOK_AFTER_MS));
    const watcher = new MutationObserver(soon);
    watcher.observe(document.body, { childList: true, subtree: true, attributes: true, attributeFilter: ['disabled'] });
    document.addEventListener('focusin', noteFocus);
    soon();
    return () => {
      watcher.disconnect();
      document.removeEventListener('focusin', noteFocus);
      clearTimeout(timer);
    };
  }, [main]);
}
