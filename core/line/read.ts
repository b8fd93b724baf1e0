// One line as entries, read strictly: either all of it has a meaning, or it says where it stuck. Guessing is repair.ts's.
import { Line, type LineHouse, type LineTank, type NotUnderstood, type Result, type Understood } from './line.ts';
import { partsOf, type Part } from './parts.ts';
import { counted, fed, left, lost, measured, mishap, moved, signed, well } from './sayings.ts';

/**
 * Reads `B3 lost 2`, `C5 sold 2`, `Q1 brine: ate 4/6`, `move 6 F2 > F7`, `G2 count 5`, `C4 white spots 2`, `F1 25.4C`, `F1 pH 6.8 nh4 0.25`, `D1 well`.
 * Pure; gives entries without ids and times. Fish need no name when a tank holds one lot.
 */
export function readLine(text: string, house: LineHouse): Understood | NotUnderstood {
  const byCode = new Map(house.tanks.map((tank) => [tank.code.toLowerCase(), tank]));
  const parts = partsOf(text, new Set(byCode.keys()), house.preference);
  const result = understand(parts, byCode, house);
  return 'entries' in result ? { ok: true, text, entries: result.entries, notes: result.notes ?? [] } : { ok: false, text, stuck: result };
}

function understand(parts: readonly Part[], byCode: ReadonlyMap<string, LineTank>, house: LineHouse): Result {
  if (parts.length === 0) return { at: 'empty' };
  const [tank, to] = tanksIn(parts, byCode);
  if (!tank) return { at: 'tank' };
  const line = new Line(parts, tank);
  if (line.has('move') || parts.some((part) => part.at === 'arrow')) return to ? moved(line, to) : { at: 'destination' };
  if (to) return { at: 'words', word: to.code };
  if (line.has('out')) return left(line);
  if (line.has('loss')) return lost(line);
  const isRead = parts.some((part) => part.at === 'reading');
  if (line.has('response') || (!isRead && parts.some((part) => part.at === 'colon'))) return fed(line);
  if (line.has('count')) return counted(line);
  if (line.has('sign')) return signed(line, house);
  if (line.has('mishap')) return mishap(line);
  if (isRead) return measured(line);
  if (line.has('well')) return well(line, house);
  // Words that mean nothing here are named; a tank and a bare number lack what was seen.
  return parts.some((part) => part.at === 'word') ? (line.leftOver() ?? { at: 'saying' }) : { at: 'saying' };
}

/** In the order of the line; `to F7 from F2` names the source last. */
function tanksIn(parts: readonly Part[], byCode: ReadonlyMap<string, LineTank>): LineTank[] {
  const named = parts.flatMap((part, start) =>
    part.at === 'tank' ? [{ tank: byCode.get(part.code)!, isSource: parts[start - 1]?.at === 'from' }] : [],
  );
  return [...named].sort((a, b) => Number(b.isSource) - Number(a.isSource)).map(({ tank }) => tank);
}
