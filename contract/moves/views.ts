// What the screens read of planned moves. Instants are UTC ms, quantities SI.
import type { TransferTask } from '#core/moves/index.ts';
import type { TopicsOf } from '../basics/topics.ts';
import type { ToolCard } from '../exposure/views.ts';
import type { Done } from '../notebook/views.ts';
import type { StayLimitCard } from '../stock/views.ts';

export type TransferTaskCard = TransferTask & {
  plan: string;
  planName: string;
  lotLabel: string;
  fromCode: string;
  toCode: string;
  toolName?: string;
  tries: number[];
  unblocked: boolean;
  done?: Done;
  dropped?: { by: string; atMs: number };
};

/** Open slips and those ended in the last two days, arrangements with an end, tools and where they were wet. */
export type MovesView = { seq: number; tasks: TransferTaskCard[]; stayLimits: StayLimitCard[]; tools: ToolCard[] };

export type MovesViews = { moves: MovesView };
export const movesViewTopics: TopicsOf<MovesViews> = {
  moves: ['moves', 'stock', 'exposure', 'house', 'people'],
};
