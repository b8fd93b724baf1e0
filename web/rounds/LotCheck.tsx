// One lot on the walk: expected and, when something is odd, what was seen, which signs, the dead, and how it ate.
import { clsx } from 'clsx';
import Button from 'react-bootstrap/Button';
import type { RoundTank } from '#contract/views.ts';
import { isMeal, USUAL_FOODS, type Fast } from '#core/feeding/index.ts';
import { LEFTOVERS, MISHAPS, RESPONSES } from '#core/rounds/index.ts';
import { useTimes } from '../data/me.ts';
import { Caution } from '../parts/Caution.tsx';
import { Chips } from '../parts/Chips.tsx';
import { CountField } from '../parts/CountField.tsx';
import { Strokes } from '../parts/Strokes.tsx';
import { plural } from '../words/text.ts';
import { MeasureNow } from '../healing/MeasureNow.tsx';
import { Born } from './Born.tsx';
import { Dead } from './Dead.tsx';
import type { LotDraft } from './draft.ts';
import { Food } from './Food.tsx';
import { LotMeal } from './LotMeal.tsx';
import { Signs } from './Signs.tsx';
import { Unseen } from './Unseen.tsx';
import css from './rounds.module.scss';

/** As planned, else as last time. */
const foodOf = ({ meal, lastFed }: RoundTank['lots'][number], foods: readonly string[]): string =>
  ('food' in meal ? meal.food : lastFed?.food) ?? foods[0] ?? USUAL_FOODS[0]!.name;

type Props = {
  tank: RoundTank;
  lot: RoundTank['lots'][number];
  draft: LotDraft;
  open: boolean;
  given: boolean;
  foods: readonly string[];
  onChange: (draft: LotDraft) => void;
  onOpen: () => void;
};

export function LotCheck({ tank, lot, draft, open, given, foods, onChange, onOpen }: Props) {
  const { when } = useTimes();
  const change = (part: Partial<LotDraft>) => onChange({ ...draft, ...part });
  return (
    <li>
      <div className={css.lookHead}>
        <span>
          <span className="heads num">{lot.n}</span> <b>{lot.label}</b>
          {lot.sinceMs && <span className="soft"> since {when(lot.sinceMs)}</span>}
          <br />
          {lot.lastFed && speaks(lot) && (
            <span className={css.fed}>
              <Strokes response={lot.lastFed.response} />
              {lot.lastFed.response}{' '}
              <span className="soft">
                {lot.lastFed.food}, {when(lot.lastFed.atMs)}
              </span>
            </span>
          )}
          {lot.fast && <Fasting fast={lot.fast} />}
        </span>
        {!open && (
          <Button variant="plain" aria-label={`Something about ${lot.label}`} onClick={onOpen}>
            Odd, dead, more
          </Button>
        )}
      </div>
      {lot.healings?.map((healing) => (
        <MeasureNow key={healing.healing} healing={healing} lot={lot.lot} label={lot.label} />
      ))}
      <Unseen tank={tank} lot={lot} />
      <LotMeal lot={lot} draft={draft} given={given} foods={foods} onChange={change} />
      {open && <LotDetails tank={tank} lot={lot} draft={draft} foods={foods} given={given} change={change} />}
    </li>
  );
}

/** The last meal is told where it says something: they did not take it. */
const speaks = ({ lastFed, fast }: Props['lot']): boolean => lastFed !== undefined && (!isMeal(lastFed.response) || fast?.hungry === true);
/** A day without a meal is every morning's. */
const SPEAKS_FROM_DAYS = 2;

/** How long it has not eaten; flagged from the day that the house rule names. */
function Fasting({ fast: { days, allowedDays, hungry, first } }: { fast: Fast }) {
  if (!hungry && days < SPEAKS_FROM_DAYS) return null;
  const words = `${first ? 'no meal yet' : 'no meal'} for ${plural(days, 'day')}`;
  return (
    <span className={clsx(css.fasting, hungry ? 'warn' : 'soft')}>
      {words}
      {hungry && `: the house rule is ${allowedDays}`}
    </span>
  );
}

type DetailProps = Pick<Props, 'tank' | 'lot' | 'draft' | 'foods' | 'given'> & { change: (part: Partial<LotDraft>) => void };

function LotDetails({ tank, lot, draft, foods, given, change }: DetailProps) {
  // Its planned meal has asked already.
  const asked = given && lot.meal.due;
  return (
    <div className={css.lotDetails}>
      <div>
        {!asked && (
          <Chips
            label="Took its food"
            options={RESPONSES}
            value={draft.response}
            onChange={(response) =>
              change({ response, ...(response === 'ignored' ? { ate: undefined } : {}), food: draft.food || foodOf(lot, foods) })
            }
          />
        )}
        {draft.response && draft.response !== 'ignored' && (
          <div className="pair">
            <CountField label="Ate" value={draft.ate ?? lot.n} max={lot.n} of={lot.n} onChange={(ate) => change({ ate })} />
            <Chips
              label="Left over"
              options={LEFTOVERS}
              value={draft.leftovers}
              onChange={(leftovers) => change({ leftovers: leftovers === draft.leftovers ? undefined : leftovers })}
              odd={(appetite) => appetite === 'much'}
            />
          </div>
        )}
        {draft.response && draft.response !== 'ignored' && (draft.ate === undefined || draft.ate === null) && (
          <p className="soft tight">How many ate is not counted yet.</p>
        )}
        {draft.leftovers === 'much' && <Caution>Siphon it out: left food turns to ammonia, fast in a small bare tank.</Caution>}
        {draft.response && !asked && <Food lot={lot.lot} food={draft.food} foods={foods} onChange={(food) => change({ food })} />}
        <Signs lot={lot} signs={draft.signs} onChange={(signs) => change({ signs })} />
      </div>
      <div>
        <div className="pair">
          <CountField
            label="Dead found"
            value={draft.dead}
            max={lot.n}
            onChange={(dead) => change({ dead, seen: draft.seen === null ? null : Math.min(draft.seen, lot.n - dead) })}
          />
          <CountField
            label="Seen alive"
            value={draft.seen ?? lot.n - draft.dead}
            max={lot.n - draft.dead}
            onChange={(seen) => change({ seen })}
          />
        </div>
        <p className="soft">
          {draft.seen === null
            ? 'Not counted: a health check is not a head count.'
            : `${draft.seen} of ${lot.n} counted. Not seen is not dead: the record stays as it is.`}
        </p>
        <Chips
          label="One fell or jumped, and lives"
          options={MISHAPS}
          value={draft.mishap}
          onChange={(mishap) => change({ mishap: mishap === draft.mishap ? undefined : mishap })}
          odd={() => true}
        />
        <Born tank={tank} lot={lot} />
        {draft.dead > 0 && <Dead lot={lot} draft={draft} change={change} />}
      </div>
    </div>
  );
}
