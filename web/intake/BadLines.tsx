// Lines that cannot be read: each is put right where it is wrong, left out, or kept as words; none stops the others.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { Fixes, LineFix, ListField, ListProblem } from '#core/intake/index.ts';
import { plural } from '../words/text.ts';
import { FIELD_WORDS } from './Columns.tsx';
import css from './intake.module.scss';

const SHOWN = 30;
type Props = { problems: readonly ListProblem[]; fixes: Fixes; onFix: (fixes: Fixes) => void };

export function BadLines({ problems, fixes, onFix }: Props) {
  const lines = [...new Set(problems.map(({ line }) => line))];
  if (lines.length === 0) return null;
  const put = (line: number, fix: LineFix) => onFix({ ...fixes, [line]: fix });
  const all = (fix: 'out' | 'words') => onFix({ ...fixes, ...Object.fromEntries(lines.map((line) => [line, fix])) });
  return (
    <section className="card" aria-label="Lines to put right">
      <h2>{plural(lines.length, 'line cannot', 'lines cannot')} be read</h2>
      <ul className={css.badLines}>
        {lines.slice(0, SHOWN).map((line) => (
          <BadLine
            key={line}
            line={line}
            problems={problems.filter((problem) => problem.line === line)}
            onPut={(fields) => put(line, { ...(typeof fixes[line] === 'object' ? fixes[line] : {}), ...fields })}
            onFix={(fix) => put(line, fix)}
          />
        ))}
      </ul>
      {lines.length > SHOWN && <p className="soft">and {lines.length - SHOWN} more</p>}
      {lines.length > 1 && (
        <div className="chips">
          <Button variant="plain" onClick={() => all('out')}>
            Leave all {lines.length} out
          </Button>
          <Button variant="plain" onClick={() => all('words')}>
            Keep all {lines.length} as words
          </Button>
        </div>
      )}
    </section>
  );
}

type LineProps = {
  line: number;
  problems: readonly ListProblem[];
  onPut: (fields: Partial<Record<ListField, string>>) => void;
  onFix: (fix: LineFix) => void;
};

function BadLine({ line, problems, onPut, onFix }: LineProps) {
  return (
    <li>
      {problems.map(({ field, column, expected, said }) =>
        field ? (
          <Fix key={field} id={`fix-${line}-${field}`} said={said} onPut={(text) => onPut({ [field]: text })}>
            Line {line}, {column || FIELD_WORDS[field]}: expected {expected}
          </Fix>
        ) : (
          <p key={expected} className="tight">
            Line {line}: expected {expected}
          </p>
        ),
      )}
      <div className="chips">
        <Button variant="plain" onClick={() => onFix('out')}>
          Leave line {line} out
        </Button>
        <Button variant="plain" onClick={() => onFix('words')}>
          Keep it as words
        </Button>
      </div>
    </li>
  );
}

type FixProps = { id: string; said: string; onPut: (text: string) => void; children: React.ReactNode };

function Fix({ id, said, onPut, children }: FixProps) {
  const [text, setText] = useState(said);
  const put = () => text.trim() !== said && onPut(text.trim());
  return (
    <Form.Group className="field" controlId={id}>
      <Form.Label className="label">{children}</Form.Label>
      <Form.Control
        value={text}
        maxLength={120}
        onChange={(event) => setText(event.target.value)}
        onBlur={put}
        onKeyDown={(event) => event.key === 'Enter' && put()}
      />
    </Form.Group>
  );
}
