// The bench: bags in hand (landed, fish in them still) with the water they go to, and the floats that run.
import { prepareBenchBag } from '../bench/known.ts';
import { bagCard, prepareBags, prepareFloats } from '../dock/bags.ts';
import { IN_HOUSE } from '../now/sqlFragments.ts';
import { prepareRunCards } from '../runs/cards.ts';
import type { MakeView } from './view.ts';

export const makeBenchView: MakeView<'bench'> = (client) => {
  const inHand = prepareBags(client, 'b.id in (select place from p_balance where inside = 1 and n <> 0)');
  const complete = prepareBenchBag(client);
  const floats = prepareFloats(client);
  const runs = prepareRunCards(client);
  const people = client.prepare(`select id, name from p_person p where voided_by is null and ${IN_HOUSE('p')} order by name`);
  return ({ now }) => ({
    bags: inHand.all().map(bagCard).map(complete),
    floats: floats(),
    runs: runs(now),
    people: people.all() as { id: string; name: string }[],
  });
};
