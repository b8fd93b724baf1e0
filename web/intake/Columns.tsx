// The columns of the list with what each of them says, put right by hand where the heading does not tell.
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { LIST_FIELDS, type ListField } from '#core/intake/index.ts';
import type { Intake } from './draft.ts';
import css from './intake.module.scss';
import type { Field, ReadReply } from '#core/intake/index.ts';

export const FIELD_WORDS: Record<ListField, string> = {
  box: 'box number',
  bag: 'bag number',
  bags: 'how many bags',
  scientific: 'scientific name',
  name: 'common or trade name',
  code: "supplier's code",
  size: 'length',
  count: 'heads',
  perBag: 'heads in each bag',
  waterL: 'water in the bag',
  origin: 'wild or bred',
  price: 'price of one',
  note: 'remark',
};
const MISSING_WORDS = { name: 'Which column names the fish?', count: 'Which column says how many?' };

type Props = { read: ReadReply; intake: Intake; onChange: (part: Partial<Intake>) => void; onDone: () => void };

export function Columns({ read, intake, onChange, onDone }: Props) {
  const fieldOf = (index: number): Field => LIST_FIELDS.find((field) => read.columns[field] === index) ?? 'nothing';
  return (
    <section className="card" aria-label="Columns of the list">
      {read.missing.map((what) => (
        <p key={what} className="field-problem" role="alert">
          {MISSING_WORDS[what]}
        </p>
      ))}
      <Form.Group className="field" controlId="intake-heading">
        <Form.Label className="label">The headings are</Form.Label>
        <Form.Select value={read.headingLine} onChange={(event) => onChange({ headingLine: Number(event.target.value), columns: {} })}>
          {read.top.map(({ line, cells }) => (
            <option key={line} value={line}>
              line {line}: {cells.filter(Boolean).join(' · ').slice(0, 80)}
            </option>
          ))}
          <option value={0}>not in the file</option>
        </Form.Select>
      </Form.Group>
      <div className={css.columns}>
        {read.headings.map((heading, index) => (
          <Form.Group key={index} className="field" controlId={`intake-column-${index}`}>
            <Form.Label className="label">
              <b>{heading || `column ${index + 1}`}</b> {read.samples[index] && `“${read.samples[index].slice(0, 30)}”`}
            </Form.Label>
            <Form.Select
              value={fieldOf(index)}
              onChange={(event) => onChange({ columns: { ...intake.columns, [index]: event.target.value as Field } })}
            >
              <option value="nothing">leave it out</option>
              {LIST_FIELDS.map((field) => (
                <option key={field} value={field}>
                  {FIELD_WORDS[field]}
                </option>
              ))}
            </Form.Select>
          </Form.Group>
        ))}
      </div>
      {read.missing.length === 0 && (
        <Button variant="plain" onClick={onDone}>
          The columns are right
        </Button>
      )}
    </section>
  );
}
