/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { jest } from '@jest/globals';
import { act, screen } from '@testing-library/react';
import { Profiler } from 'react';
import { HOUR_MS, MINUTE_MS } from '#core/time/index.ts';
import { draw, NOW } from '../testScreen.tsx';
import { hearHouseTime, onClockSet } from './clock.ts';
import { useTimes } from './me.ts';

function Since() {
  const { when } = useTimes();
  return <p>{when(NOW)}</p>;
}

it('an hour of today gets its day once that is over, and nothing is drawn anew before', () => {
  jest.useFakeTimers();
  try {
    const onRender = jest.fn();
    const drawn = () => onRender.mock.calls.length;
    draw(
      <Profiler id="since" onRender={onRender}>
        <Since />
      </Profiler>,
    );
    expect(screen.getByText('07:40')).toBeTruthy();
    const before = drawn();
    const later = (hours: number) =>
      act(() => {
        hearHouseTime(NOW + hours * HOUR_MS);
        jest.advanceTimersByTime(6_000);
      });
    later(15);
    expect(drawn()).toBe(before);
    later(17);
    expect(screen.getByText('Tue 3 Mar 07:40')).toBeTruthy();
    expect(drawn()).toBe(before + 1);
  } finally {
    jest.useRealTimers();
  }
});

it('a clock of this device that was set is noticed, once, and time that passes is not', () => {
  jest.useFakeTimers();
  const heard = jest.fn();
  const stop = onClockSet(heard);
  try {
    jest.advanceTimersByTime(MINUTE_MS);
    expect(heard).not.toHaveBeenCalled();
    jest.setSystemTime(Date.now() - HOUR_MS);
    jest.advanceTimersByTime(9_000);
    expect(heard).toHaveBeenCalledTimes(1);
  } finally {
    stop();
    jest.useRealTimers();
  }
});
