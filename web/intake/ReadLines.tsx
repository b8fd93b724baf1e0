// The list as it was read: what it looks like, its columns, what is wrong or asked, what it makes.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { ReadReply } from '#core/intake/index.ts';
import { Caution } from '../parts/Caution.tsx';
import { BadLines } from './BadLines.tsx';
import { Columns } from './Columns.tsx';
import css from './intake.module.scss';
import type { ReadProps } from './draft.ts';
import { Lines } from './Lines.tsx';
import { Names } from './Names.tsx';
import { Passed } from './Passed.tsx';

type LinesProps = ReadProps & { read: ReadReply; isStopped: boolean };

export function ReadLines({ view, intake, read, isStopped, onChange, onLeave }: LinesProps) {
  const [showColumns, setShowColumns] = useState(false);
  const { list } = read;
  const { answers, fixes } = intake;
  return (
    <div className={css.intakeLines}>
      {read.looksLike && !intake.asList && (
        <Caution strong>
          <b>This looks like {read.looksLike}.</b>{' '}
          <Button variant="plain" onClick={onLeave}>
            Another file
          </Button>{' '}
          <Button variant="plain" onClick={() => onChange({ asList: true })}>
            It is a packing list all the same
          </Button>
        </Caution>
      )}
      {isStopped ? null : (
        <>
          {(read.missing.length > 0 || showColumns) && (
            <Columns
              read={read}
              intake={intake}
              onChange={(part) => {
                setShowColumns(true);
                onChange(part);
              }}
              onDone={() => setShowColumns(false)}
            />
          )}
          {!read.typed && read.missing.length === 0 && !showColumns && (
            <Button variant="plain" onClick={() => setShowColumns(true)}>
              Columns: {Object.keys(read.columns).length} of {read.headings.length} are read
            </Button>
          )}
          <BadLines problems={read.problems} fixes={fixes} onFix={(next) => onChange({ fixes: next })} />
          {list && (
            <Names
              names={list.names}
              species={view.species}
              answers={answers}
              onAnswer={(key, id) => onChange({ answers: { ...answers, [key]: id } })}
            />
          )}
          <Passed read={read} onIsFish={(line) => onChange({ fixes: { ...fixes, [line]: {} } })} />
          {list && <Lines list={list} />}
        </>
      )}
    </div>
  );
}
