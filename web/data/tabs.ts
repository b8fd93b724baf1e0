// Tabs of one browser share one sign-in: each tells the others when it changes, so that none goes on under a name that is not the house's any more.

const CHANNEL = 'daily-crate sign-in';
const channel = typeof document === 'undefined' || typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel(CHANNEL);

/** Somebody signed in or out here. */
export const tellTabs = (): void => channel?.postMessage('changed');

/** An act was recorded that other tabs may know as waiting, or as refused when they sent it. */
export const tellSaved = (actId: string): void => channel?.postMessage({ saved: actId });

/** Calls back with what another tab has sent; gives the way to stop. */
export function onSavedElsewhere(listener: (actId: string) => void): () => void {
  const heard = ({ data }: MessageEvent<unknown>) => {
    if (typeof data === 'object' && data !== null && 'saved' in data) listener(String(data.saved));
  };
  channel?.addEventListener('message', heard);
  return () => channel?.removeEventListener('message', heard);
}

/** Calls back when another tab signed in or out; gives the way to stop. */
export function onOtherTab(listener: () => void): () => void {
  const heard = ({ data }: MessageEvent<unknown>) => void (data === 'changed' && listener());
  channel?.addEventListener('message', heard);
  return () => channel?.removeEventListener('message', heard);
}
