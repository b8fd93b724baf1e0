// A short form: labelled fields, each checked as it is sent, one button that says what will be true.
import { useId, useState, type ReactNode } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { useForm } from 'react-hook-form';
import type { Quantity } from '#core/water/index.ts';
import { useUnits, type Units } from '../data/units.ts';
import { problemOf } from './QuantityField.tsx';
import { forgetKept, useKept } from './useKept.ts';

type Common = {
  name: string;
  label: string;
  hint?: string;
  optional?: boolean;
  /** Never kept on the device, as a PIN is not. */
  secret?: boolean;
  /** A part of the form of this name begins here, with a sentence that says what it is for. */
  section?: string;
  about?: string;
};
export type FormField = Common &
  /** `read` gives what the typed words mean, or what is wrong with them. */
  (
    | { type: 'text'; maxLength?: number; list?: readonly string[]; read?: (text: string) => string | { problem: string } }
    | { type: 'pin' }
    /** Ticked or not: `yes`, or nothing. */
    | { type: 'yes' }
    /** Typed in any unit, given on in SI: °C, L, ppt. */
    | { type: 'quantity'; quantity: Quantity }
    | { type: 'number'; min: number; max: number; whole?: boolean }
    | { type: 'choice'; options: readonly (string | { value: string; label: string })[] }
  );
export type Values = Record<string, string>;
/** What was typed, over what stood there: a form that begins otherwise by now has another answer to give. */
type Typed = { start: Values; values: Values };
type Props = {
  /** What is typed into it is kept under this name until it is sent, through a reload too; a PIN never is. */
  draft: string;
  fields: readonly FormField[];
  initial?: Values;
  /** What the button says, from what is typed so far. */
  submit: string | ((values: Values) => string);
  /** Gives what is wrong in words, or nothing when it was taken; then the form is empty again unless `keep`. */
  onSubmit: (values: Values) => Promise<string | undefined>;
  keep?: boolean;
  /** What stands there when it was taken, to be changed for the next one; else it is empty, or stays with `keep`. */
  next?: (values: Values) => Values;
  /** Drawn below the fields from what is typed so far. */
  below?: (values: Values) => ReactNode;
};

export function PlainForm({ draft, fields, initial = {}, submit, onSubmit, keep = false, next, below }: Props) {
  const id = useId();
  const units = useUnits();
  const start = { ...Object.fromEntries(fields.map((field) => [field.name, firstOf(field)])), ...initial };
  const form = `form ${draft}`;
  const [kept, keepTyped] = useKept<Typed | undefined>(form, 'typed', undefined);
  const { register, handleSubmit, reset, getValues, watch, formState } = useForm<Values>({
    defaultValues: kept && isSame(kept.start, start) ? { ...start, ...kept.values } : start,
    mode: 'onTouched',
  });
  const remember = () => {
    const secrets = new Set(fields.flatMap(({ type, name, secret }) => (secret || type === 'pin' ? [name] : [])));
    keepTyped({ start, values: Object.fromEntries(Object.entries(getValues()).filter(([name]) => !secrets.has(name))) });
  };
  const [problem, setProblem] = useState<string>();
  // eslint-disable-next-line react-hooks/incompatible-library -- the button's own words follow what is typed
  const values = watch();
  const send = handleSubmit(async (typed) => {
    const said = Object.fromEntries(fields.map((field) => [field.name, saidOf(field, typed[field.name], units)]));
    // Empty at once, so that the next one can be typed while the house answers; what it refuses comes back.
    if (next) reset({ ...typed, ...next(typed) }, { keepDefaultValues: true });
    else if (!keep) reset(start);
    // Under way it is the act that is kept, not the form: a reload must not offer it a second time.
    forgetKept(form);
    const wrong = await onSubmit(said);
    setProblem(wrong);
    const left: Values = next ? { ...typed, ...next(typed) } : start;
    const untouched = Object.entries(getValues()).every(([name, text]) => text === left[name]);
    if (wrong !== undefined && (!keep || next) && untouched) reset(typed, { keepDefaultValues: true });
    if (wrong !== undefined) remember();
  });
  return (
    <form noValidate onChange={remember} onSubmit={(event) => void send(event)}>
      {partsOf(fields).map(({ section, about, of }) => (
        <Part key={section ?? ''} section={section} about={about}>
          {of.map((field) => {
            const fault = formState.errors[field.name]?.message;
            return (
              <Form.Group key={field.name} className="field" controlId={`${id}-${field.name}`}>
                <Form.Label className="label">
                  {field.label}
                  {field.type === 'quantity' && `, ${units.unit(field.quantity)}`}
                </Form.Label>
                <Control
                  field={field}
                  invalid={fault !== undefined}
                  listId={`${id}-${field.name}-list`}
                  {...register(field.name, { validate: (text) => faultOf(field, text, units) ?? true })}
                />
                {fault ? (
                  <span className="field-problem" role="alert">
                    {fault}
                  </span>
                ) : (
                  field.hint && <span className="soft">{field.hint}</span>
                )}
              </Form.Group>
            );
          })}
        </Part>
      ))}
      {below?.(values)}
      {problem && (
        <p className="field-problem" role="alert">
          {problem}
        </p>
      )}
      <Button type="submit" variant="act" disabled={formState.isSubmitting}>
        {typeof submit === 'string' ? submit : submit(values)}
      </Button>
    </form>
  );
}

const isSame = (a: Values, b: Values): boolean => JSON.stringify(a) === JSON.stringify(b);

type FormPart = Pick<Common, 'section' | 'about'> & { of: FormField[] };
export function partsOf(fields: readonly FormField[]): FormPart[] {
  const parts: FormPart[] = [];
  for (const field of fields) {
    const last = parts.at(-1);
    if (last && field.section === undefined) last.of.push(field);
    else parts.push({ section: field.section, about: field.about, of: [field] });
  }
  return parts;
}

function Part({ section, about, children }: Pick<Common, 'section' | 'about'> & { children: ReactNode }) {
  if (section === undefined) return <div className="form-grid">{children}</div>;
  return (
    <fieldset className="form-part">
      <legend>{section}</legend>
      {about && <p className="soft tight">{about}</p>}
      <div className="form-grid">{children}</div>
    </fieldset>
  );
}

function firstOf(field: FormField): string {
  if (field.type !== 'choice') return '';
  const first = field.options[0];
  return first === undefined ? '' : typeof first === 'string' ? first : first.value;
}

/** What a field says: its text, a quantity in SI. */
function saidOf(field: FormField, raw: string | undefined, units: Units): string {
  const text = String(raw ?? '').trim();
  if (field.type === 'yes') return text === 'yes' ? 'yes' : '';
  const meant = field.type === 'text' && text !== '' ? field.read?.(text) : undefined;
  if (typeof meant === 'string') return meant;
  const read = field.type === 'quantity' && text !== '' ? units.read(field.quantity, text) : undefined;
  return read?.ok ? String(read.value) : text;
}

/** What is wrong with a field's text, in words; nothing when it is right. */
export function faultOf(field: FormField, raw: string, units: Units): string | undefined {
  const text = String(raw).trim();
  if (field.type === 'yes') return undefined;
  // An empty choice is one of its own: “nothing: first”.
  const isChoice = field.type === 'choice' && field.options.some((option) => (typeof option === 'string' ? option : option.value) === text);
  if (text === '') return field.optional || isChoice ? undefined : 'This is needed.';
  if (field.type === 'pin') return /^\d{4,8}$/.test(text) ? undefined : 'A PIN has 4 to 8 digits.';
  if (field.type === 'text') {
    const meant = field.read?.(text);
    return typeof meant === 'object' ? meant.problem : undefined;
  }
  if (field.type === 'quantity') return problemOf(field.quantity, text, { units });
  if (field.type !== 'number') return undefined;
  const value = Number(text.replace(',', '.'));
  if (!Number.isFinite(value) || value < field.min || value > field.max) return `A number from ${field.min} to ${field.max}.`;
  return field.whole && !Number.isInteger(value) ? 'A whole number.' : undefined;
}

type ControlProps = { field: FormField; invalid: boolean; listId: string } & ReturnType<ReturnType<typeof useForm<Values>>['register']>;

function Control({ field, invalid, listId, ...rest }: ControlProps) {
  switch (field.type) {
    case 'choice':
      return (
        <Form.Select isInvalid={invalid} {...rest}>
          {field.options.map((option) => {
            const { value, label } = typeof option === 'string' ? { value: option, label: option } : option;
            return (
              <option key={value} value={value}>
                {label}
              </option>
            );
          })}
        </Form.Select>
      );
    case 'yes':
      return <Form.Check type="checkbox" value="yes" {...rest} />;
    case 'pin':
      return <Form.Control type="password" inputMode="numeric" autoComplete="new-password" maxLength={8} isInvalid={invalid} {...rest} />;
    default:
      return (
        <>
          <Form.Control
            inputMode={field.type === 'number' || field.type === 'quantity' ? 'decimal' : undefined}
            maxLength={field.type === 'text' ? (field.maxLength ?? 120) : 12}
            list={field.type === 'text' && field.list ? listId : undefined}
            autoComplete="off"
            isInvalid={invalid}
            {...rest}
          />
          {field.type === 'text' && field.list && (
            <datalist id={listId}>
              {field.list.map((choice) => (
                <option key={choice} value={choice} />
              ))}
            </datalist>
          )}
        </>
      );
  }
}

/** A number as people type it, its comma or point alike. */
export const numberOf = (text: string | undefined): number => Number((text ?? '').replace(',', '.'));
