import { useSearchParams } from 'react-router';

/** Sets one part of the page's address, or takes it out when it is empty; the rest stays, and so does the way back. */
export function useInAddress(): (name: string, value: string) => void {
  const [, setQuery] = useSearchParams();
  return (name, value) =>
    setQuery(
      (now) => {
        const next = new URLSearchParams(now);
        if (value === '') next.delete(name);
        else next.set(name, value);
        return next;
      },
      { replace: true },
    );
}
