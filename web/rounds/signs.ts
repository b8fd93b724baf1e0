// Signs as the check's form keeps them. No screen in here.
import type { RoundTank } from '#contract/views.ts';
import { judgeSign, type Sign, type SignMeans, type SignSeen } from '#core/rounds/index.ts';

export const toggled = (signs: readonly SignSeen[], sign: Sign): SignSeen[] =>
  signs.some((seen) => seen.sign === sign) ? signs.filter((seen) => seen.sign !== sign) : [...signs, { sign }];

/** What the house takes: nothing that was not said. */
export const cleanSign = ({ sign, n, strength, where }: SignSeen): SignSeen => ({
  sign,
  ...(n ? { n } : {}),
  ...(strength ? { strength } : {}),
  ...(where && where.length > 0 ? { where } : {}),
});

export const meansOf = (sign: Sign, lot: Pick<RoundTank['lots'][number], 'sinceMs' | 'usual'>, atMs: number): SignMeans => {
  const before = lot.usual?.find((known) => known.sign === sign);
  return judgeSign(sign, {
    atMs,
    ...(lot.sinceMs === undefined ? {} : { movedMs: lot.sinceMs }),
    ...(before ? { before: { days: before.days, of: before.of } } : {}),
  });
};

/** `bad white spots on 2, fins`. */
export const saidSign = ({ sign, n, strength, where = [] }: SignSeen): string =>
  `${strength ? `${strength} ` : ''}${sign}${n ? ` on ${n}` : ''}${where.length > 0 ? `, ${where.join(', ')}` : ''}`;
