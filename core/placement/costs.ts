// What a place costs: whose clear days restart, room, temperament, the race for food, other suppliers. Nothing of it forbids; it is taken knowingly, and
// asked about again only when it grew.
import { isTemporary } from '../room/index.ts';
import { notKnown } from './notKnown.ts';
import type { CompatibilityReason, CandidateTank, Newcomer, Resident } from './placeFacts.ts';
import type { PlaceRules } from './placeRules.ts';

/** Whose clear days restart by it: named with what each loses. */
export type ContactCosts = { restarted: readonly { label: string; clear?: number }[]; exposed: readonly string[]; newcomerMeets: boolean };

/** In less water than this, territorial fish find no place of their own, litres. A judgement. */
const CRAMPED_L = 150;
const SLOW_FEEDERS: readonly string[] = ['live food', 'pod hunter'];

type Surroundings = {
  residents: readonly Resident[];
  coming: readonly Resident[];
  meets?: ContactCosts;
  rules: Pick<PlaceRules, 'cmPerL'>;
};

export function costsOf(newcomer: Newcomer, tank: CandidateTank, { residents, coming, meets, rules }: Surroundings): CompatibilityReason[] {
  const others = residents.filter(({ lot }) => lot !== newcomer.lot);
  return [
    ...meetings(meets),
    ...crowding(newcomer, tank, { residents: [...residents, ...coming], limit: rules.cmPerL[tank.type] }),
    ...company(newcomer, tank, others),
    ...standing(newcomer, tank, others),
    ...firstTank(newcomer, tank),
    ...notKnown(newcomer, tank, others),
    ...toCome(coming),
  ];
}

function meetings(meets: ContactCosts | undefined): CompatibilityReason[] {
  if (!meets) return [];
  const { restarted, exposed, newcomerMeets } = meets;
  const named = [
    ...restarted.map(({ label, clear }) => (clear === undefined ? label : `${label} (${clear} clear days)`)),
    ...exposed.map((label) => `${label} (cleared)`),
  ];
  const lost = restarted.reduce((sum, { clear = 0 }) => sum + clear, 0);
  return [
    ...(named.length > 0
      ? [{ code: 'cost.restarts' as const, facts: { who: named.join(', '), lost, size: restarted.length + exposed.length } }]
      : []),
    ...(newcomerMeets ? [{ code: 'cost.newcomerMeets' as const, facts: { size: 1 } }] : []),
  ];
}

/** A length that nobody measured counts as the full grown one. */
function crowding(
  newcomer: Newcomer,
  tank: CandidateTank,
  { residents, limit }: { residents: readonly Resident[]; limit: number },
): CompatibilityReason[] {
  // For an hour in a bucket nobody counts centimetres; the hour is what is watched.
  if (isTemporary(tank)) return [];
  const all = [
    { ...newcomer, n: (newcomer.atMost ?? newcomer.n) + (newcomer.more ?? 0) },
    ...residents.filter(({ lot }) => lot !== newcomer.lot || newcomer.atMost === undefined),
  ];
  const lengthOf = ({ species, sizeCm, n = 1 }: Resident, grown: boolean) =>
    n * (grown ? Math.max(species?.adultCm ?? 0, sizeCm ?? 0) : (sizeCm ?? species?.adultCm ?? 0));
  const share = (grown: boolean) => all.reduce((sum, resident) => sum + lengthOf(resident, grown), 0) / tank.volumeL / limit;
  const [now, grown] = [share(false), share(true)];
  const assumed = all.some(({ sizeCm }) => sizeCm === undefined);
  const facts = (size: number) => ({
    size: Math.round(size * 100) / 100,
    limit,
    litres: tank.volumeL,
    cm: Math.round(size * tank.volumeL * limit * 10) / 10,
    ...(assumed ? { assumed } : {}),
  });
  // Of the newcomers themselves it is an open question of their species (notKnown), of unnamed ones that nobody knows their kind.
  const unmeasured = residents.filter((resident) => resident.lot !== newcomer.lot && resident.species && lengthOf(resident, true) === 0);
  const who = [...new Set(unmeasured.map(({ species }) => species!.common))].join(', ');
  return [
    ...(now > 1 ? [{ code: 'cost.crowded' as const, facts: facts(now) }] : []),
    // Beside the other: the first bag of a lot may be crowded later only, and all of them now.
    ...(grown > 1 && grown > now ? [{ code: 'cost.crowdedGrown' as const, facts: facts(grown) }] : []),
    ...(unmeasured.length > 0 ? [{ code: 'cost.lengthNotKnown' as const, facts: { who, size: unmeasured.length } }] : []),
  ];
}

function company({ species, weak, n }: Newcomer, tank: CandidateTank, others: readonly Resident[]): CompatibilityReason[] {
  const reasons: CompatibilityReason[] = [];
  const quarrels = (species: Resident['species']) => species?.temperament === 'territorial' || species?.temperament === 'aggressive';
  const named = (list: readonly Resident[]) => [
    ...new Set(list.map(({ species: kind, label }) => kind?.common ?? label ?? 'unnamed fish')),
  ];
  if (species && quarrels(species) && tank.volumeL < CRAMPED_L) {
    const own = others.filter((resident) => resident.species?.id === species.id).reduce((sum, resident) => sum + (resident.n ?? 1), n);
    if (own > 1 && (species.groupOf ?? 1) <= 1)
      reasons.push({ code: 'cost.ownKind', facts: { species: species.common, litres: tank.volumeL, size: own } });
  }
  const bold = others.filter((resident) => quarrels(resident.species) && resident.species?.id !== species?.id);
  if (bold.length > 0 && (weak || species?.temperament === 'shy' || species?.temperament === undefined))
    reasons.push({ code: 'cost.bold', facts: { resident: named(bold).join(', '), weak: weak === true, size: bold.length } });
  if (weak && tank.flow === 'strong') reasons.push({ code: 'cost.strongFlow', facts: { size: 1 } });
  const slow = (guild: string | undefined) => guild !== undefined && SLOW_FEEDERS.includes(guild);
  const race = others.filter(
    (resident) => resident.species && resident.species.id !== species?.id && slow(resident.species.guild) !== slow(species?.guild),
  );
  if (species?.guild !== undefined && race.length > 0)
    reasons.push({
      code: 'cost.feedingRace',
      facts: { slow: slow(species.guild) ? species.common : named(race).join(', '), size: race.length },
    });
  const unknown = others.filter((resident) => !resident.species);
  if (unknown.length > 0) reasons.push({ code: 'cost.unknownCompany', facts: { who: named(unknown).join(', '), size: unknown.length } });
  return reasons;
}

function standing(
  { species, guessed, supplier, quarantineDone }: Newcomer,
  tank: CandidateTank,
  others: readonly Resident[],
): CompatibilityReason[] {
  const strangers = others.filter(
    (resident) => resident.supplier !== undefined && supplier !== undefined && resident.supplier !== supplier,
  );
  return [
    ...(species ? [] : [{ code: 'cost.unknownKind' as const, facts: { size: 1 } }]),
    ...guesses({ species, guessed }, others),
    ...(!quarantineDone && strangers.length > 0 ? [{ code: 'cost.otherSupplier' as const, facts: { size: strangers.length } }] : []),
    ...(tank.suspect ? [{ code: 'cost.suspect' as const, facts: { size: 1 } }] : []),
    ...(others.some(({ promised }) => promised) ? [{ code: 'cost.promised' as const, facts: { size: 1 } }] : []),
    ...(tank.purpose === 'breeding' && others.length > 0 ? [{ code: 'cost.breeding' as const, facts: { size: 1 } }] : []),
  ];
}

/** Judged as the species that somebody guessed; should it be another, all of it may be wrong. */
function guesses({ species, guessed }: Pick<Newcomer, 'species' | 'guessed'>, others: readonly Resident[]): CompatibilityReason[] {
  const names = [
    guessed ? species?.common : undefined,
    ...others.map((resident) => (resident.guessed ? resident.species?.common : undefined)),
  ];
  const who = [...new Set(names.filter((name) => name !== undefined))];
  return who.length > 0 ? [{ code: 'cost.guessedKind', facts: { who: who.join(', '), size: who.length } }] : [];
}

/** Where the house sends what came weak: to be watched first, and no medicine before it has strength for it. An hour in a bucket is neither. */
function firstTank({ need, weak }: Newcomer, tank: CandidateTank): CompatibilityReason[] {
  if (isTemporary(tank)) return [];
  const under = tank.systemState.treatments;
  return [
    ...(need === 'observation tank' && tank.purpose !== 'observation'
      ? [{ code: 'cost.notObservation' as const, facts: { size: 1 } }]
      : []),
    ...((need || weak) && under.length > 0
      ? [{ code: 'cost.medicineNow' as const, facts: { what: under.join(', '), size: under.length } }]
      : []),
  ];
}

function toCome(coming: readonly Resident[]): CompatibilityReason[] {
  if (coming.length === 0) return [];
  const heads = coming.reduce((sum, { n = 1 }) => sum + n, 0);
  const who = coming.map(({ n = 1, label, species }) => `${n} ${label ?? species?.common ?? 'unnamed fish'}`).join(', ');
  return [{ code: 'cost.coming', facts: { who, size: heads } }];
}
