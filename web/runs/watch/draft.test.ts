import { v7 } from 'uuid';
import { CHECKS } from '#core/runs/index.ts';
import { accepted } from '../../data/testOverlay.ts';
import { checkedEntry, handedEntry, lossEntry } from './draft.ts';

const run = v7();

it('what was not found wrong was fine, and nothing is both or left out', () => {
  for (const wrong of [[], [CHECKS[0]], [...CHECKS]]) {
    const [entry] = accepted(checkedEntry(run, new Set(wrong), '')) as { fine: string[]; wrong: string[] }[];
    expect(entry!.wrong).toEqual(wrong);
    expect([...entry!.fine, ...entry!.wrong].sort()).toEqual([...CHECKS].sort());
    expect(entry).not.toHaveProperty('note');
  }
  expect(accepted(checkedEntry(run, new Set(), ' dim '))).toMatchObject([{ note: 'dim' }]);
});

it('handed on with its own minutes between looks when they are said, else as it was', () => {
  expect(accepted(handedEntry({ run, to: 'bram', note: '' }))).toEqual([{ kind: 'acclimation.handedOver', run, to: 'bram' }]);
  expect(accepted(handedEntry({ run, to: 'bram', minutes: '30', note: '' }))).toMatchObject([{ checkEveryMin: 30 }]);
});

it('who dies in the vessel is lost there, of acclimation as a guess', () => {
  const lot = v7();
  expect(accepted(lossEntry({ lot, run }, 2))).toEqual([
    { kind: 'loss.recorded', lot, place: run, n: 2, cause: 'acclimation', sure: 'guess' },
  ]);
});
