// The meal of one lot: what is planned, and how it was taken by one tap on its strokes.
import { RESPONSES, type Response } from '#core/rounds/index.ts';
import type { RoundTank } from '#contract/views.ts';
import { Chips } from '../parts/Chips.tsx';
import { Strokes } from '../parts/Strokes.tsx';
import { sayMedicated } from '../words/kitchen.ts';
import { sayMeal } from '../words/meals.ts';
import type { LotDraft } from './draft.ts';
import { Food } from './Food.tsx';
import css from './rounds.module.scss';

type Props = {
  lot: RoundTank['lots'][number];
  draft: LotDraft;
  /** They are given it by this tap. */
  given: boolean;
  foods: readonly string[];
  onChange: (part: Partial<LotDraft>) => void;
};

export function LotMeal({ lot, draft, given, foods, onChange }: Props) {
  const { meal } = lot;
  const says = sayMeal(meal);
  if (says === undefined) return null;
  const planned = 'food' in meal ? meal.food : '';
  if (!meal.due) return <p className="soft tight">{says}</p>;
  if (!given) return <p className="soft tight">{planned ? `${planned}: not given now` : says}</p>;
  const asserted = 'food' in meal && !meal.watched ? ('ate' as const) : undefined;
  const took = draft.response ?? asserted;
  // The same word again takes it back.
  const take = (response: Response) =>
    onChange(draft.response === response ? { response: undefined, food: '' } : { response, food: draft.food || planned });
  return (
    <div className={css.meal}>
      <Chips
        label={says}
        name={`${lot.label}, ${says}`}
        before={took && <Strokes response={took} />}
        options={RESPONSES}
        value={took}
        onChange={take}
        odd={(response) => response === 'ignored'}
      />
      {'food' in meal && meal.medicated && meal.medicated.is !== 'given' && <p className="soft tight">{sayMedicated(meal.medicated)}</p>}
      {draft.response && <Food lot={lot.lot} food={draft.food} foods={foods} onChange={(food) => onChange({ food })} />}
    </div>
  );
}
