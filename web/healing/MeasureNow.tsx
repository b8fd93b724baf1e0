// One measure of a healing fish, in the hand's two taps: a number, and that it is so; with a photograph beside it.
import { useId, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { HealingBy } from '#core/healing/index.ts';
import { useOverrule } from '../parts/useOverrule.tsx';
import { numberOf } from '../parts/PlainForm.tsx';
import { TakePhoto } from '../photos/TakePhoto.tsx';
import { sayMeasure, sayUntil } from '../words/healing.ts';
import { measuredEntry } from './draft.ts';
import css from './healing.module.scss';

type Props = {
  healing: { healing: string; what: string; by: HealingBy; until: number; last?: number; due: boolean };
  lot: string;
  label: string;
};
const isMeasure = (text: string, by: HealingBy): boolean => {
  const value = numberOf(text);
  return text.trim() !== '' && Number.isFinite(value) && value >= 0 && value <= (by === 'percent' ? 100 : 500);
};

export function MeasureNow({ healing: { healing, what, by, until, last, due }, lot, label }: Props) {
  const id = useId();
  const { attempt } = useOverrule();
  const [text, setText] = useState('');
  const ok = isMeasure(text, by);
  return (
    <div className={css.measure}>
      <label htmlFor={id}>
        <b>{what}</b>{' '}
        <span className={due ? 'warn' : 'soft'}>
          {last === undefined ? 'not measured yet' : `last ${sayMeasure(last, by)}`}, until {sayUntil(until, by)}
          {due && ' · measure it today'}
        </span>
      </label>
      <div className={css.enter}>
        <Form.Control
          id={id}
          inputMode="decimal"
          className="num"
          value={text}
          isInvalid={text !== '' && !ok}
          onChange={({ target }) => setText(target.value)}
        />
        <span className="soft">{by === 'mm' ? 'mm' : '% grown back'}</span>
        <Button
          variant="plain"
          disabled={!ok}
          onClick={() =>
            attempt({
              title: `${label}: ${what}`,
              doing: 'It measures so',
              words: `${label}, ${what}: ${sayMeasure(numberOf(text), by)}`,
              drafts: [measuredEntry(healing, numberOf(text))],
              onDone: () => setText(''),
            })
          }
        >
          Measured
        </Button>
        <TakePhoto of={{ kind: 'lot', id: lot }} shows="the fish" what={label} label="photograph" quiet />
      </div>
    </div>
  );
}
