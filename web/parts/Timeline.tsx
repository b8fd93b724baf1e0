// What happened, entry by entry, latest first.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link } from 'react-router';
import type { TimelineEntry } from '#contract/views.ts';
import { useTimes } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { sayEntry } from '../words/entries.ts';
import { sayOverruled } from '../words/refusals.ts';

const FIRST = 14;

/** `all` = the logbook's page of the same tank or lot, each round and meal in it. */
type Props = { entries: readonly TimelineEntry[]; names: Readonly<Record<string, string>>; all: string };

export function Timeline({ entries, names, all: whole }: Props) {
  const { when } = useTimes();
  const units = useUnits();
  const [all, setAll] = useState(false);
  const shown = all ? entries : entries.slice(0, FIRST);
  return (
    <section className="timeline" aria-label="What happened">
      <h2>What happened</h2>
      {entries.length === 0 && <p className="soft">Nothing yet.</p>}
      <ol>
        {shown.map((entry) => (
          <li key={entry.id}>
            <span className="num soft">{when(entry.occurredAtMs)}</span>
            <span>
              {sayEntry(entry as Parameters<typeof sayEntry>[0], (id) => names[id] ?? id, units)} <span className="soft">{entry.by}</span>
              {entry.overrules?.map(({ code, reason }) => (
                <span key={code} className="overruled">
                  all the same ({sayOverruled(code)}): {reason}
                </span>
              ))}
            </span>
          </li>
        ))}
      </ol>
      <div className="chips">
        {entries.length > FIRST && (
          <Button variant="plain" onClick={() => setAll(!all)}>
            {all ? 'Only the latest' : `All ${entries.length}`}
          </Button>
        )}
        <Link className="btn btn-plain" to={whole}>
          In the logbook, with rounds and meals
        </Link>
      </div>
    </section>
  );
}
