// Dates as people and programs write them: 2026-03-02, 2/3/26, 2 Mar 2026, each with or without a time of day.
import { DAY_MS } from './lengths.ts';
import { atLocal } from './zone.ts';

/** `sure` is false when day and month could stand the other way round: taken day first, to be looked at. */
export type ReadDate = { ms: number; sure: boolean; hasTime: boolean };

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const TIME = /(?:^|[T\s,]|at\s)(\d{1,2})[:.h](\d{2})(?::\d{2})?\s*([ap])?\.?m?\.?\s*$/i;

/**
 * Reads a date in the house's zone; nothing when it is none. Numbers parted by `/`, `.` or `-` are taken day first unless
 * the second cannot be a month; two-figure years are 20xx. Without a time of day it is `hour` o'clock.
 * @example readDate('2.3.26 8:30 pm', 'Europe/Lisbon', 12)
 */
export function readDate(text: string, zone: string, hour: number): ReadDate | undefined {
  const typed = text.trim();
  const time = TIME.exec(typed);
  const date = readDay(
    (time ? typed.slice(0, time.index) : typed)
      .replace(/^(mon|tue|wed|thu|fri|sat|sun)[a-z]*[,.]?\s+/i, '')
      .replace(/,\s*$/, '')
      .trim(),
  );
  const clock = time ? readClock(time) : { hour, minute: 0 };
  if (!date || !clock) return undefined;
  return { ms: atLocal(date.day, clock, zone), sure: date.sure, hasTime: time !== null };
}

function readClock([, hours, minutes, half]: RegExpExecArray): { hour: number; minute: number } | undefined {
  const [typed, minute] = [Number(hours), Number(minutes)];
  const hour = half ? (typed % 12) + (half.toLowerCase() === 'p' ? 12 : 0) : typed;
  return hour < 24 && minute < 60 && !(half && typed > 12) ? { hour, minute } : undefined;
}

function readDay(text: string): { day: number; sure: boolean } | undefined {
  const iso = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})T?$/.exec(text);
  if (iso) return wholeDay(Number(iso[1]), Number(iso[2]), Number(iso[3]), true);
  const numbers = /^(\d{1,2})[-/.]\s?(\d{1,2})[-/.]\s?(\d{2}|\d{4})$/.exec(text);
  if (numbers) {
    const [first, second, year] = numbers.slice(1).map(Number) as [number, number, number];
    if (second > 12) return wholeDay(year, first, second, true);
    return wholeDay(year, second, first, first > 12 || first === second);
  }
  const named = /^(\d{1,2})(?:st|nd|rd|th)?[\s.-]+([a-z]{3,9})\.?[\s,-]+(\d{2}|\d{4})$/i.exec(text);
  if (named) return wholeDay(Number(named[3]), monthOf(named[2]!), Number(named[1]), true);
  const american = /^([a-z]{3,9})\.?\s+(\d{1,2})(?:st|nd|rd|th)?,?\s+(\d{2}|\d{4})$/i.exec(text);
  return american ? wholeDay(Number(american[3]), monthOf(american[1]!), Number(american[2]), true) : undefined;
}

const monthOf = (word: string): number => MONTHS.indexOf(word.slice(0, 3).toLowerCase()) + 1;

function wholeDay(year: number, month: number, day: number, sure: boolean): { day: number; sure: boolean } | undefined {
  const ms = Date.UTC(year < 100 ? 2000 + year : year, month - 1, day);
  const back = new Date(ms);
  return month >= 1 && back.getUTCMonth() === month - 1 && back.getUTCDate() === day ? { day: ms / DAY_MS, sure } : undefined;
}
