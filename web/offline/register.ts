// Whether this browser can open the pages without the house: only where it trusts the way (https, or this very machine).
/** A reload is safe here although the house may be away. */
export const keepsShell = (): boolean => 'serviceWorker' in navigator && isSecureContext;

/** Once the first page stands: what is kept must not make it wait. */
export function keepShell(): void {
  if (!keepsShell() || !import.meta.env.PROD) return;
  addEventListener('load', () => {
    // A browser that refuses (a private window, a full disk) works on as over plain http.
    navigator.serviceWorker.register('/sw.js').catch(() => undefined);
  });
}
