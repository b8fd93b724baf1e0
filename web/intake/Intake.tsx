// A packing list in: the file, what it says above its lines, its columns, its names; then one entry makes the crate.
import { useEffect, useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import { useNavigate } from 'react-router';
import type { IntakeView, SupplierCard } from '#contract/views.ts';
import type { PackingList } from '#core/intake/index.ts';
import { plain } from '#core/text/index.ts';
import type { FileText } from '../data/files.ts';
import { newId, useView, type Draft } from '../data/house.ts';
import { useMe } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { ActButton } from '../parts/ActButton.tsx';
import { FileDrop } from '../parts/FileDrop.tsx';
import { CrateFacts } from '../parts/CrateFacts.tsx';
import { faultsOf } from '../parts/crateFacts.ts';
import { useOverrule } from '../parts/useOverrule.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { plural } from '../words/text.ts';
import { ChooseSupplier } from '../parts/ChooseSupplier.tsx';
import { crateOf, fill, keepIntake, keptIntake, usualOf, type Intake as State, type ReadProps } from './draft.ts';
import css from './intake.module.scss';
import { plansKept } from '../orders/compare.ts';
import { OfOrder } from './OfOrder.tsx';
import { ReadLines } from './ReadLines.tsx';
import { learnt, type ReadRequest } from '#core/intake/index.ts';
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
      fixes: {},
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
        The supplier's own list as a spreadsheet (XLSX), CSV or text: any columns, any order. What it calls its fish is matched with your
        species; what cannot be told is asked. Nothing is kept until you have seen all of it.
      </p>
      <FileDrop
        label="Drop the file here, or choose it"
        accept=".xlsx,.xlsm,.csv,.tsv,.txt,text/csv,text/plain"
        paste="or type or paste its lines here, as in a letter: 3 banggai, 6 chromis S @2.10"
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

function ListRead({ view, intake, onChange, onLeave }: ReadProps) {
  const { house } = useMe();
  const units = useUnits();
  const { attempt } = useOverrule();
  const navigate = useNavigate();
  const supplier = view.suppliers.find(({ id }) => id === intake.supplier);
  const { data: ordered } = useView('orders');
  const { data: dock } = useView('dock');
  const orders = (ordered?.orders ?? []).filter(
    ({ supplierId, dropped, crate }) => supplierId === intake.supplier && !dropped && !crate?.arrived,
  );
  // One open order that nothing is expected of yet is taken to be the one. Where a crate is expected already, somebody must say that this list takes its place.
  const fresh = orders.filter(({ crate }) => !crate);
  const order = orders.find(({ order }) => order === (intake.order ?? (fresh.length === 1 && orders.length === 1 ? fresh[0]!.order : '')));
  const { text, headingLine, columns, answers, fixes } = intake;
  const request = useMemo<ReadRequest>(
    () => ({
      text,
      zone: house.zone,
      allSpecies: view.species,
      taught: supplier?.taught ?? NOTHING_TAUGHT,
      headingLine,
      columns,
      answers,
      fixes,
    }),
    [text, house.zone, view.species, supplier, headingLine, columns, answers, fixes],
  );
  const read = useReader(request);
  if (!read) return <Waiting retry={() => location.reload()} />;
  const { list } = read;
  // What is no list is said first: nobody answers six hundred names for nothing.
  const isStopped = read.looksLike !== undefined && !intake.asList;
  const filled = fill(intake, read.header, { supplierName: supplier?.name ?? '', zone: house.zone, units });
  const usual = usualOf(filled, supplier ?? {}, { units, zone: house.zone });
  const faults = [...(intake.supplier ? [] : ['Say which supplier sent it.']), ...faultsOf(filled, { zone: house.zone, units })];
  const asked = list?.names.filter((name) => name.asked).length ?? 0;
  const ready = !isStopped && list !== undefined && read.problems.length === 0 && asked === 0 && faults.length === 0;
  const heads = list?.bags.reduce((sum, { n }) => sum + n, 0) ?? 0;

  const save = () => {
    if (!list || !intake.supplier || !ready) return;
    const crate = crateOf({ filled, list, supplier: intake.supplier, zone: house.zone, units, newId, order });
    const before = order?.crate;
    const inPlace: Draft[] = before
      ? [{ kind: 'crate.givenUp', payload: { crate: before.crate, why: 'its packing list took its place' } }]
      : [];
    const was = dock?.crates.find(({ crate: known }) => known === before?.crate)?.bags ?? [];
    const plans: Draft[] = plansKept(was, crate).map((payload) => ({ kind: 'bag.planned', payload }));
    const taught = learnt(read, columns, answers);
    const lesson: Draft[] =
      taught.columns.length + taught.names.length > 0
        ? [{ kind: 'supplier.taught', payload: { supplier: intake.supplier, ...taught } }]
        : [];
    const words = `${crate.label}: ${heads} heads in ${list.bags.length} bags expected`;
    // Dates that can hardly be are asked about before the list leaves this page.
    attempt({
      title: 'Is that right?',
      doing: 'It is so',
      words,
      drafts: [...inPlace, { kind: 'crate.expected', payload: crate }, ...plans, ...lesson],
      onDone: () => {
        keepIntake(undefined);
        void navigate(`/dock?crate=${crate.crate}`);
      },
    });
  };

  return (
    <div className={css.intake}>
      <div className={css.intakeFacts}>
        <h1>{intake.fileName}</h1>
        <ChooseSupplier
          suppliers={view.suppliers}
          value={intake.supplier}
          onChoose={(chosen) => onChange({ supplier: chosen?.id ?? '', order: undefined })}
        />
        <OfOrder orders={orders} value={order?.order ?? ''} onChoose={(chosen) => onChange({ order: chosen })} />
        <CrateFacts
          filled={filled}
          unsure={unsureDates(intake, read.header)}
          onSet={(field, text) => onChange({ typed: { ...intake.typed, [field]: text } })}
        />
        {Object.keys(usual).length > 0 && (
          <p>
            As {supplier!.name} usually sends:{' '}
            {Object.entries(usual)
              .map(([field, text]) => `${field} ${text.replace('T', ' ')}`)
              .join(', ')}
            . The list says nothing of it: ask them for this crate.{' '}
            <Button variant="plain" onClick={() => onChange({ typed: { ...intake.typed, ...usual } })}>
              They say so of this crate too
            </Button>
          </p>
        )}
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
      <ReadLines view={view} intake={intake} read={read} isStopped={isStopped} onChange={onChange} onLeave={onLeave} />
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
