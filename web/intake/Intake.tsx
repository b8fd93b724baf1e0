// A packing list in: the file, what it says above its lines, its columns, its names; then one entry makes the crate.
import { useEffect, useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { useNavigate } from 'react-router';
import type { IntakeView, SupplierCard } from '#contract/views.ts';
import type { PackingList } from '#core/intake/index.ts';
import { plain } from '#core/text/index.ts';
import { useActions } from '../actions/actions.tsx';
import type { FileText } from '../data/files.ts';
import { newId, useView, type Draft } from '../data/house.ts';
import { useMe } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { FileDrop } from '../parts/FileDrop.tsx';
import { Problems } from '../parts/Problems.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { plural } from '../words/text.ts';
import { Columns } from './Columns.tsx';
import { crateOf, faultsOf, fill, keepIntake, keptIntake, type Filled, type Intake as State } from './draft.ts';
import css from './intake.module.scss';
import { Lines } from './Lines.tsx';
import { Names } from './Names.tsx';
import { learnt, type ReadRequest } from './read.ts';
import { useReader } from './useReader.ts';

const NOTHING_TAUGHT: SupplierCard['taught'] = { columns: [], names: [] };

export default function Intake() {
  const { data, error, mutate } = useView('intake');
  if (!data) return <Waiting error={error} retry={() => void mutate()} />;
  return <ListIn view={data} />;
}

function ListIn({ view }: { view: IntakeView }) {
  const [intake, setIntake] = useState(keptIntake);
  useEffect(() => keepIntake(intake), [intake]);
  const start = ({ name, text }: FileText) =>
    setIntake({
      fileName: name,
      text,
      supplier: supplierIn(view.suppliers, `${name}\n${text.slice(0, 600)}`),
      columns: {},
      answers: {},
      typed: {},
    });
  if (intake)
    return (
      <ListRead view={view} intake={intake} onChange={(part) => setIntake({ ...intake, ...part })} onLeave={() => setIntake(undefined)} />
    );
  return (
    <div className={css.intakeStart}>
      <h1>A packing list in</h1>
      <p className="soft">
        The supplier's own list as CSV or text: any columns, any order. What it calls its fish is matched with your species; what cannot be
        told is asked. Nothing is kept until you have seen all of it.
      </p>
      <FileDrop
        label="Drop the file here, or choose it"
        accept=".csv,.tsv,.txt,text/csv,text/plain"
        paste="or paste the lines here"
        onText={start}
      />
    </div>
  );
}

/** The supplier that the file names, if it names just one. */
function supplierIn(suppliers: readonly SupplierCard[], text: string): string {
  const said = plain(text).replace(/[^a-z0-9]+/g, ' ');
  const named = suppliers.filter(({ name }) => {
    const words = plain(name)
      .replace(/[^a-z0-9]+/g, ' ')
      .trim()
      .split(' ');
    return said.includes(words.join(' ')) || (words.length > 1 && said.includes(words.slice(0, 2).join(' ')));
  });
  return named.length === 1 ? named[0]!.id : '';
}

type ReadProps = { view: IntakeView; intake: State; onChange: (part: Partial<State>) => void; onLeave: () => void };

function ListRead({ view, intake, onChange, onLeave }: ReadProps) {
  const { house } = useMe();
  const units = useUnits();
  const { recordAction } = useActions();
  const navigate = useNavigate();
  const [showColumns, setShowColumns] = useState(false);
  const supplier = view.suppliers.find(({ id }) => id === intake.supplier);
  const { text, headingLine, columns, answers } = intake;
  const request = useMemo<ReadRequest>(
    () => ({ text, zone: house.zone, allSpecies: view.species, taught: supplier?.taught ?? NOTHING_TAUGHT, headingLine, columns, answers }),
    [text, house.zone, view.species, supplier, headingLine, columns, answers],
  );
  const read = useReader(request);
  if (!read) return <Waiting retry={() => location.reload()} />;
  const { list } = read;
  const filled = fill(intake, read.header, { supplierName: supplier?.name ?? '', zone: house.zone, units });
  const faults = [...(supplier ? [] : ['Say which supplier sent it.']), ...faultsOf(filled, { zone: house.zone, units })];
  const asked = list?.names.filter((name) => name.asked).length ?? 0;
  const ready = list !== undefined && read.problems.length === 0 && asked === 0 && faults.length === 0;
  const heads = list?.bags.reduce((sum, { n }) => sum + n, 0) ?? 0;

  const save = () => {
    if (!list || !supplier || !ready) return;
    const crate = crateOf({ filled, list, supplier: supplier.id, zone: house.zone, units, newId });
    const taught = learnt(read, columns, answers);
    const lesson: Draft[] =
      taught.columns.length + taught.names.length > 0 ? [{ kind: 'supplier.taught', payload: { supplier: supplier.id, ...taught } }] : [];
    void recordAction(
      `${crate.label}: ${heads} heads in ${list.bags.length} bags expected`,
      { kind: 'crate.expected', payload: crate },
      ...lesson,
    );
    keepIntake(undefined);
    void navigate(`/dock?crate=${crate.crate}`);
  };

  return (
    <div className={css.intake}>
      <div className={css.intakeFacts}>
        <h1>{intake.fileName}</h1>
        <Facts view={view} intake={intake} filled={filled} unsure={unsureDates(intake, read.header)} onChange={onChange} />
        {faults.length > 0 && (
          <ul className="warn">
            {faults.map((fault) => (
              <li key={fault}>{fault}</li>
            ))}
          </ul>
        )}
        <ActButton
          onPress={save}
          disabled={!ready}
          hint={ready ? sayReady(list) : sayLeft(read.problems.length, asked, read.missing.length)}
        >
          {list ? `Expect ${heads} heads in ${list.bags.length} bags` : 'Expect it'}
        </ActButton>
        <Button variant="plain" onClick={onLeave}>
          Another file
        </Button>
      </div>
      <div className={css.intakeLines}>
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
        {read.missing.length === 0 && !showColumns && (
          <Button variant="plain" onClick={() => setShowColumns(true)}>
            Columns: {Object.keys(read.columns).length} of {read.headings.length} are read
          </Button>
        )}
        {read.problems.length > 0 && <Problems problems={read.problems} />}
        {list && (
          <Names
            names={list.names}
            species={view.species}
            answers={answers}
            onAnswer={(key, id) => onChange({ answers: { ...answers, [key]: id } })}
          />
        )}
        {list?.notices.map((notice) => (
          <p key={notice} className="soft">
            {notice}
          </p>
        ))}
        {list && <Lines list={list} />}
      </div>
    </div>
  );
}

/** What to look at before the tap; a phone shows it below. */
function sayReady({ names, notices }: PackingList): string {
  const near = names.filter(({ likeness }) => likeness === 'near').length;
  const columnsSeen = [
    near > 0 ? `${plural(near, 'name')} read with a letter wrong` : '',
    notices.some((notice) => notice.includes('in total')) ? 'its total is another' : '',
  ].filter(Boolean);
  return columnsSeen.length > 0 ? `look below: ${columnsSeen.join(', ')}` : 'one entry, undone as one';
}

function sayLeft(problems: number, asked: number, missing: number): string {
  if (missing > 0) return 'show which columns are which';
  if (problems > 0) return problems === 1 ? 'one line is to be put right' : `${problems} lines are to be put right`;
  if (asked > 0) return asked === 1 ? 'one name needs an answer' : `${asked} names need an answer`;
  return 'see above';
}

/** Dates whose day and month could stand the other way round, and nobody has typed since. */
function unsureDates({ typed }: State, { packed, due }: { packed?: { sure: boolean }; due?: { sure: boolean } }): boolean {
  return (packed?.sure === false && typed.packed === undefined) || (due?.sure === false && typed.due === undefined);
}

type FactsProps = Pick<ReadProps, 'view' | 'intake' | 'onChange'> & { filled: Filled; unsure: boolean };

function Facts({ view, intake, filled, unsure, onChange }: FactsProps) {
  const { unit } = useUnits();
  const set = (field: keyof Filled, text: string) => onChange({ typed: { ...intake.typed, [field]: text } });
  return (
    <>
      <Form.Group className="field" controlId="intake-supplier">
        <Form.Label className="label">Supplier</Form.Label>
        <Form.Select value={intake.supplier} onChange={(event) => onChange({ supplier: event.target.value })}>
          <option value="">Choose</option>
          {view.suppliers.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Form.Select>
        {view.suppliers.length === 0 && <span className="soft">No supplier is known yet: a lead adds them in House.</span>}
      </Form.Group>
      <Form.Group className="field" controlId="intake-label">
        <Form.Label className="label">What to call this crate</Form.Label>
        <Form.Control value={filled.label} maxLength={120} onChange={(event) => set('label', event.target.value)} />
      </Form.Group>
      <Form.Group className="field" controlId="intake-packed">
        <Form.Label className="label">Packed</Form.Label>
        <Form.Control type="datetime-local" value={filled.packed} onChange={(event) => set('packed', event.target.value)} />
      </Form.Group>
      <Form.Group className="field" controlId="intake-due">
        <Form.Label className="label">Due here</Form.Label>
        <Form.Control type="datetime-local" value={filled.due} onChange={(event) => set('due', event.target.value)} />
      </Form.Group>
      {unsure && <p className="warn">The list writes its date in figures only; it is read day first. Please check it.</p>}
      <div className="pair">
        <Form.Group className="field" controlId="intake-temperature">
          <Form.Label className="label">Water as stated, {unit('temperature')}</Form.Label>
          <Form.Control value={filled.temperature} maxLength={20} onChange={(event) => set('temperature', event.target.value)} />
        </Form.Group>
        <Form.Group className="field" controlId="intake-salinity">
          <Form.Label className="label">Salinity as stated, ppt</Form.Label>
          <Form.Control value={filled.salinity} maxLength={20} onChange={(event) => set('salinity', event.target.value)} />
        </Form.Group>
      </div>
    </>
  );
}
