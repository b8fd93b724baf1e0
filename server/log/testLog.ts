// A log that tests read: what was told, line by line.
import { makeLog, type Log } from './log.ts';

export type Line = { level: string; msg: string; [field: string]: unknown };

export function makeTestLog(): { log: Log; lines: Line[]; errors: () => string[]; raw: string[] } {
  const lines: Line[] = [];
  const raw: string[] = [];
  const write = (line: string) => {
    raw.push(line);
    lines.push(JSON.parse(line) as Line);
  };
  return { log: makeLog({ write }), lines, raw, errors: () => lines.filter(({ level }) => level === 'error').map(({ msg }) => msg) };
}
