import { formatDay, formatTime, houseDay, readDate } from './index.ts';

const zone = 'Europe/Lisbon';
const say = (text: string) => {
  const read = readDate(text, zone, 12);
  return read && `${formatDay(houseDay(read.ms, zone))} ${formatTime(read.ms, zone)}${read.sure ? '' : ' ?'}`;
};

it.each([
  ['2026-03-02', 'Mon 2 Mar 12:00'],
  ['2026-03-02T20:30', 'Mon 2 Mar 20:30'],
  ['2026/3/2 8:05', 'Mon 2 Mar 08:05'],
  ['02/03/2026', 'Mon 2 Mar 12:00 ?'],
  ['2.3.26 20:30', 'Mon 2 Mar 20:30 ?'],
  ['13.3.26', 'Fri 13 Mar 12:00'],
  ['3/13/2026 8:30 pm', 'Fri 13 Mar 20:30'],
  ['2 Mar 2026', 'Mon 2 Mar 12:00'],
  ['Monday, 2nd March 2026 at 20h30', 'Mon 2 Mar 20:30'],
  ['Mar 2, 2026 12:15 am', 'Mon 2 Mar 00:15'],
])('%s is read', (text, expected) => {
  expect(say(text)).toBe(expected);
});

it.each(['', 'tomorrow', '31/2/2026', '2026-13-01', '2 Mar', '2026-03-02 25:00', '2 Mar 2026 13:00 pm', '12345'])(
  '%j is no date',
  (text) => {
    expect(readDate(text, zone, 12)).toBeUndefined();
  },
);

it('keeps wall time on both days of a clock change, and lands after the hour that is skipped', () => {
  expect(say('2026-03-29 01:30')).toBe('Sun 29 Mar 02:30');
  expect(say('2026-03-29 09:00')).toBe('Sun 29 Mar 09:00');
  expect(say('2026-10-25 01:30')).toBe('Sun 25 Oct 01:30');
});
