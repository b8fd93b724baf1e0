// Signs of one lot: picked by a tap, each with on how many, how strong, where; and what it means for this lot today.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { RoundTank } from '#contract/views.ts';
import { BODY_PARTS, lateGasping, SIGN_CLASS, SIGNS, signsFor, STRENGTHS, type SignSeen } from '#core/rounds/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useHouseNow } from '../data/clock.ts';
import { useTimes } from '../data/me.ts';
import { Chips } from '../parts/Chips.tsx';
import { CountField } from '../parts/CountField.tsx';
import { TakePhoto } from '../photos/TakePhoto.tsx';
import { LATE_GASPING_MAY_BE, sayMeans, sayNotByEye } from '../words/signs.ts';
import css from './rounds.module.scss';
import { meansOf, saidSign, toggled } from './signs.ts';

/** What a keeper sees most; the rest is behind one more tap. */
const COMMON_SIGNS = SIGNS.filter((sign) =>
  [
    'white spots',
    'frayed fins',
    'clamped fins',
    'fast breathing',
    'gasping',
    'flashing',
    'not eating',
    'hiding',
    'chased',
    'scrape',
  ].includes(sign),
);

type Props = { lot: RoundTank['lots'][number]; signs: readonly SignSeen[]; onChange: (signs: SignSeen[]) => void };

export function Signs({ lot, signs, onChange }: Props) {
  const [all, setAll] = useState(false);
  const now = useHouseNow(MINUTE_MS);
  const { when } = useTimes();
  // Of a shrimp there are few enough to show them all.
  const isFish = lot.is === undefined || lot.is === 'fish';
  const chosen = signs.map(({ sign }) => sign);
  const days = lateGasping(chosen, { atMs: now, cameMs: lot.cameMs, lately: lot.lately ?? [] });
  return (
    <>
      {lot.before && signs.length === 0 && (
        <Button variant="plain" onClick={() => onChange([...lot.before!.signs])}>
          As {when(lot.before.atMs)}: {lot.before.signs.map(saidSign).join(', ')}
        </Button>
      )}
      <Chips
        label="Signs"
        name={`Signs in ${lot.label}`}
        options={signsFor(lot.is).filter((sign) => all || !isFish || COMMON_SIGNS.includes(sign) || chosen.includes(sign))}
        value={chosen}
        onChange={(sign) => onChange(toggled(signs, sign))}
        odd={(sign) => SIGN_CLASS[sign] === 'illness'}
      />
      {!all && isFish && (
        <Button variant="link" className="btn-quiet" onClick={() => setAll(true)}>
          More signs
        </Button>
      )}
      <ul className={css.signs}>
        {signs.map((seen) => (
          <SignRow
            key={seen.sign}
            seen={seen}
            lot={lot}
            now={now}
            onChange={(next) => onChange(signs.map((known) => (known.sign === seen.sign ? next : known)))}
          />
        ))}
      </ul>
      {days !== undefined && (
        <p className="warn" role="status">
          They came {days} days ago and gasp without spots. {LATE_GASPING_MAY_BE}
        </p>
      )}
      {sayNotByEye(chosen) && <p className="soft tight">{sayNotByEye(chosen)}</p>}
      {signs.length > 0 && <TakePhoto of={{ kind: 'lot', id: lot.lot }} shows="the fish" what={lot.label} label="photograph it" quiet />}
    </>
  );
}

type RowProps = { seen: SignSeen; lot: Props['lot']; now: number; onChange: (seen: SignSeen) => void };

function SignRow({ seen, lot, now, onChange }: RowProps) {
  const { when } = useTimes();
  const [open, setOpen] = useState(false);
  const means = meansOf(seen.sign, lot, now);
  const isFish = lot.is === undefined || lot.is === 'fish';
  return (
    <li>
      <span>
        <b>{saidSign(seen)}</b>{' '}
        <span className={means.is === 'expected' || means.is === 'usual' ? 'soft' : 'warn'}>{sayMeans(means, when)}</span>
      </span>
      <Button
        variant="link"
        className="btn-quiet"
        aria-expanded={open}
        aria-label={`How many, how strong: ${seen.sign}`}
        onClick={() => setOpen(!open)}
      >
        how many, how strong
      </Button>
      {open && (
        <div className={css.signMore}>
          <CountField label="On how many" value={seen.n ?? 0} max={lot.n} of={lot.n} onChange={(n) => onChange(withN(seen, n))} />
          <Chips
            label="How strong"
            name={`How strong: ${seen.sign}`}
            options={STRENGTHS}
            value={seen.strength}
            onChange={(strength) => onChange({ ...seen, strength: strength === seen.strength ? undefined : strength })}
            odd={(strength) => strength === 'bad'}
          />
          {isFish && (
            <Chips
              label="Where"
              name={`Where: ${seen.sign}`}
              options={BODY_PARTS}
              value={seen.where ?? []}
              onChange={(part) =>
                onChange({
                  ...seen,
                  where: (seen.where ?? []).includes(part)
                    ? (seen.where ?? []).filter((known) => known !== part)
                    : [...(seen.where ?? []), part],
                })
              }
            />
          )}
        </div>
      )}
    </li>
  );
}

const withN = ({ n: _n, ...seen }: SignSeen, n: number): SignSeen => (n > 0 ? { ...seen, n } : seen);
