import { atLocal, formatDay, formatTime, formatWall, houseDay, isZone, localHour, parseLocal, startOfHouseDay } from './index.ts';
import { HOUR_MS } from './lengths.ts';

const LISBON = 'Europe/Lisbon';

describe('house day', () => {
  it('equals the docstring example', () => {
    expect(houseDay(Date.UTC(2026, 2, 2, 23, 30), LISBON)).toBe(20514);
  });

  // Clocks go forward on 29 March 2026 and back on 25 October 2026.
  it.each([
    ['winter midnight', '2026-03-03T00:00', 0],
    ['one minute before', '2026-03-02T23:59', -1],
    ['the short day ends on time', '2026-03-29T23:59', 26],
    ['the day after the short day', '2026-03-30T00:00', 27],
    ['the long day ends on time', '2026-10-25T23:59', 236],
    ['the day after the long day', '2026-10-26T00:00', 237],
  ])('%s', (_name, wall, days) => {
    expect(houseDay(parseLocal(wall, LISBON), LISBON)).toBe(20515 + days);
  });

  it('counts a 23 h and a 25 h day as one day each', () => {
    const short = houseDay(parseLocal('2026-03-29T12:00', LISBON), LISBON);
    expect(startOfHouseDay(short + 1, LISBON) - startOfHouseDay(short, LISBON)).toBe(23 * HOUR_MS);
    const long = houseDay(parseLocal('2026-10-25T12:00', LISBON), LISBON);
    expect(startOfHouseDay(long + 1, LISBON) - startOfHouseDay(long, LISBON)).toBe(25 * HOUR_MS);
  });

  it('holds at quarter-hour zones', () => {
    const zone = 'Asia/Kathmandu';
    const midnight = parseLocal('2026-03-03T00:00', zone);
    expect(houseDay(midnight, zone) - houseDay(midnight - 1, zone)).toBe(1);
  });
});

describe('wall times', () => {
  it('reads and writes them in the house zone', () => {
    const ms = parseLocal('2026-07-01T07:40', LISBON);
    expect(new Date(ms).toISOString()).toBe('2026-07-01T06:40:00.000Z');
    expect(formatTime(ms, LISBON)).toBe('07:40');
    expect(localHour(ms, LISBON)).toBe(7);
    expect(formatDay(houseDay(ms, LISBON))).toBe('Wed 1 Jul');
    expect(atLocal(houseDay(ms, LISBON), { hour: 7, minute: 40 }, LISBON)).toBe(ms);
  });

  it('takes an instant with an offset as it is', () => {
    expect(parseLocal('2026-03-03T07:40:00Z', 'Asia/Tokyo')).toBe(Date.UTC(2026, 2, 3, 7, 40));
  });

  it.each(['', 'tomorrow', '2026-03-03', '2026-13-03T07:40', '2026-03-03T25:00'])('refuses %j', (text) => {
    expect(() => parseLocal(text, LISBON)).toThrow(RangeError);
  });

  it('knows a zone from a misspelling', () => {
    expect([isZone(LISBON), isZone('Europe/Lisbonne')]).toEqual([true, false]);
  });
});

it('writes a wall time that it reads back, in summer and in winter', () => {
  for (const ms of [Date.UTC(2026, 6, 1, 8), Date.UTC(2026, 0, 1, 0, 5)]) expect(parseLocal(formatWall(ms, LISBON), LISBON)).toBe(ms);
  expect(formatWall(Date.UTC(2026, 6, 1, 8), LISBON)).toBe('2026-07-01T09:00');
});

it('tells wall times on both sides of every clock change, asked in any order', () => {
  const clockAt = (utc: string) => formatTime(Date.parse(utc), LISBON);
  // Forward on 29 March at 01:00 UTC, back on 25 October at 01:00 UTC.
  expect(['2026-03-29T01:00Z', '2026-03-29T00:59Z', '2026-03-29T00:45Z', '2026-03-29T01:14Z'].map(clockAt)).toEqual([
    '02:00',
    '00:59',
    '00:45',
    '02:14',
  ]);
  expect(['2026-10-25T01:00Z', '2026-10-25T00:59Z', '2026-10-25T00:00Z'].map(clockAt)).toEqual(['01:00', '01:59', '01:00']);
  expect(localHour(Date.parse('2026-03-03T06:05Z'), 'Asia/Kathmandu')).toBe(11);
  expect(formatTime(Date.parse('2026-03-03T06:05Z'), 'Asia/Kathmandu')).toBe('11:50');
});
