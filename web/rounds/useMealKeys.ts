// Meals by keys: five in a row, from left alone to fought over, say how the next lot that has not been said took its food.
import type { RoundTank } from '#contract/views.ts';
import { RESPONSES } from '#core/rounds/index.ts';
import { useKey } from '../keys/useKey.ts';
import type { LotDraft } from './draft.ts';

type Given = { tank: RoundTank; drafts: readonly LotDraft[]; onChange: (lot: string, part: Partial<LotDraft>) => void };

export function useMealKeys({ tank, drafts, onChange }: Given): void {
  const said = new Set(drafts.filter(({ response }) => response !== undefined).map(({ lot }) => lot));
  const open = tank.lots.filter(({ lot, meal }) => meal.due && !said.has(lot));
  const next = open.find(({ meal }) => !('food' in meal) || meal.watched) ?? open[0];
  const take = (key: string) => {
    const response = RESPONSES['qwert'.indexOf(key)];
    if (next && response) onChange(next.lot, { response, food: 'food' in next.meal ? next.meal.food : '' });
  };
  useKey('rounds.took', take, { enabled: next !== undefined });
}
