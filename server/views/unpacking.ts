// What the order of unpacking is worked out from: the bags of a crate that is open, with the water that each goes to.
import type { BagCard, UnpackingView } from '#contract/views.ts';
import { prepareBenchBag } from '../bench/known.ts';
import { makeAsk, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareBags, prepareFloats } from '../dock/bags.ts';
import { CRATE_WINDOW_MS } from '../now/rows.ts';
import type { MakeView } from './view.ts';

/** More bags than this nobody unpacks by one plan. */
const MOST = 300;
const isLeft = ({ absent, released, inRun, landed }: BagCard): boolean =>
  !absent && !released && inRun === undefined && landed?.alive !== 0;

export const makeUnpackingView: MakeView<'unpacking'> = (client) => {
  const ask = makeAsk(client);
  // The one that came last, unless another is asked for.
  const open = ask.all(
    { crate: t.crate.id, ...pick(t.crate, 'label', 'packedAtMs', 'promisedAtMs'), arrivedAtMs: t.arrival.atMs },
    `
    select c.id crate, c.label, c.packed_at_ms packedAtMs, c.promised_at_ms promisedAtMs, a.at_ms arrivedAtMs
    from p_arrival a join p_crate c on c.id = a.crate and c.voided_by is null
    where a.voided_by is null and a.at_ms > ? and exists (select 1 from now_open_bag b where b.crate = c.id) order by a.at_ms desc, c.id`,
  );
  const bagsOf = prepareBags(client, 'b.crate = ?');
  const complete = prepareBenchBag(client);
  const floats = prepareFloats(client);
  const tank = ask.get(pick(t.tank, 'id', 'code', 'volumeL'), 'select id, code, volume_l volumeL from p_tank where id = ?');
  return ({ now, query }): Omit<UnpackingView, 'seq'> => {
    const crates = open(now - CRATE_WINDOW_MS);
    const crate = query.crate ? crates.find((known) => known.crate === query.crate) : crates[0];
    if (!crate) return { bags: [], tanks: [], floats: [] };
    const left = bagsOf(crate.crate).filter(isLeft);
    const bags = left
      .slice(0, MOST)
      .map((bag) => complete({ ...bag, ...((bag.tank ?? bag.planned) ? { tank: bag.tank ?? bag.planned } : {}) }));
    return {
      crate,
      bags,
      ...(left.length > MOST ? { more: left.length - MOST } : {}),
      tanks: [...new Set(bags.flatMap((bag) => bag.tank?.id ?? []))].flatMap((id) => tank(id) ?? []),
      floats: floats().filter((float) => float.crate === crate.crate),
    };
  };
};
