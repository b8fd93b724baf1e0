import { v7 } from 'uuid';
import { checkAct } from '#contract/act.ts';
import { versionOf } from '#contract/kinds.ts';
import { plainPolicy } from '#core/quarantine/index.ts';
import type { Draft } from '../data/house.ts';
import { carriedOut, planned, type Carried } from './draft.ts';

const move: Carried = {
  lot: 'barbs',
  label: 'cherry barb',
  from: 'F3',
  to: 'F11',
  n: 5,
  arrived: 5,
  cut: false,
  inQuarantine: true,
  along: [],
  residentsAgain: [],
};
const kinds = (more: Partial<Carried>) => carriedOut({ ...move, ...more }, v7).map(({ kind }) => kind);
const payload = <K extends Draft['kind']>(kind: K, more: Partial<Carried>) =>
  carriedOut({ ...move, ...more }, v7).find((draft) => draft.kind === kind)!.payload as Extract<Draft, { kind: K }>['payload'];

it('is one entry when everything is as it should be', () => {
  expect(carriedOut(move, v7)).toEqual([{ kind: 'stock.moved', payload: { moves: [{ lot: 'barbs', from: 'F3', to: 'F11', n: 5 }] } }]);
});

it('cuts part of a lot off before it moves it, with a quarantine of its own while the parent is in quarantine', () => {
  expect(kinds({ cut: true })).toEqual(['lot.split', 'stock.moved']);
  const child = payload('lot.split', { cut: true });
  expect(child).toMatchObject({ lot: 'barbs', place: 'F3', n: 5, why: 'another system' });
  expect(child.quarantine).toBeDefined();
  expect(payload('lot.split', { cut: true, inQuarantine: false }).quarantine).toBeUndefined();
  const drafts = carriedOut({ ...move, cut: true }, v7);
  expect(drafts[1]!.payload).toMatchObject({ moves: [{ lot: (drafts[0]!.payload as { child: string }).child }] });
});

it('writes the end of a temporary place before the fish go in', () => {
  expect(kinds({ untilMs: 1_772_600_000_000.4 })).toEqual(['stay.limited', 'stock.moved']);
  expect(payload('stay.limited', { untilMs: 1_772_600_000_000.4 })).toMatchObject({
    lot: 'barbs',
    place: 'F11',
    untilMs: 1_772_600_000_000,
  });
});

it('says what was counted at the other end, what stayed behind and what went along', () => {
  expect(payload('stock.moved', { arrived: 4 }).moves[0]).toMatchObject({ n: 5, arrived: 4 });
  expect(payload('stock.moved', { along: [{ lot: 'loach', n: 2 }] }).moves).toHaveLength(2);
  expect(kinds({ behind: { seen: 18, onRecord: 18 } })).toEqual(['stock.moved']);
  expect(payload('stock.counted', { behind: { seen: 17, onRecord: 18 } })).toMatchObject({ found: 17, onRecord: 18, against: 'missing' });
  expect(payload('stock.counted', { behind: { seen: 19, onRecord: 18 } })).toMatchObject({ against: 'discrepancy' });
});

it('puts cleared fish that meet fish in quarantine in quarantine again, movers and residents', () => {
  const policy = plainPolicy(14);
  expect(kinds({ inQuarantine: false, quarantineAgain: policy, residentsAgain: [{ lot: 'gourami', policy }] })).toEqual([
    'stock.moved',
    'quarantine.opened',
    'quarantine.opened',
  ]);
  // In quarantine already, nothing is opened twice.
  expect(kinds({ inQuarantine: true, quarantineAgain: policy })).toEqual(['stock.moved']);
});

it('makes acts that the house can read, with all that a slip can hold', () => {
  const policy = plainPolicy(14);
  const all = carriedOut(
    {
      ...move,
      cut: true,
      inQuarantine: false,
      quarantineAgain: policy,
      untilMs: 1_772_600_000_000,
      tool: 'fern-net',
      task: v7(),
      mishap: 'jumped',
      why: 'the bully',
      behind: { seen: 1, onRecord: 2 },
    },
    v7,
  );
  const task = planned(
    {
      lot: 'barbs',
      from: 'F3',
      to: 'F11',
      n: 5,
      sex: 'male',
      size: 'largest',
      by: 'net',
      after: [],
      comesBack: true,
      waitsFor: { what: 'caves' },
    },
    'Caves',
    v7,
  );
  const entries = [...all, task].map((draft) => ({
    id: v7(),
    version: versionOf(draft.kind),
    occurredAtMs: Date.UTC(2026, 2, 3),
    ...draft,
  }));
  expect(checkAct(JSON.parse(JSON.stringify({ actId: v7(), entries })))).toMatchObject({ ok: true });
});
