// Who may write each kind, who may take it back, and what it touches. Apart from the schemas, so that the web can ask without them.
import type { Kind, Undo } from '#core/journal/index.ts';
import type { Role } from '#core/people/index.ts';
import type { Topic } from './topics.ts';

/** `version` = of its payload, 1 when left out. */
export type Permit = { minRole: Role; undo: Undo; topics: readonly Topic[]; version?: number };
export const versionOf = (kind: Kind): number => permits[kind].version ?? 1;

export const permits: { [K in Kind]: Permit } = {
  'entry.reversed': {
    minRole: 'trainee',
    undo: 'never',
    topics: ['stock', 'dock', 'bench', 'rounds', 'water', 'today', 'moves', 'exposure', 'house'],
  },
  'person.added': { minRole: 'lead', undo: 'never', topics: ['people'] },
  'person.prefers': { minRole: 'trainee', undo: 'never', topics: ['people'] },
  'house.configured': { minRole: 'lead', undo: 'never', topics: ['house'], version: 4 },
  'rack.changed': { minRole: 'lead', undo: 'never', topics: ['house'] },
  'rack.added': { minRole: 'lead', undo: 'never', topics: ['house'] },
  'water.added': { minRole: 'lead', undo: 'never', topics: ['house', 'water'] },
  'water.changed': { minRole: 'lead', undo: 'never', topics: ['house', 'water'] },
  'waters.joined': { minRole: 'lead', undo: 'never', topics: ['house', 'water', 'stock'] },
  'tank.added': { minRole: 'lead', undo: 'never', topics: ['house'] },
  'tank.changed': { minRole: 'lead', undo: 'never', topics: ['house', 'stock'] },
  'thing.retired': { minRole: 'lead', undo: 'lead', topics: ['house', 'exposure'] },
  'species.added': { minRole: 'lead', undo: 'never', topics: ['shelf'] },
  'species.changed': { minRole: 'lead', undo: 'never', topics: ['shelf'] },
  'supplier.added': { minRole: 'lead', undo: 'never', topics: ['dock'] },
  'supplier.taught': { minRole: 'keeper', undo: 'self', topics: ['dock'] },
  'crate.expected': { minRole: 'keeper', undo: 'self', topics: ['dock', 'stock'] },
  'crate.arrived': { minRole: 'trainee', undo: 'self', topics: ['dock'] },
  'bag.landed': { minRole: 'trainee', undo: 'self', topics: ['dock', 'stock', 'bench'] },
  'bag.absent': { minRole: 'trainee', undo: 'self', topics: ['dock', 'stock'] },
  'bag.assigned': { minRole: 'keeper', undo: 'self', topics: ['dock', 'bench'] },
  'method.chosen': { minRole: 'keeper', undo: 'self', topics: ['bench', 'dock'] },
  'float.started': { minRole: 'keeper', undo: 'self', topics: ['bench', 'stock', 'dock'] },
  'fish.released': { minRole: 'keeper', undo: 'self', topics: ['bench', 'stock', 'dock', 'rounds'] },
  'hold.opened': { minRole: 'keeper', undo: 'self', topics: ['stock'], version: 2 },
  'hold.signedOff': { minRole: 'keeper', undo: 'self', topics: ['stock'] },
  'reading.taken': { minRole: 'trainee', undo: 'self', topics: ['water', 'dock', 'bench'] },
  'lot.opened': { minRole: 'lead', undo: 'lead', topics: ['stock', 'rounds'] },
  'stock.moved': { minRole: 'keeper', undo: 'self', topics: ['stock', 'rounds', 'moves'], version: 2 },
  'stock.counted': { minRole: 'keeper', undo: 'self', topics: ['stock', 'rounds', 'bench'] },
  'lot.split': { minRole: 'keeper', undo: 'self', topics: ['stock', 'rounds'] },
  'lot.joined': { minRole: 'lead', undo: 'lead', topics: ['stock', 'rounds'] },
  'lot.measured': { minRole: 'trainee', undo: 'self', topics: ['stock'] },
  'stay.limited': { minRole: 'keeper', undo: 'self', topics: ['stock', 'today'] },
  'moves.planned': { minRole: 'keeper', undo: 'self', topics: ['moves'] },
  'slip.tried': { minRole: 'trainee', undo: 'self', topics: ['moves'] },
  'slip.freed': { minRole: 'trainee', undo: 'self', topics: ['moves'] },
  'slip.dropped': { minRole: 'keeper', undo: 'self', topics: ['moves'] },
  'tool.added': { minRole: 'lead', undo: 'never', topics: ['exposure'] },
  'tool.changed': { minRole: 'lead', undo: 'never', topics: ['exposure'] },
  'tool.used': { minRole: 'trainee', undo: 'self', topics: ['exposure'] },
  'tool.disinfected': { minRole: 'trainee', undo: 'self', topics: ['exposure'] },
  'water.exchanged': { minRole: 'keeper', undo: 'self', topics: ['exposure', 'water'] },
  'remedy.begun': { minRole: 'keeper', undo: 'self', topics: ['exposure', 'water'] },
  'remedy.ended': { minRole: 'keeper', undo: 'self', topics: ['exposure', 'water'] },
  'lot.promised': { minRole: 'keeper', undo: 'self', topics: ['stock'] },
  'tank.looked': { minRole: 'trainee', undo: 'self', topics: ['rounds'] },
  'lot.fed': { minRole: 'trainee', undo: 'self', topics: ['rounds'] },
  'mishap.recorded': { minRole: 'trainee', undo: 'self', topics: ['rounds'] },
  'due.done': { minRole: 'trainee', undo: 'self', topics: ['today'] },
  'due.snoozed': { minRole: 'trainee', undo: 'self', topics: ['today'] },
  'due.skipped': { minRole: 'keeper', undo: 'self', topics: ['today'] },
  'loss.recorded': { minRole: 'trainee', undo: 'self', topics: ['rounds', 'stock'] },
  'loss.classed': { minRole: 'lead', undo: 'lead', topics: ['rounds'] },
};

/** True when acts of these kinds are taken back, by whoever may, and not set right by a further entry. */
export const isUndoable = (kinds: readonly Kind[]): boolean => kinds.every((kind) => permits[kind].undo !== 'never');
