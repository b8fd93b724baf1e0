// A callback that is the same at every drawing and always does what the latest drawing meant: for parts that are drawn anew
// only when what they show has changed.
import { useCallback, useLayoutEffect, useRef } from 'react';

export function useStable<Given extends unknown[], Back>(callback: (...given: Given) => Back): (...given: Given) => Back {
  const latest = useRef(callback);
  useLayoutEffect(() => {
    latest.current = callback;
  });
  return useCallback((...given: Given) => latest.current(...given), []);
}
