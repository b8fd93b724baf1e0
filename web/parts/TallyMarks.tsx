// Clear days as tally marks in fives against the days asked for: hollow for days that do not count, dots for days to come,
// a break with its cause where the count restarted.
import { useState } from 'react';
import type { DayMark, QuarantineClock, Restart } from '#core/quarantine/index.ts';
import { formatDay } from '#core/time/index.ts';
import { sayCause } from '../words/quarantine.ts';

const STEP = 6;
const FIVE_GAP = 4;
const HEIGHT = 18;

/** Where the nth mark of a row stands. */
const xOf = (index: number) => 3 + index * STEP + Math.floor(index / 5) * FIVE_GAP;
const widthOf = (n: number) => (n === 0 ? 0 : xOf(n - 1) + STEP);

type Stroke = { kind: Exclude<DayMark, 'zero' | 'today'> | 'open' };

/** One row of marks: every fifth clear day strikes through the four before it. */
function Row({ strokes, faint = false }: { strokes: readonly Stroke[]; faint?: boolean }) {
  return (
    <svg className={faint ? 'tally-row faint' : 'tally-row'} width={widthOf(strokes.length)} height={HEIGHT} aria-hidden>
      {strokes.map(({ kind }, index) => {
        const x = xOf(index);
        if (kind === 'open') return <circle key={index} className="tally-open" cx={x} cy={HEIGHT / 2} r={1.3} />;
        if (kind === 'clear')
          return index % 5 === 4 ? (
            <line key={index} className="tally-clear" x1={xOf(index - 4) - 2} y1={HEIGHT - 4} x2={x} y2={4} />
          ) : (
            <line key={index} className="tally-clear" x1={x} y1={3} x2={x} y2={HEIGHT - 3} />
          );
        return <rect key={index} className={`tally-${kind}`} x={x - 1.5} y={3.5} width={3} height={HEIGHT - 7} rx={1} />;
      })}
    </svg>
  );
}

/** The count as it stands, as one row: counted days, days that did not count, days to come. */
function present({ days, openedDay, zero, required, clear }: QuarantineClock): Stroke[] {
  const since = days
    .slice(zero.day - openedDay + 1)
    .filter((mark): mark is Stroke['kind'] & DayMark => mark !== 'zero' && mark !== 'today');
  const done = since.map((kind): Stroke => ({ kind }));
  return [...done, ...Array.from({ length: Math.max(0, required - clear) }, (): Stroke => ({ kind: 'open' }))];
}

/** The rows that were broken off, oldest first, each with what broke it. */
function broken({ days, openedDay, restarts }: QuarantineClock): { strokes: Stroke[]; causes: Restart[] }[] {
  const breaks = [...new Set(restarts.map(({ day }) => day))];
  let from = openedDay;
  return breaks.map((day) => {
    const strokes = days
      .slice(from - openedDay, day - openedDay)
      .filter((mark): mark is Stroke['kind'] & DayMark => mark !== 'zero' && mark !== 'today')
      .map((kind): Stroke => ({ kind }));
    from = day;
    return { strokes, causes: restarts.filter((restart) => restart.day === day) };
  });
}

const FINE = { step: 2.6, gap: 1.6, height: 11 };

/** Small, for a tank's picture: the days that count, and how many are asked for. */
export function TallyLine({ clock: { clear, required } }: { clock: QuarantineClock }) {
  const xOf = (index: number) => 1 + index * FINE.step + Math.floor(index / 5) * FINE.gap;
  return (
    <span className="tally-line">
      <svg className="tally-row" width={clear === 0 ? 0 : xOf(clear - 1) + 2} height={FINE.height} aria-hidden>
        {Array.from({ length: clear }, (_, index) =>
          index % 5 === 4 ? (
            <line key={index} x1={xOf(index - 4) - 1} y1={FINE.height - 2} x2={xOf(index)} y2={2} />
          ) : (
            <line key={index} x1={xOf(index)} y1={1} x2={xOf(index)} y2={FINE.height - 1} />
          ),
        )}
      </svg>
      <small className="num">/{required}</small>
    </span>
  );
}

export function TallyMarks({ clock }: { clock: QuarantineClock }) {
  const [open, setOpen] = useState<number>();
  const rows = broken(clock);
  const shown = rows.find((_row, index) => index === open);
  return (
    <div className="tally-marks">
      <div className="tally-rows">
        {rows.map(({ strokes, causes }, index) => (
          <span key={causes[0]!.entry} className="tally-broken">
            <Row strokes={strokes} faint />
            <button
              type="button"
              className="tally-break"
              aria-expanded={open === index}
              aria-label={`Restarted ${formatDay(causes[0]!.day)}: ${causes.map(sayCause).join('; ')}`}
              title={causes.map(sayCause).join('; ')}
              // A tap brings the focus first: it must not close again what that has opened.
              onClick={() => setOpen(index)}
              onBlur={() => setOpen(undefined)}
              onFocus={() => setOpen(index)}
              onMouseEnter={() => setOpen(index)}
            >
              <svg width="14" height="24" aria-hidden>
                <path d="M9 2 L5 10 L9 13 L5 22" />
              </svg>
            </button>
          </span>
        ))}
        <Row strokes={present(clock)} />
        <span className="num tally-of">
          {clock.clear} of {clock.required}
          <span className="visually-hidden"> clear days</span>
        </span>
      </div>
      {shown && (
        <p className="tally-cause" role="status">
          <b>{formatDay(shown.causes[0]!.day)}</b> restarted: {shown.causes.map(sayCause).join('; ')}
        </p>
      )}
    </div>
  );
}
