// The run sheet on the screen: lines as hands do them, done, going and to come, with their cautions.
import { clsx } from 'clsx';
import { Check, ChevronRight, Circle } from 'lucide-react';
import type { RunCard } from '#contract/views.ts';
import { reachedLine, runFactsOf, tickedOf, type Next, type SheetLine } from '#core/runs/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useTimes } from '../../data/me.ts';
import { useUnits } from '../../data/units.ts';
import { CAUTION_WORDS, sayLine } from '../../words/runs.ts';
import css from './steps.module.scss';

type LineState = 'done' | 'going' | 'next' | 'later';
type Props = { run: RunCard; lines: readonly SheetLine[]; next: Next };

export function Sheet({ run, lines, next }: Props) {
  const reached = reachedLine(runFactsOf(run)).line;
  const stateOf = ({ line, minutes }: SheetLine): LineState =>
    line < reached ? 'done' : line === reached ? (minutes > 0 ? 'going' : 'done') : line === next.line?.line ? 'next' : 'later';
  const now = lines.filter((line) => stateOf(line) === 'going' || stateOf(line) === 'next');
  const row = (line: SheetLine) => <Line key={line.line} run={run} line={line} state={stateOf(line)} />;
  // What stands above is not warned of twice.
  const plain = (line: SheetLine) => <Line key={line.line} run={run} line={line} state={stateOf(line)} cautions={false} />;
  if (lines.length - now.length < 3) return <ol className={css.sheetLines}>{lines.map(row)}</ol>;
  const done = lines.filter((line) => stateOf(line) === 'done').length;
  return (
    <>
      <ol className={css.sheetLines}>{now.map(row)}</ol>
      <details className={css.sheetAll}>
        <summary>
          The whole sheet: {done} done, {lines.length - done - now.length} to come
        </summary>
        <ol className={css.sheetLines}>{lines.map(plain)}</ol>
      </details>
    </>
  );
}

type LineProps = { run: RunCard; line: SheetLine; state: LineState; cautions?: boolean };

function Line({ run, line, state, cautions = true }: LineProps) {
  const units = useUnits();
  const { when } = useTimes();
  const done = tickedOf(run, line.line);
  return (
    <li className={clsx(css.sheetLine, css[state])} aria-current={state === 'next' ? 'step' : undefined}>
      <span className={css.sheetMark}>
        {state === 'done' ? (
          <Check size={18} aria-hidden />
        ) : state === 'later' ? (
          <Circle size={12} aria-hidden />
        ) : (
          <ChevronRight size={18} aria-hidden />
        )}
        <span className="visually-hidden">{state === 'going' ? 'going on' : state}</span>
      </span>
      <span>
        {sayLine(line, units)}
        {state === 'going' && <span className="soft"> going on</span>}
        {cautions && (state === 'next' || state === 'going') && line.cautions.length > 0 && (
          <span className={css.sheetCautions}>
            {line.cautions.map((caution) => (
              <span key={caution}>
                <b>{CAUTION_WORDS[caution][0]}</b>: {CAUTION_WORDS[caution][1]}.
              </span>
            ))}
          </span>
        )}
      </span>
      <span className="num soft">{when(done?.atMs ?? run.startedAtMs + line.atMinute * MINUTE_MS)}</span>
    </li>
  );
}
