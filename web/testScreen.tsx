// A screen for component tests: who is signed in, and a server made of canned answers.
import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { SWRConfig } from 'swr';
import { checkAct } from '#contract/act.ts';
import { paths } from '#contract/paths.ts';
import type { MeView, TankCard } from '#contract/views.ts';
import type { Act } from '#core/catalogue/index.ts';
import type { Role } from '#core/roles/index.ts';
import { STARTING_RULES } from '#core/settings/index.ts';
import { METRIC, type Preference } from '#core/water/index.ts';
import { setHouseClock } from './data/clock.ts';
import { MeContext } from './data/me.ts';
import { OverruleHost } from './parts/useOverrule.tsx';
import { forgetAllKept } from './parts/useKept.ts';

export const NOW = Date.UTC(2026, 2, 3, 7, 40);

export function meAs(role: Role, prefers: Preference = METRIC): MeView {
  return {
    person: { id: 'p', name: 'Bram Tell', title: role, role },
    prefers,
    house: { name: 'House', zone: 'Europe/Lisbon', rules: STARTING_RULES, demo: true },
    clock: { nowMs: NOW, frozen: true },
  };
}

/** Draws a part as somebody of `role`, at 07:40 of a clock that stands. */
export function draw(part: ReactNode, role: Role = 'keeper', prefers?: Preference) {
  // What an earlier test typed is none of this one's.
  forgetAllKept();
  const me = meAs(role, prefers);
  setHouseClock(me.clock);
  return render(
    <SWRConfig value={{ provider: () => new Map(), dedupingInterval: 0, shouldRetryOnError: false }}>
      <MeContext value={me}>
        <MemoryRouter>
          {part}
          <OverruleHost />
        </MemoryRouter>
      </MeContext>
    </SWRConfig>,
  );
}

/** Answers requests by path; `undefined` = nobody there. Gives what was asked. */
export function answer(
  answers: Record<string, { status?: number; body: unknown } | undefined>,
): { method: string; path: string; body: unknown }[] {
  const asked: { method: string; path: string; body: unknown }[] = [];
  globalThis.fetch = ((path: string, init: RequestInit) => {
    asked.push({
      method: init.method ?? 'GET',
      path,
      body: typeof init.body === 'string' ? (JSON.parse(init.body) as unknown) : undefined,
    });
    const found = answers[path];
    if (!found) return Promise.reject(new TypeError('failed to fetch'));
    const { status = 200, body } = found;
    return Promise.resolve({ ok: status < 400, status, text: () => Promise.resolve(JSON.stringify(body)) });
  }) as unknown as typeof fetch;
  return asked;
}

/** Presses a button once it takes a press. */
export async function press(name: RegExp | string): Promise<void> {
  await waitFor(() => expect(screen.getByRole<HTMLButtonElement>('button', { name }).disabled).toBe(false));
  fireEvent.click(screen.getByRole('button', { name }));
}

/** The one act that was sent, which the contract must take. */
export async function sentAct(asked: ReturnType<typeof answer>): Promise<Act> {
  const acts = () => asked.filter(({ path }) => path === paths.journal);
  await waitFor(() => expect(acts()).toHaveLength(1));
  const act = acts()[0]!.body as Act;
  expect(checkAct(act)).toMatchObject({ ok: true });
  return act;
}

/** A quarantine tank with nobody in it. */
export const tankCard = (code: string, more: Partial<TankCard> = {}): TankCard => ({
  id: code,
  entry: 'e',
  vessel: 'tank',
  odd: [],
  code,
  row: 0,
  column: 0,
  volumeL: 45,
  purpose: 'quarantine',
  lid: true,
  system: 'w',
  occupants: [],
  suspect: false,
  coming: 0,
  ...more,
});
