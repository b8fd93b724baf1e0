// What stands against a place, in words: forbidden, and what it costs.
import type { CompatibilityCode, OpenQuestion } from '#core/placement/index.ts';
import type { RefusalWords, Told } from './refusalWords.ts';
import { capital } from './text.ts';

const assumed = ({ assumed: is }: Told) => (is ? ' (not all were measured: taken at the worse size)' : '');
const times = (size: string | undefined) => `${Math.round(Number(size) * 100)} % of what the house gives them`;

const OPEN_WORDS: Record<OpenQuestion, string> = {
  temperature: 'which temperature',
  salinity: 'how much salt',
  jumps: 'whether they jump (no lid here)',
  eats: 'whom they eat',
  company: 'whether they can be kept together with others',
  grows: 'how large they grow',
};
const sayOpen = (open: string) =>
  open
    .split(',')
    .map((question) => OPEN_WORDS[question as OpenQuestion] ?? question)
    .join(', ');

export const placeRefusals: Record<CompatibilityCode, RefusalWords> = {
  'fit.wrongWater': ({ has, salinityPpt, min, max, species }, { units }) =>
    `${capital(has)} water, ${units.say('salinity', Number(salinityPpt))}; ${species} need ${units.say('salinity', Number(min))} to ${units.say('salinity', Number(max))}`,
  'fit.tooCold': ({ hasC, minC, species }, { units }) =>
    `Too cold: ${units.say('temperature', Number(hasC))}, ${species} from ${units.say('temperature', Number(minC))}`,
  'fit.tooWarm': ({ hasC, maxC, species }, { units }) =>
    `Too warm: ${units.say('temperature', Number(hasC))}, ${species} to ${units.say('temperature', Number(maxC))}`,
  'fit.noLid': ({ species }) => `No lid, and ${species} jump`,
  'fit.eatsResidents': ({ species, resident, ...more }) => `${capital(species)} would eat the ${resident}${assumed(more)}`,
  'fit.eatenByResidents': ({ species, resident, ...more }) => `The ${resident} would eat ${species}${assumed(more)}`,
  'fit.neverWith': ({ species, resident }) => `${capital(species)} never with ${resident}`,
  'fit.keptAlone': ({ species, resident }) =>
    resident === 'its own kind' ? `${capital(species)} are kept one to a tank` : `${capital(resident)} here: one of them is kept alone`,
  'fit.saleBeforeQuarantine': ({ purpose }) =>
    `${{ home: 'Home stock', breeding: 'Breeding stock' }[String(purpose)] ?? 'Sale tank'}: only after its quarantine`,
  'fit.shyOfTreatment': ({ family, species, known }) =>
    known === 'true' ? `Under ${family}, which harms ${species}` : `Under ${family}, and nobody knows whether ${species} tolerate it`,
  'fit.heldTreatment': ({ family, species, atMs }, { when }) =>
    family === 'copper'
      ? `Has held copper (to ${when(Number(atMs))}), which harms ${species}: only after a test at zero`
      : `Has held ${family} (to ${when(Number(atMs))}), which harms ${species}`,
  'fit.illHere': ({ what }) => `Ill in its quarantine: ${what}`,
  'fit.awayFromHome': () => 'A customer’s tank: only cleared fish go there',
  'cost.restarts': ({ who, lost }) => `Restarts the quarantine of ${who}${Number(lost) > 0 ? `: ${lost} clear days lost in all` : ''}`,
  'cost.newcomerMeets': () => 'They are cleared, and would meet fish in quarantine',
  'cost.crowded': ({ size, ...more }) => `Crowded: ${times(size)}${assumed(more)}`,
  'cost.crowdedGrown': ({ size, ...more }) => `Crowded when they are grown: ${times(size)}${assumed(more)}`,
  'cost.ownKind': ({ species, size, litres }, { units }) =>
    `${size} ${species} in ${units.say('volume', Number(litres))}: they quarrel with their own kind`,
  'cost.bold': ({ resident, weak }) => `With ${resident}, bold company ${weak === 'true' ? 'for weak fish' : 'for shy ones'}`,
  'cost.strongFlow': () => 'Strong flow, and they are weak',
  'cost.feedingRace': ({ slow }) => `${capital(slow)} feed slowly and get little beside the others`,
  'cost.otherSupplier': () => 'With fish of another supplier',
  'cost.suspect': () => 'Something was odd on this system in the last week',
  'cost.promised': () => 'Fish here are promised to a customer',
  'cost.breeding': () => 'Breeding stock lives here',
  'cost.coming': ({ who }) => `More are to come here: ${who}`,
  'cost.unknownKind': () => 'Nobody has named them: judged by the water of their bag only',
  'cost.guessedKind': ({ who }) => `Named by a guess: ${who}. Should they be another kind, none of this holds`,
  'cost.notObservation': () => 'This house has them in an observation tank first, and this is none',
  'cost.medicineNow': ({ what }) => `${capital(String(what))} is in the water, and they came too weak for medicine yet`,
  'cost.unknownCompany': ({ who }) => `Nobody has named who lives here: ${who}`,
  'cost.notKnown': ({ what, who }) => `Not known of ${who}: ${sayOpen(String(what))}`,
  'cost.residentsNotKnown': ({ who }) => `Not known what ${who} eat, who live here`,
  'cost.lengthNotKnown': ({ who }) => `Not known how long ${who} are, who live here: the room they need is not counted`,
};

/** The same in the few words that fit into a tank's picture. */
export const shortReason: Record<CompatibilityCode, string> = {
  'fit.wrongWater': 'wrong water',
  'fit.tooCold': 'too cold',
  'fit.tooWarm': 'too warm',
  'fit.noLid': 'no lid, it jumps',
  'fit.eatsResidents': 'eats who lives here',
  'fit.eatenByResidents': 'is eaten here',
  'fit.neverWith': 'never with who lives here',
  'fit.keptAlone': 'kept alone',
  'fit.saleBeforeQuarantine': 'only after quarantine',
  'fit.shyOfTreatment': 'under treatment',
  'fit.heldTreatment': 'has held treatment',
  'fit.illHere': 'ill here',
  'fit.awayFromHome': 'a customer’s tank',
  'cost.restarts': 'restarts clocks',
  'cost.newcomerMeets': 'meets quarantine',
  'cost.crowded': 'crowded',
  'cost.crowdedGrown': 'crowded later',
  'cost.ownKind': 'own kind',
  'cost.bold': 'bold company',
  'cost.strongFlow': 'strong flow',
  'cost.feedingRace': 'slow feeders',
  'cost.otherSupplier': 'other supplier',
  'cost.suspect': 'suspect',
  'cost.promised': 'promised fish',
  'cost.breeding': 'breeding stock',
  'cost.coming': 'more to come',
  'cost.unknownKind': 'not named',
  'cost.guessedKind': 'named by a guess',
  'cost.notObservation': 'no observation tank',
  'cost.medicineNow': 'medicine in it',
  'cost.unknownCompany': 'company not named',
  'cost.notKnown': 'not all is known',
  'cost.residentsNotKnown': 'may eat them',
  'cost.lengthNotKnown': 'room not known',
};
