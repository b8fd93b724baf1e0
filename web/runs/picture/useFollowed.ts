// A run as it is followed: calculated anew when something was written of it, and now and then as time goes by. The last picture stays meanwhile.
import { useMemo, useState } from 'react';
import type { RunCard } from '#contract/views.ts';
import { useHouseNow } from '../../data/clock.ts';
import { useAsker, type Asking } from '../../data/useAsker.ts';
import type { RunPicture, RunQuestion } from './compute.ts';

const AGE_STEP_MS = 30_000;
const make = () => new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });

export function useFollowed({
  entry,
  startedAtMs,
  started,
  events,
  readings,
  meterChecks,
  tankSince,
  fewer,
}: RunCard): Asking & { picture?: RunPicture } {
  const now = Math.floor(useHouseNow(5_000) / AGE_STEP_MS) * AGE_STEP_MS;
  const [picture, setPicture] = useState<RunPicture>();
  const last = Math.max(now, ...[...events, ...readings, ...fewer].map(({ atMs }) => atMs));
  const asked = JSON.stringify({
    run: { entry, startedAtMs, started, events, readings, meterChecks, tankSince, fewer },
    now: last,
  } satisfies RunQuestion);
  const question = useMemo(() => JSON.parse(asked) as RunQuestion, [asked]);
  return { picture, ...useAsker<RunQuestion, RunPicture>({ make, question, onAnswer: setPicture }) };
}
