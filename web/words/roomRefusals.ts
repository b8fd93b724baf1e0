// What is in the way in the room, in plain words.
import type { RefusalCode } from '#core/journal/index.ts';
import { by, type RefusalWords } from './told.ts';

const cap = (text = '') => text.charAt(0).toUpperCase() + text.slice(1);

type Code = Extract<
  RefusalCode,
  `${'tank' | 'thing' | 'vessel' | 'water' | 'system' | 'remedy' | 'move' | 'stay' | 'split' | 'join' | 'slip' | 'tool'}.${string}`
>;

export const roomRefusals: Record<Code, RefusalWords> = {
  'tank.retired': ({ code }) => `${code} is gone from the house.`,
  'tank.notEmpty': ({ code, n }) => `${n} fish live in ${code}. Move them first: a tank with fish in it does not vanish.`,
  'tank.hasVessels': ({ code, vessels }) => `${vessels} hangs in ${code}. Take that away first.`,
  'tank.expected': ({ code, n }) => `${n} bags on the dock are to go to ${code}. Choose another tank for them first.`,
  'tank.placeTaken': ({ code }) => `${code} stands there.`,
  'thing.inUse': ({ name, tanks }) => `${name} has ${tanks} tanks. Move them first.`,
  'vessel.otherSystem': ({ tank }) => `What hangs in ${tank} is in its water.`,
  'vessel.needsTank': ({ vessel }) => `A ${vessel} is in a tank: say in which.`,
  'tool.notYourHands': ({ needs }) => `Only a ${needs} may write that about somebody else’s hands.`,
  'tool.usedSince': ({ atMs }, { when }) => `It was in water again at ${when(Number(atMs))}: disinfect it after that, or ask a lead.`,
  'water.itself': () => 'That is one water already.',
  'system.otherType': ({ from, into }) => `One is ${from}, the other ${into}: they cannot be one water.`,
  'system.tanksMoved': ({ system }) => `Other tanks are on ${system} than this page shows. Look again.`,
  'water.tooMuch': ({ code, litres, volumeL }, { units }) =>
    `${code} holds ${units.say('volume', Number(volumeL))}: ${units.say('volume', Number(litres))} is more than all of it.`,
  'water.twoSources': () => 'Fresh-mixed water comes from no tank.',
  'water.fromHold': ({ from, to }) =>
    `Water of ${from} may not go to ${to}: from clean tanks to hold, never back. What swims in it would go along.`,
  'water.treated': ({ from, family, species }) =>
    `${from} is under ${family}, or has held it and was not tested at zero: it harms ${species}, or nobody knows that it does not: its water would bring it along.`,
  'water.notRead': ({ tank, share }) =>
    `${Math.round(Number(share) * 100)} % of ${tank} at once, and nobody has read the new water. Read its salinity and temperature first.`,
  'remedy.invertebrates': ({ family, species }) =>
    `${cap(family)} kills shrimps, snails and their kin, and ${species} live on this water. Treat the fish apart.`,
  'remedy.notKnown': ({ family, species }) => `Nobody knows whether ${species} bear ${family}. Treat those that need it apart.`,
  'remedy.second': ({ family, other }) =>
    `${cap(other)} is in the water, or was within a day: together with ${family} it is harder to bear. Ask a veterinarian first.`,
  'remedy.frail': ({ family, who }) => `Weak, or not seen to eat for two days: ${who}. ${cap(family)} is hard on them.`,
  'remedy.running': ({ family, atMs }, { when }) => `${family} runs there already, since ${when(Number(atMs))}.`,
  'remedy.notRunning': () => 'That remedy is not running there: it was ended meanwhile, or taken back.',
  'remedy.harms': ({ family, species }) => `${family} harms ${species}, who live in that water. Follow the label and ask a veterinarian.`,
  'move.nowhere': () => 'They are there already: choose another place.',
  'stay.needed': ({ code }) => `${code} is a temporary place: say until when, so that nobody is forgotten in it.`,
  'stay.noEnd': () => 'Say until when, or until which length.',
  'stay.past': () => 'That hour is over already.',
  'stay.grown': ({ lot, sizeCm, untilCm }) => `The ${lot} are ${sizeCm} cm already: ${untilCm} cm is behind them.`,
  'split.hold': ({ lot }) => `The hold of ${lot} was opened or signed off meanwhile. Look again, then cut.`,
  'join.otherKind': ({ lot, into }) => `${lot} and ${into} are not the same kind. Only a lot's own kind is joined to it.`,
  'join.holdsDiffer': ({ lot }) =>
    `One of the two is on hold, the other is cleared. Sign off ${lot} first, or keep them apart on the books.`,
  'join.apart': ({ lot, into }) => `No ${into} stand with the ${lot} there: bring them together first.`,
  'slip.round': ({ round }) => `These wait for each other in a round: ${round}. Give one of them a bucket in between.`,
  'slip.done': (facts, { when }) => `This slip is done already: ${by(facts, when)}.`,
  'slip.dropped': (facts, { when }) => `This slip was dropped: ${by(facts, when)}.`,
  'slip.resting': ({ tries, untilMs }, { when }) =>
    `The net was in ${tries} times today. Leave them alone until ${when(Number(untilMs))}: each dip scares them more.`,
  'slip.blocked': ({ n, from, to }) => `Another move comes first: ${n} from ${from} to ${to}.`,
  'slip.waits': ({ what, untilMs }, { when }) => `It waits for ${what}${untilMs ? `, to come ${when(Number(untilMs))}` : ''}.`,
};
