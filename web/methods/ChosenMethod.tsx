// Which way was chosen for a bag, by whom, against what, why.
import type { BenchBag } from '#contract/views.ts';
import { METHOD_WORDS } from '../words/bench.ts';
import { capital } from '../words/text.ts';
import css from './methods.module.scss';

export function ChosenMethod({ bag: { chosen } }: { bag: Pick<BenchBag, 'chosen'> }) {
  if (!chosen) return null;
  const { method, advised, by, why } = chosen;
  return (
    <p className={css.wayChosen}>
      <b>{capital(method)}</b>, chosen by {by}
      {method !== advised && ` against ${advised}`}
      {why && `: ${why}`}. {METHOD_WORDS[method]}.
    </p>
  );
}
