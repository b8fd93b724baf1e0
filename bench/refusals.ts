// What it costs to refuse: bodies made to be dear, each as JSON, parsed and judged by the contract alone. `npm run bench refusals`.
import { checkAct } from '#contract/act.ts';
import { isDeep } from '#contract/bounds.ts';
import { examples } from '#contract/kinds.ts';

const id = '019cb270-7380-7000-8036-9ee768e6d3a5';
const entry = (payload: unknown, kind = 'tank.checked', more: object = {}) => ({ id, kind, version: 1, occurredAtMs: 1, payload, ...more });
const act = (entries: unknown) => ({ actId: id, entries });
const nested = (levels: number): string => '['.repeat(levels) + ']'.repeat(levels);
const bag = examples['crate.expected'].bags[0]!;
const BODIES: Record<string, string> = {
  'a megabyte of brackets': nested(500_000),
  'a text of a megabyte': JSON.stringify(act([entry({ note: 'x'.repeat(1_000_000) })])),
  '200 empty entries': JSON.stringify(act(Array(200).fill({}))),
  '2,000 bags, each wrong': JSON.stringify(
    act([
      entry(
        { ...examples['crate.expected'], bags: Array.from({ length: 2000 }, () => ({ ...bag, n: -1, label: 5, x: 1 })) },
        'crate.expected',
      ),
    ]),
  ),
  '2,000 bags, the last wrong': JSON.stringify(
    act([
      entry(
        {
          ...examples['crate.expected'],
          bags: Array.from({ length: 2000 }, (_, no) => ({ ...bag, bag: `b${no}`, n: no === 1999 ? -1 : 2 })),
        },
        'crate.expected',
      ),
    ]),
  ),
  '3,000 overrules': JSON.stringify(
    act([entry(examples['tank.checked'], 'tank.checked', { overrules: Array(3000).fill({ code: 'nonsense' }) })]),
  ),
  '50,000 numbers in lists': JSON.stringify(act([entry({ lots: Array(16).fill(Array(3000).fill(7)) })])),
};
for (const [name, text] of Object.entries(BODIES)) {
  const times: number[] = [];
  let said = 0;
  for (let turn = 0; turn < 7; turn += 1) {
    const began = performance.now();
    const checked = isDeep(Buffer.from(text)) ? { ok: false, faults: ['deep'] } : checkAct(JSON.parse(text));
    times.push(performance.now() - began);
    if (checked.ok) throw new Error(`${name} was taken`);
    said = JSON.stringify(checked).length;
  }
  times.sort((a, b) => a - b);
  console.log(
    `${name}: ${(text.length / 1000).toFixed(0)} kB, median ${times[3]!.toFixed(1)} ms, worst ${times[6]!.toFixed(1)} ms, answer ${said} bytes`,
  );
}
