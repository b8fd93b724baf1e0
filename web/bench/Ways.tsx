// The schools in order for this bag: how much each strains the fish against what they bear, what limits it, and its sentence.
import type { MethodResult } from '#core/bench/compare.ts';
import type { Bands } from '#core/bench/draws.ts';
import type { Method } from '#core/bench/methods.ts';
import { useUnits } from '../data/units.ts';
import { METHOD_WORDS, NOT_OFFERED_WORDS, sayShare, sayStrainFigure, strainWord } from '../words/bench.ts';

/** The bars end here: beyond it is told in figures. */
const BAR_ENDS_AT = 2;
const at = (strain: number) => `${(100 * Math.min(strain, BAR_ENDS_AT)) / BAR_ENDS_AT}%`;

type Props = {
  ranked: readonly MethodResult[];
  others: readonly MethodResult[];
  bands?: Bands;
  focus: Method;
  house?: Method;
  onFocus: (method: Method) => void;
};

export function Ways({ ranked, others, bands, focus, house, onFocus }: Props) {
  return (
    <div className="ways">
      <p className="ways-head soft" aria-hidden>
        <span>strain, least first</span>
        <span className="bears-label">what they bear</span>
      </p>
      <ol className="ways-list">
        {ranked.map((one) => (
          <li key={one.method}>
            <Way
              one={one}
              band={bands?.methods.get(one.method)?.strain}
              chosen={one.method === focus}
              house={one.method === house}
              onFocus={onFocus}
            />
          </li>
        ))}
      </ol>
      {others.length > 0 && (
        <p className="soft ways-others">
          Not to be had here: {others.map(({ method, notOffered }) => `${method} (${NOT_OFFERED_WORDS[notOffered!]})`).join('; ')}.
        </p>
      )}
    </div>
  );
}

type WayProps = { one: MethodResult; band?: [number, number]; chosen: boolean; house: boolean; onFocus: (method: Method) => void };

function Way({ one, band, chosen, house, onFocus }: WayProps) {
  const units = useUnits();
  const { method, limiting } = one;
  const over = limiting.strain > 1;
  return (
    <button
      type="button"
      className={`way${chosen ? ' chosen' : ''}${over ? ' over' : ''}`}
      aria-pressed={chosen}
      // In front already, its Enter is left to the action above.
      data-enter={chosen ? 'act' : undefined}
      onClick={() => onFocus(method)}
    >
      <span className="way-name">
        {method}
        {house && <span className="way-house">house rule</span>}
      </span>
      <span className="way-bar" aria-hidden>
        <i style={{ width: at(limiting.strain) }} />
        {band && <b style={{ left: at(band[0]), right: `calc(100% - ${at(band[1])})` }} />}
      </span>
      <span className="way-strain num">{limiting.strain.toFixed(2)}</span>
      <span className="way-limit soft">
        {strainWord(limiting.name)} {sayStrainFigure(limiting, units)}
      </span>
    </button>
  );
}

/** The way in front: its name, what hands do, its sentence, how sure. */
export function Answer({ one, best, bands, says }: { one: MethodResult; best: boolean; bands?: Bands; says: string }) {
  const share = bands?.best.find(({ method }) => method === one.method)?.share;
  return (
    <div className="way-answer" aria-live="polite">
      <p className="label">{best ? 'Hurts least' : 'Instead'}</p>
      <p className="big">{one.method}</p>
      <p className="way-says">{says}</p>
      <p className="soft">
        {METHOD_WORDS[one.method]}. {one.handsOnMinutes} min of hands
        {one.swapL > 0 && `, ${one.swapL.toFixed(0)} L of the tank changed first`}.
        {share !== undefined && bands && (
          <>
            {' '}
            <b className="way-share">{sayShare(share)}</b> draws of what nobody measured.
          </>
        )}
      </p>
    </div>
  );
}
