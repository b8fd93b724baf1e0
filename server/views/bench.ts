// The bench: bags in hand (landed, fish in them still) with the water they go to, and the floats that run.
import { prepareBenchBag } from '../bench/known.ts';
import { prepareBags, prepareFloats } from '../dock/bags.ts';
import { prepareRunCards } from '../runs/cards.ts';
import { preparePeopleHere } from '../people/here.ts';
import type { MakeView } from './view.ts';

export const makeBenchView: MakeView<'bench'> = (client) => {
  const inHand = prepareBags(client, 'b.id in (select place from now_standing)');
  const complete = prepareBenchBag(client);
  const floats = prepareFloats(client);
  const runs = prepareRunCards(client);
  const people = preparePeopleHere(client);
  return ({ now }) => ({
    bags: inHand().map(complete),
    floats: floats(),
    runs: runs(now),
    people: people(),
  });
};
