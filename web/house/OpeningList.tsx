// A list of ours in: tank, animal, heads, length. A line that cannot be read is put right or left out here, and stops no other.
import { useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { readStockList, type Answers, type StockList } from '#core/intake/index.ts';
import { newId, outbox, record } from '../data/house.ts';
import { lookUpOf } from '../data/lookUp.ts';
import { Names } from '../intake/Names.tsx';
import { FileDrop } from '../parts/FileDrop.tsx';
import { numberOf } from '../parts/PlainForm.tsx';
import { forgetKept, useKept } from '../parts/useKept.ts';
import { plural } from '../words/text.ts';
import { countLots, type AskedLot, type CountedLot, type SendLot } from './countLots.ts';
import { AskedLots } from './AskedLots.tsx';
import css from './house.module.scss';
import { openingOf } from './openingForms.ts';
import type { PartProps } from './part.ts';

/** An act of one lot; one that is refused is not laid in the tray but asked about on the page. */
const send: SendLot = async (_words, drafts) => {
  const sent = record(...drafts);
  const outcome = await sent;
  if (outcome.status === 'refused') await outbox.discard(sent.actId);
  return outcome;
};

const FORM = 'opening list';

export function OpeningList({ view }: PartProps) {
  const [text, setText] = useKept<string | undefined>(FORM, 'text', undefined);
  const [answers, setAnswers] = useKept<Answers>(FORM, 'answers', {});
  const [days, setDays] = useKept(FORM, 'days', '0');
  const [said, setSaid] = useState<string>();
  const [asked, setAsked] = useState<AskedLot[]>();
  const list = useMemo(
    () =>
      text === undefined
        ? undefined
        : readStockList({
            text,
            tanks: view.tanks.map(({ code }) => code),
            allSpecies: view.species,
            answers,
            lookUp: lookUpOf(view.species),
          }),
    [text, answers, view.tanks, view.species],
  );
  const putLine = (line: number, words: string) =>
    setText((now) =>
      (now ?? '')
        .split(/\r?\n/)
        .map((typed, index) => (index === line - 1 ? words : typed))
        .join('\n'),
    );
  const count = async (lots: readonly CountedLot[]) => {
    setAsked(await countLots(lots, send, (done) => setSaid(`${done} of ${lots.length} sent`)));
    setText(undefined);
    forgetKept(FORM);
    setSaid(undefined);
  };
  if (text === undefined || !list)
    return (
      <>
        {said && <p role="status">{said}</p>}
        {asked && <AskedLots asked={asked} onStand={(lots) => void count(lots)} onLeave={() => setAsked(undefined)} />}
        <FileDrop
          label="Your list as CSV or text"
          accept=".xlsx,.xlsm,.csv,.tsv,.txt,text/csv,text/plain"
          paste="or a line a tank: F1: 12 kuhli loach 5 cm, 3 comet"
          onText={(file) => {
            setSaid(undefined);
            setAsked(undefined);
            setAnswers({});
            setText(file.text);
          }}
        />
      </>
    );
  const unnamed = list.names.filter((name) => name.asked || !name.species).length;
  const ready = list.lots.length > 0 && list.problems.length === 0 && unnamed === 0 && /^\d{1,3}$/.test(days);
  const save = async () => {
    const idOf = new Map(view.tanks.map(({ code, id }) => [code, id]));
    const commonOf = new Map(view.species.map(({ id, common }) => [id, common]));
    const lots = list.lots.map(({ tank, name, line, ...lot }, index): CountedLot => {
      const common = commonOf.get(name.species!) ?? name.heard;
      const said = { ...lot, tank: idOf.get(tank)!, species: { id: name.species!, common }, quarantineDays: numberOf(days) };
      return { key: `${line} ${index}`, words: `${lot.n} ${common} in ${tank}`, drafts: openingOf(said, newId) };
    });
    await count(lots);
  };
  return (
    <>
      <BadLines list={list} text={text} onPut={putLine} />
      <Names
        mustKnow
        names={list.names}
        species={view.species}
        answers={answers}
        onAnswer={(key, id) => setAnswers((now) => ({ ...now, [key]: id }))}
      />
      <ReadLots list={list} />
      <Form.Group className="field" controlId="opening-days">
        <Form.Label className="label">Days of quarantine that all of them still have to go</Form.Label>
        <Form.Control value={days} inputMode="numeric" maxLength={3} onChange={(event) => setDays(event.target.value)} />
      </Form.Group>
      {said && <p role="status">{said}</p>}
      <div className={css.listActs}>
        <Button variant="act" disabled={!ready || said !== undefined} onClick={() => void save()}>
          Count {plural(list.lots.length, 'lot')}, {list.lots.reduce((sum, { n }) => sum + n, 0)} heads
        </Button>{' '}
        <Button variant="plain" onClick={() => setText(undefined)}>
          Another list
        </Button>
      </div>
    </>
  );
}

type BadProps = { list: StockList; text: string; onPut: (line: number, words: string) => void };

function BadLines({ list, text, onPut }: BadProps) {
  const written = text.split(/\r?\n/);
  const lines = [...new Set(list.problems.map(({ line }) => line))];
  if (lines.length === 0) return null;
  return (
    <section className="form-part" aria-label="Lines to put right">
      <h3>{plural(lines.length, 'line is', 'lines are')} to be put right, or left out</h3>
      <ul className="plain-list">
        {lines.map((line) => (
          <li key={line}>
            <Form.Group className="field" controlId={`opening-line-${line}`}>
              <Form.Label className="label">
                Line {line}: expected{' '}
                {list.problems
                  .filter((problem) => problem.line === line)
                  .map(({ column, expected }) => (column ? `${column}: ${expected}` : expected))
                  .join('; ')}
              </Form.Label>
              <Form.Control
                key={written[line - 1]}
                defaultValue={written[line - 1]}
                maxLength={400}
                onBlur={(event) => event.target.value !== written[line - 1] && onPut(line, event.target.value)}
                onKeyDown={(event) => event.key === 'Enter' && onPut(line, event.currentTarget.value)}
              />
            </Form.Group>
            <Button variant="plain" onClick={() => onPut(line, '')}>
              Leave line {line} out
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

const SHOWN = 200;

function ReadLots({ list }: { list: StockList }) {
  return (
    <ul className={css.tankGroups} aria-label="As it was understood">
      {list.lots.slice(0, SHOWN).map(({ line, tank, name, n, between, sizeCm }, index) => (
        <li key={`${line} ${index}`}>
          <b>{tank}</b> {between ? `${between.min} to ${between.max}` : n} {name.heard}
          <span className="soft">{sizeCm === undefined ? ' length not known' : ` ${Number(sizeCm.toFixed(1))} cm`}</span>
        </li>
      ))}
      {list.lots.length > SHOWN && <li className="soft">and {list.lots.length - SHOWN} more</li>}
    </ul>
  );
}
