// When a photograph may be written down: of something that is here.
import type { DockState } from '../dock/index.ts';
import { refuse, type Rules } from '../journal/index.ts';
import type { PhotoEntries, PhotoOf } from './entries.ts';

export type PhotoState = Pick<DockState, 'findCrate' | 'findBag' | 'findTank' | 'findLot'>;

const find: Record<PhotoOf['kind'], (state: PhotoState, id: string) => unknown> = {
  crate: (state, id) => state.findCrate(id),
  bag: (state, id) => state.findBag(id),
  tank: (state, id) => state.findTank(id),
  lot: (state, id) => state.findLot(id),
};

export const photoRules: Rules<PhotoEntries, PhotoState> = {
  'photo.taken': {
    decide: ({ payload: { of: subject } }, { state }) =>
      find[subject.kind](state, subject.id) ? [] : refuse('unknown', 'of.id', { what: subject.kind, id: subject.id }),
    links: ({ photo, of: subject }) => ({ makes: [photo], needs: [subject.id] }),
  },
};
