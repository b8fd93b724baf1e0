// The logbook: what was written, by whom and when, each act with its undo; above it what this screen has not got through.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { useSearchParams } from 'react-router';
import { isUndoable } from '#contract/kinds.ts';
import { isLogbookGroup, type LogbookAct, type LogbookView } from '#contract/views.ts';
import type { Entry } from '#core/catalogue/index.ts';
import { useActions } from '../actions/actions.tsx';
import { outbox, useOutbox, useView } from '../data/house.ts';
import { useMe } from '../data/me.ts';
import type { OutboxAct } from '../data/outbox.ts';
import { useUnits } from '../data/units.ts';
import { useVoice } from '../data/voice.ts';
import { SignOut } from '../frame/SignOut.tsx';
import { PaperHead, PrintButton } from '../parts/OnPaper.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import { sayEntry } from '../words/entries.ts';
import { sayAll, sayOverruled } from '../words/refusals.ts';
import { Asked } from './Asked.tsx';
import css from './logbook.module.scss';
import { askedOf, GROUP_WORDS } from './query.ts';

export default function Logbook() {
  const [query, setQuery] = useSearchParams();
  const asked = askedOf(query);
  const before = query.get('before');
  const { data, error, mutate } = useView('logbook', { ...asked, ...(before !== null && { before }) });
  const { data: latest } = useView('logbook');
  const { acts } = useOutbox();
  const { person } = useMe();
  const open = acts.filter(({ state }) => state !== 'saved');
  const goTo = (seq: number | undefined) => setQuery({ ...asked, ...(seq !== undefined && { before: String(seq) }) });
  return (
    <div className={css.logbook}>
      <h1 className="visually-hidden">Logbook</h1>
      <p className={css.phoneOnly}>
        {person.name} <SignOut />
      </p>
      <Asked view={data ?? latest} />
      <PaperHead title={`Logbook${sayAsked(asked, data)}`} />
      {open.length > 0 && (
        <section className="card">
          <h2>Not written yet</h2>
          <ol>
            {open.map((outboxAct) => (
              <TrayItem key={outboxAct.act.actId} act={outboxAct} name={(id) => latest?.names[id] ?? id} />
            ))}
          </ol>
        </section>
      )}
      {data ? (
        <Written view={data} isSearch={Object.keys(asked).length > 0} isLatest={before === null} goTo={goTo} />
      ) : (
        <Waiting error={error} retry={() => void mutate()} />
      )}
    </div>
  );
}

/** What was asked for, over the sheet. */
function sayAsked({ q, person, what, from, to }: Record<string, string>, view: LogbookView | undefined): string {
  const asked = [
    q && `“${q}”`,
    view?.about,
    person && view?.people.find(({ id }) => id === person)?.name,
    isLogbookGroup(what) && GROUP_WORDS[what],
    from && `from ${from}`,
    to && `to ${to}`,
  ].filter(Boolean);
  return asked.length > 0 ? `: ${asked.join(', ')}` : '';
}

type WrittenProps = { view: LogbookView; isSearch: boolean; isLatest: boolean; goTo: (seq: number | undefined) => void };

function Written({ view, isSearch, isLatest, goTo }: WrittenProps) {
  const { when } = useVoice();
  const { earlier } = view;
  return (
    <section>
      <h2>Written</h2>
      {view.isPart && (
        <p className="soft">
          Many are called so: only the latest of them were looked for. From a lot’s or a tank’s own page all of it is found.
        </p>
      )}
      <ol>
        {view.acts.map((act) => (
          <ActItem key={act.actId} act={act} name={(id) => view.names[id] ?? id} />
        ))}
      </ol>
      <p role="status">
        {view.acts.length === 0 && (earlier ? `Nothing of that kind since ${when(earlier.sinceMs)}.` : 'Nothing of that kind was written.')}
      </p>
      <div className="chips">
        <PrintButton />
        {!isLatest && (
          <Button variant="plain" onClick={() => goTo(undefined)}>
            Latest
          </Button>
        )}
        {earlier && (
          <Button variant="plain" onClick={() => goTo(earlier.before)}>
            {isSearch ? `Before ${when(earlier.sinceMs)}` : 'Earlier'}
          </Button>
        )}
      </div>
    </section>
  );
}

type Name = (id: string) => string;

function TrayItem({ act, name }: { act: OutboxAct; name: Name }) {
  const voice = useVoice();
  const refused = act.state === 'refused';
  return (
    <li className={css.act}>
      <span className={refused ? 'warn' : 'soft'}>{refused ? 'refused' : 'waiting to be sent'}</span>
      <span>
        <Said entries={act.act.entries} name={name} />
        {refused && <span className="warn">{sayAll(act.refusals ?? [], act.code ?? 'bad', voice)}</span>}
      </span>
      {refused && (
        <span className="chips">
          <Button variant="plain" onClick={() => void outbox.again(act.act.actId)}>
            Try again
          </Button>
          <AsText act={act.act} />
          <Button variant="odd" onClick={() => void outbox.discard(act.act.actId)}>
            Discard
          </Button>
        </span>
      )}
    </li>
  );
}

/** To be kept elsewhere, or sent to somebody: by the clipboard, or by hand where the browser gives none (plain http). */
function AsText({ act }: { act: OutboxAct['act'] }) {
  const [shown, setShown] = useState(false);
  const [copied, setCopied] = useState(false);
  const text = JSON.stringify(act, null, 1);
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(text);
      setCopied(true);
    } catch {
      setShown(true);
    }
  };
  return (
    <>
      <Button variant="plain" onClick={() => void copy()}>
        {copied ? 'Copied' : 'Copy as text'}
      </Button>
      {shown && <textarea readOnly rows={6} value={text} aria-label="As text" onFocus={(event) => event.target.select()} />}
    </>
  );
}

const SHOWN_ENTRIES = 4;

function Said({ entries, name }: { entries: readonly unknown[]; name: Name }) {
  const units = useUnits();
  const list = entries as Pick<Entry, 'kind' | 'payload'>[];
  return (
    <ul className={css.said}>
      {list.slice(0, SHOWN_ENTRIES).map((entry, index) => (
        <li key={index}>{sayEntry(entry, name, units)}</li>
      ))}
      {list.length > SHOWN_ENTRIES && <li className="soft">and {list.length - SHOWN_ENTRIES} more</li>}
    </ul>
  );
}

function ActItem({ act, name }: { act: LogbookAct; name: Name }) {
  const { person } = useMe();
  const { when, units } = useVoice();
  const { undo } = useActions();
  const first = act.entries[0]!;
  const overruled = act.entries.flatMap(({ overrules }) => overrules ?? []);
  const isUndo = first.kind === 'entry.reversed';
  // A button stands only where the house would take it.
  const mayUndo =
    !act.undone && !isUndo && isUndoable(act.entries.map(({ kind }) => kind)) && (person.role === 'lead' || person.id === act.actor);
  return (
    <li className={css.act}>
      <span className="soft">
        <span className="num">{when(first.occurredAtMs)}</span> <br />
        {act.actorName}
      </span>
      <span>
        <span className={act.undone && css.undone}>
          <Said entries={act.entries} name={name} />
        </span>
        {overruled.map(({ code, reason }) => (
          <span key={code} className="warn">
            All the same, against “{sayOverruled(code)}”: {reason}{' '}
          </span>
        ))}
        {act.undone && (
          <span className="soft">
            undone by {act.undone.by}, {when(act.undone.atMs)}
          </span>
        )}
      </span>
      {mayUndo && (
        <Button variant="plain" onClick={() => void undo(act.actId, sayEntry(first as Pick<Entry, 'kind' | 'payload'>, name, units))}>
          Undo
        </Button>
      )}
    </li>
  );
}
