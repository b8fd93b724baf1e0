// The methods in the order of their numbers: stress against tolerance, what limits each, which is advised, which only a lead goes on with.
import { clsx } from 'clsx';
import type { MethodResult, Bands, AcclimationMethod } from '#core/bench/index.ts';
import { useUnits } from '../data/units.ts';
import { Figured } from '../figured/Figured.tsx';
import { stressFigure } from '../figured/stress.ts';
import { NOT_OFFERED_WORDS, sayStressFigure, stressWord } from '../words/bench.ts';
import css from './methods.module.scss';

/** The bars end here: beyond it is told in figures. */
const BAR_ENDS_AT = 2;
const shareOf = (stress: number) => `${(100 * Math.min(stress, BAR_ENDS_AT)) / BAR_ENDS_AT}%`;

type Locks = (result: MethodResult) => string | undefined;
type Props = {
  ranked: readonly MethodResult[];
  others: readonly MethodResult[];
  bands?: Bands;
  focus?: AcclimationMethod;
  advised?: AcclimationMethod;
  house?: AcclimationMethod;
  locks: Locks;
  onFocus: (method: AcclimationMethod) => void;
};

export function MethodBars({ ranked, others, bands, focus, advised, house, locks, onFocus }: Props) {
  const inFront = ranked.find(({ method }) => method === focus) ?? ranked[0];
  return (
    <div className={css.ways}>
      <p className={clsx(css.waysHead, 'soft')} aria-hidden>
        <span>stress, least first</span>
        <span className={css.bearsLabel}>tolerance</span>
      </p>
      <ol className={css.waysList}>
        {ranked.map((result) => (
          <li key={result.method}>
            <Way
              result={result}
              band={bands?.methods.get(result.method)?.stress}
              chosen={result.method === focus}
              marks={[
                ...(result.method === advised ? ['advised'] : []),
                ...(result.method === house ? ['house rule'] : []),
                ...(locks(result) ? ['lead only'] : []),
              ]}
              onFocus={onFocus}
            />
          </li>
        ))}
      </ol>
      {inFront && (
        <p className="soft">
          {inFront.method}: {stressWord(inFront.limiting.name)} limits <Figured figure={stressFigure(inFront, bands)} />
        </p>
      )}
      {others.length > 0 && (
        <p className={clsx('soft', css.waysOthers)}>
          Not possible here: {others.map(({ method, notOffered }) => `${method} (${NOT_OFFERED_WORDS[notOffered!]})`).join('; ')}.
        </p>
      )}
    </div>
  );
}

type MethodCardProps = {
  result: MethodResult;
  band?: [number, number];
  chosen: boolean;
  marks: readonly string[];
  onFocus: (method: AcclimationMethod) => void;
};

function Way({ result, band, chosen, marks, onFocus }: MethodCardProps) {
  const units = useUnits();
  const { method, limiting } = result;
  const over = limiting.stress > 1;
  return (
    <button
      type="button"
      className={clsx(css.way, chosen && 'chosen', over && 'over')}
      aria-pressed={chosen}
      // In front already, its Enter is left to the action above.
      data-enter={chosen ? 'act' : undefined}
      onClick={() => onFocus(method)}
    >
      <span className={css.wayName}>
        {method}
        {marks.length > 0 && <span className={css.wayHouse}>{marks.join(', ')}</span>}
      </span>
      <span className={css.wayBar} aria-hidden>
        <i style={{ width: shareOf(limiting.stress) }} />
        {band && <b style={{ left: shareOf(band[0]), right: `calc(100% - ${shareOf(band[1])})` }} />}
      </span>
      <span className={clsx(css.wayStrain, 'num')}>{limiting.stress.toFixed(limiting.stress < 10 ? 1 : 0)}</span>
      <span className={clsx(css.wayLimit, 'soft')}>
        {stressWord(limiting.name)} {sayStressFigure(limiting, units)}
      </span>
    </button>
  );
}

type HouseProps = {
  house?: AcclimationMethod;
  advised?: AcclimationMethod;
  ranked: readonly MethodResult[];
  others: readonly MethodResult[];
};

/** The house's default method beside what the numbers say. */
export function HouseMethod({ house, advised, ranked, others }: HouseProps) {
  if (!house) return null;
  const impossible = others.find(({ method }) => method === house);
  if (impossible)
    return (
      <p className="soft">
        The house’s default method, {house}, is not possible here: {NOT_OFFERED_WORDS[impossible.notOffered!]}.
      </p>
    );
  if (house === advised) return <p className="soft">The house’s default method is the same.</p>;
  const over = ranked.some(({ method, limiting }) => method === house && limiting.stress > 1);
  return (
    <p className="warn">
      The house’s default method for such a bag is {house}
      {over ? ', which is over tolerance here.' : advised ? `; the numbers say ${advised}. Either may be followed.` : '.'}
    </p>
  );
}
