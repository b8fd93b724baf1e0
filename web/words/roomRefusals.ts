// What is in the way in the room, in plain words.
import type { RefusalCode } from '#core/journal/index.ts';
import { by, type RefusalWords } from './refusalWords.ts';
import { capital } from './text.ts';

type Code = Extract<
  RefusalCode,
  `${'tank' | 'thing' | 'vessel' | 'water' | 'system' | 'treatment' | 'move' | 'stay' | 'split' | 'join' | 'transfer' | 'tool'}.${string}`
>;

export const roomRefusals: Record<Code, RefusalWords> = {
  'tank.retired': ({ code }) => `${code} is gone from the house.`,
  'tank.notEmpty': ({ code, n }) => `${n} fish live in ${code}. Move them first: a tank with fish in it does not vanish.`,
  'tank.hasVessels': ({ code, vessels }) => `${vessels} hangs in ${code}. Take that away first.`,
  'tank.expected': ({ code, n }) => `${n} bags on the dock are assigned to ${code}. Choose another tank for them first.`,
  'tank.placeTaken': ({ code }) => `${code} stands there.`,
  'thing.inUse': ({ name, tanks }) => `${name} has ${tanks} tanks. Move them first.`,
  'vessel.otherSystem': ({ tank }) => `What hangs in ${tank} is in its water.`,
  'vessel.needsTank': ({ vessel }) => `A ${vessel} is in a tank: say in which.`,
  'tool.notYourHands': ({ needs }) => `Only a ${needs} may write that about somebody else’s hands.`,
  'tool.usedSince': ({ atMs }, { when }) => `It was in water again at ${when(Number(atMs))}: disinfect it after that, or ask a lead.`,
  'water.itself': () => 'That is one system already.',
  'system.otherType': ({ from, into }) => `One is ${from}, the other ${into}: they cannot be one system.`,
  'system.tanksMoved': ({ system }) => `Other tanks are on ${system} than this page shows. Check again.`,
  'water.tooMuch': ({ code, litres, volumeL }, { units }) =>
    `${code} holds ${units.say('volume', Number(volumeL))}: ${units.say('volume', Number(litres))} is more than all of it.`,
  'water.twoSources': () => 'Fresh-mixed water comes from no tank.',
  'water.fromQuarantine': ({ from, to }) =>
    `Water of ${from} may not go to ${to}: from cleared tanks to quarantine, never back. What swims in it would go along.`,
  'water.treated': ({ from, family, species }) =>
    `${from} is under ${family}, or has held it and was not tested at zero: it harms ${species}, or nobody knows that it does not: its water would bring it along.`,
  'water.dilutes': ({ tank, family, share }) =>
    `${family} is in the water of ${tank}: changing ${Math.round(Number(share) * 100)} % of it makes it weaker, and its days may not count. Give it again to the same level, by its label, and say so.`,
  'water.frees': ({ code, now: before, then, pH }, { units }) =>
    `There is ammonia in the water of ${code}, and the new water has a higher pH: at ${units.say('pH', Number(pH))} it would be ${Number(then).toFixed(3)} mg/L toxic, against ${Number(before).toFixed(3)} now. Change with water of the same pH.`,
  'water.freesPerhaps': ({ code, then, pH, unread }) =>
    `There is ammonia in the water of ${code}, and nobody read the pH ${unread === 'here' ? 'there' : unread === 'new water' ? 'of the new water' : 'there or of the new water'}: at pH ${pH} up to ${Number(then).toFixed(3)} mg/L of it would be toxic. Read the pH of both first.`,
  'water.notRead': ({ tank, share }) =>
    `${Math.round(Number(share) * 100)} % of ${tank} at once, and nobody has read the new water. Read its salinity and temperature first.`,
  'treatment.invertebrates': ({ family, species }) =>
    `${capital(family)} kills shrimps, snails and their kin, and ${species} live on this system. Treat the fish apart.`,
  'treatment.notKnown': ({ family, species }) => `Nobody knows whether ${species} tolerate ${family}. Treat those that need it apart.`,
  'treatment.second': ({ family, other: otherName }) =>
    `${capital(otherName)} is in the water, or was within a day: together with ${family} it is harder on them. Ask a veterinarian first.`,
  'treatment.frail': ({ family, who }) => `Weak, or not seen to eat for two days: ${who}. ${capital(family)} is hard on them.`,
  'treatment.running': ({ family, atMs }, { when }) => `${family} runs there already, since ${when(Number(atMs))}.`,
  'treatment.notRunning': () => 'That treatment is not running there: it was ended meanwhile, or undone.',
  'treatment.harms': ({ family, species }) =>
    `${family} harms ${species}, who live on that system. Follow the label and ask a veterinarian.`,
  'move.nowhere': () => 'They are there already: choose another place.',
  'stay.needed': ({ code }) => `${code} is a temporary place: say until when, so that nobody is forgotten in it.`,
  'stay.noEnd': () => 'Say until when, or until which length.',
  'stay.past': () => 'That hour is over already.',
  'stay.grown': ({ lot, sizeCm, untilCm }) => `The ${lot} are ${sizeCm} cm already: ${untilCm} cm is past already.`,
  'split.quarantine': ({ lot }) => `The quarantine of ${lot} was opened or signed off meanwhile. Check again, then split.`,
  'join.otherKind': ({ lot, into }) => `${lot} and ${into} are not the same kind. Only a lot's own kind is joined to it.`,
  'join.guess': ({ lot, into }) =>
    `${lot} or ${into} was named by a guess, the other was not. Be sure of it first: joined, nobody would know any more.`,
  'join.quarantinesDiffer': ({ lot }) =>
    `One of the two is in quarantine, the other is cleared. Sign off ${lot} first, or keep them as two lots.`,
  'join.apart': ({ lot, into }) => `No ${into} stand with the ${lot} there: bring them together first.`,
  'transfer.round': ({ round }) => `These wait for each other in a round: ${round}. Give one of them a bucket in between.`,
  'transfer.done': (facts, { when }) => `This slip is done already: ${by(facts, when)}.`,
  'transfer.dropped': (facts, { when }) => `This slip was dropped: ${by(facts, when)}.`,
  'transfer.resting': ({ tries, untilMs }, { when }) =>
    `The net was in ${tries} times today. Leave them alone until ${when(Number(untilMs))}: each dip scares them more.`,
  'transfer.blocked': ({ n, from, to }) => `Another move comes first: ${n} from ${from} to ${to}.`,
  'transfer.waits': ({ what, untilMs }, { when }) => `It waits for ${what}${untilMs ? `, to come ${when(Number(untilMs))}` : ''}.`,
};
