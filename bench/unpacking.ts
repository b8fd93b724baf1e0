// The order of unpacking of crates of 120 bags: how long the plan takes, and how far it is from what no order can beat.
import { madeCrate } from '#core/dock/testCrates.ts';
import { unpackingOrder } from '#core/dock/index.ts';
import { quantile } from './measure.ts';

const BAGS = 120;
const CRATES = 60;
const percent = (share: number) => `${(100 * share).toFixed(1)} %`;
const spread = (shares: number[]) =>
  `median ${percent(quantile(shares, 0.5))}, p90 ${percent(quantile(shares, 0.9))}, most ${percent(Math.max(...shares))}`;
for (const harsh of [false, true]) {
  const took: number[] = [];
  const ends: number[] = [];
  const overs: number[] = [];
  const worths: number[] = [];
  for (let seed = 1; seed <= CRATES; seed += 1) {
    const { bags, hands } = madeCrate(seed, BAGS, { tanks: 4 + (seed % 20), harsh });
    const began = performance.now();
    const plan = unpackingOrder(bags, hands, { seed });
    took.push(performance.now() - began);
    ends.push(plan.endMin / plan.boundMin - 1);
    worths.push((3 * plan.overMin + plan.endMin) / (3 * plan.boundOverMin + plan.boundMin) - 1);
    overs.push((plan.overMin - plan.boundOverMin) / plan.endMin);
  }
  console.log(
    `${CRATES} ${harsh ? 'crates that no hands can keep in time' : 'overnight crates'} of ${BAGS} bags: median ${quantile(took, 0.5).toFixed(0)} ms, slowest ${Math.max(...took).toFixed(0)} ms (asked 1000)`,
  );
  console.log(`  all out, over the bound: ${spread(ends)} (asked 5 %)`);
  console.log(`  what is made small, over its bound: ${spread(worths)}`);
  console.log(`  worst past its reserve, over its bound, as a share of the whole: ${spread(overs)}`);
}
