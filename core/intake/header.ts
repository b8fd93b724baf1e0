// What stands above the headings of a list: who sent it, when it was packed and is due, what the water was.
import { type CsvRow, type FileProblem, plain } from '../text/index.ts';
import { readDate, type ReadDate } from '../time/index.ts';
import { parseQuantity } from '../water/index.ts';

export type ListHeader = {
  supplier?: string;
  label?: string;
  packed?: ReadDate;
  due?: ReadDate;
  temperatureC?: number;
  salinityPpt?: number;
};

const KEYS: readonly [RegExp, keyof ListHeader | 'water'][] = [
  [/^(packing (list|slip|note)|pack list|delivery note)\b/, 'label'],
  [/\b(packed|packing|bagged|sealed|ship(ped|ping)? (date|time)|shipped|pack date|dispatched|departure)\b/, 'packed'],
  [/\b(due|eta|deliver(y|ed)|arriv(al|es|ing)|promised)\b(?!.*\b(address|to|terms?|notes?|instructions?|contact|name|cost|fee)\b)/, 'due'],
  [/\btemp(erature)?\b/, 'temperatureC'],
  [/\b(salinity|ppt)\b/, 'salinityPpt'],
  [/^water$/, 'water'],
  [/\b(supplier|shipper|from|sender|exporter)\b(?!.*\baddress\b)/, 'supplier'],
  [/\b(order|invoice|consignment|reference|shipment|list)\b/, 'label'],
];
/** `Packing list No. 12345`, `INVOICE 2026/031`: a key and its value without a colon. */
const NUMBERED = /^(packing list|pack list|delivery note|order|invoice)[\s,]*(?:no\.?|nr\.?|number|#)?\s*((?=\S*\d)\S+)$/i;
const PACKED_HOUR = 20;
const DUE_HOUR = 10;

/** Lines above the headings as `key: value` or key and value in two cells. What is not understood is no fault; a bad date is. */
export function readHeader(rows: readonly CsvRow[], zone: string): { header: ListHeader; problems: FileProblem[] } {
  const header: ListHeader = {};
  const problems: FileProblem[] = [];
  for (const { line, cells } of rows) {
    for (const [key, value] of pairsOf(cells)) {
      const field = KEYS.find(([pattern]) => pattern.test(plain(key)))?.[1];
      if (!field || (field !== 'water' && header[field] !== undefined)) continue;
      if (field === 'packed' || field === 'due') {
        const date = readDate(value, zone, field === 'packed' ? PACKED_HOUR : DUE_HOUR);
        if (date) header[field] = date;
        else problems.push({ line, column: key, expected: 'a date such as 2026-03-02 20:30, 2/3/2026 or 2 Mar 2026' });
      } else if (field === 'water') {
        for (const part of value.split(/[,;]/)) readWater(header, part.trim());
      } else if (field === 'temperatureC' || field === 'salinityPpt') {
        const read = parseQuantity(field === 'temperatureC' ? 'temperature' : 'salinity', value.replace(/º/g, '°'));
        if (read.ok) header[field] = read.value;
        else
          problems.push({
            line,
            column: key,
            expected: field === 'temperatureC' ? 'a temperature such as 24 °C or 75 F' : 'a salinity such as 28 ppt',
          });
      } else header[field] = value.slice(0, 120);
    }
  }
  return { header, problems };
}

/** `25 C` or `1.022` of a line that says both. */
function readWater(header: ListHeader, part: string): void {
  const typed = part.replace(/º/g, '°');
  if (/\d\s*°?\s*[cf]\b/i.test(typed)) {
    const read = parseQuantity('temperature', typed);
    if (read.ok) header.temperatureC ??= read.value;
  } else {
    const read = parseQuantity('salinity', typed);
    if (read.ok) header.salinityPpt ??= read.value;
  }
}

function pairsOf(cells: readonly string[]): [string, string][] {
  const filled = cells.filter(Boolean);
  const numbered = filled.map((cell) => NUMBERED.exec(cell)).find(Boolean);
  if (numbered && filled.length === 1) return [[numbered[1]!, numbered[2]!]];
  const inOne = filled.flatMap((cell): [string, string][] => {
    const parts = /^([^:]{2,40}):\s*(.+)$/.exec(cell);
    return parts && !/\d$/.test(parts[1]!) ? [[parts[1]!.trim(), parts[2]!.trim()]] : [];
  });
  if (inOne.length > 0) return inOne;
  return filled.length < 2
    ? []
    : filled.flatMap((cell, index): [string, string][] =>
        index % 2 === 0 && filled[index + 1] ? [[cell.replace(/:$/, ''), filled[index + 1]!]] : [],
      );
}
