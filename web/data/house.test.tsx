/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { jest } from '@jest/globals';
import { act, render, screen, waitFor } from '@testing-library/react';
import { useEffect } from 'react';
import { SWRConfig, useSWRConfig } from 'swr';
import type { Act } from '#core/catalogue/index.ts';
import { answer } from '../testScreen.tsx';
import { viewPath } from '#contract/paths.ts';
import { VIEW_NAMES } from '#contract/views.ts';
import { keyOfView, preloadViews, unseenActs, useLive, useView } from './house.ts';
import { useTankCodes } from './tankCodes.ts';

const dock = (seq: number) => ({ '/api/views/dock': { body: { seq, crates: [], species: [] } } });

function Dock() {
  const { data } = useView('dock');
  return <p>{data ? `seen ${data.seq}` : 'nothing'}</p>;
}
let ahead: () => void;
function Ahead() {
  const { cache } = useSWRConfig();
  useEffect(() => {
    ahead = () => preloadViews(cache);
  });
  return null;
}

it('reading ahead asks only for what is not there yet, and takes nothing away when the house has gone', async () => {
  answer(dock(7));
  const { rerender } = render(<Ahead />);
  const gone = answer({});
  ahead();
  await waitFor(() => expect(gone.map(({ path }) => path)).toContain('/api/views/dock'));
  answer({ ...dock(8), '/api/views/room': { body: { seq: 8, racks: [] } } });
  ahead();
  rerender(
    <>
      <Ahead />
      <Dock />
    </>,
  );
  expect(await screen.findByText('seen 8')).toBeTruthy();
  const again = answer({});
  ahead();
  await waitFor(() => expect(again.map(({ path }) => path)).toContain('/api/views/bench'));
  expect(again.map(({ path }) => path)).not.toContain('/api/views/dock');
  expect(screen.getByText('seen 8')).toBeTruthy();
});

/** The live stream as the page sees it. */
class Stream {
  static readonly CLOSED = 2;
  static all: Stream[] = [];
  readyState = 1;
  onopen?: () => void;
  onerror?: () => void;
  onmessage?: (event: { data: string }) => void;
  constructor() {
    Stream.all.push(this);
  }
  close(): void {
    this.readyState = Stream.CLOSED;
  }
  says(seq: number, topics: string[] = []): void {
    this.onmessage?.({ data: JSON.stringify({ seq, topics }) });
  }
}

describe('the live stream', () => {
  beforeEach(() => {
    const { cache } = SWRConfig.defaultValue;
    for (const key of cache.keys()) cache.delete(key);
    Stream.all = [];
    globalThis.EventSource = Stream as unknown as typeof EventSource;
    jest.useFakeTimers();
  });
  afterEach(() => jest.useRealTimers());
  const none = () => undefined;
  function Live() {
    useLive(none);
    return <Dock />;
  }
  /** Opened on a house that was at `readAt`; how often the dock is asked for once the stream has said that it is at `says`. */
  async function opened(readAt: number, says: number) {
    const asked = answer(dock(readAt));
    const { unmount } = render(<Live />);
    await act(() => jest.advanceTimersByTimeAsync(50));
    const stream = Stream.all.at(-1)!;
    stream.onopen?.();
    stream.says(says);
    await act(() => jest.advanceTimersByTimeAsync(2000));
    return { asks: () => asked.filter(({ path }) => path === '/api/views/dock').length, stream, unmount };
  }

  it('a page that has just read its views does not read them twice, unless the house went on meanwhile', async () => {
    const still = await opened(7, 7);
    expect(still.asks()).toBe(1);
    still.unmount();
    const moved = await opened(7, 9);
    expect(moved.asks()).toBe(2);
    moved.unmount();
  });

  it('after a gap everything is read again, whatever the house says', async () => {
    const { asks, stream, unmount } = await opened(7, 7);
    stream.onerror?.();
    stream.onopen?.();
    stream.says(7);
    await act(() => jest.advanceTimersByTimeAsync(2000));
    expect(asks()).toBe(2);
    // What was read ahead, too, where the house has gone on.
    const later = answer({ ...dock(8), '/api/views/room': { body: { seq: 8, racks: [] } } });
    stream.onerror?.();
    stream.onopen?.();
    stream.says(8);
    await act(() => jest.advanceTimersByTimeAsync(2000));
    const paths = later.map(({ path }) => path);
    expect([paths.filter((path) => path.endsWith('/dock')).length, paths.filter((path) => path.endsWith('/room')).length]).toEqual([1, 1]);
    unmount();
  });
});

describe('what a view has not seen', () => {
  const entry = (kind: string, payload: object) => ({ id: kind, kind, version: 1, occurredAtMs: 0, payload });
  const made = { actId: 'made', entries: [entry('tank.checked', {})] } as unknown as Act;
  const undoing = (act: string, ...more: object[]) =>
    ({ actId: `undoing ${act}`, entries: [entry('entry.reversed', { act }), ...more] }) as unknown as Act;
  const unseen = (...acts: Act[]) =>
    unseenActs({ acts: acts.map((act) => ({ act, person: 'bram', state: 'waiting' })), away: 'away', unkept: false, lastSavedSeq: 0 }, 0);

  it('is nothing when it was undone meanwhile, house or no house', () => {
    expect(unseen(made)).toEqual([made]);
    expect(unseen(made, undoing('made'))).toEqual([]);
  });

  it('is what a correction writes anew, and the taking back of what the view has seen', () => {
    const anew = entry('tank.checked', { allWell: false });
    expect(unseen(made, undoing('made', anew)).map(({ entries }) => entries)).toEqual([[anew]]);
    const older = undoing('of last week');
    expect(unseen(older)).toEqual([older]);
  });
});

it('every view is known by its key, whatever stands behind it; what is none is none', () => {
  for (const name of VIEW_NAMES) expect([keyOfView(viewPath(name)), keyOfView(viewPath(name, { tank: 'C1' }))]).toEqual([name, name]);
  expect(['/api/views/none', '/api/me', 7].map(keyOfView)).toEqual([undefined, undefined, undefined]);
});

it('a tank is called by its code, from any view of the room that was read; never by its id', () => {
  const room = { seq: 1, systems: [], racks: [{ id: 'r', name: 'r', room: 'r', walk: 1, tanks: [{ id: '019c-1', code: 'F7' }] }] };
  function Codes() {
    const codeOf = useTankCodes();
    return <p>{`${codeOf('019c-1')} ${codeOf('019c-2')}`}</p>;
  }
  const provider = () => new Map([['/api/views/room?bag=b1', { data: room }]]);
  render(
    <SWRConfig value={{ provider: provider as never }}>
      <Codes />
    </SWRConfig>,
  );
  expect(screen.getByText('F7 …')).toBeTruthy();
});
