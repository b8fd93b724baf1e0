// The bench: bags in hand (landed, fish in them still) with the water they go to, and the floats that run.
import { prepareBenchBag } from '../bench/known.ts';
import { makeAsk, pick } from '../db/ask.ts';
import * as t from '../db/tables.ts';
import { prepareBags, prepareFloats } from '../dock/bags.ts';
import { IN_HOUSE } from '../now/sqlFragments.ts';
import { prepareRunCards } from '../runs/cards.ts';
import type { MakeView } from './view.ts';

export const makeBenchView: MakeView<'bench'> = (client) => {
  const ask = makeAsk(client);
  const inHand = prepareBags(client, 'b.id in (select place from now_standing)');
  const complete = prepareBenchBag(client);
  const floats = prepareFloats(client);
  const runs = prepareRunCards(client);
  const people = ask.all(
    pick(t.person, 'id', 'name'),
    `select id, name from p_person p where voided_by is null and ${IN_HOUSE('p')} order by name`,
  );
  return ({ now }) => ({
    bags: inHand().map(complete),
    floats: floats(),
    runs: runs(now),
    people: people(),
  });
};
