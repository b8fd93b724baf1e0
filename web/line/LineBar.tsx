// One line instead of a walk through screens: it shows what it understood before it saves, and what else it could have meant.
import { useEffect, useMemo, useRef, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { ReadingsView, RoomView } from '#contract/views.ts';
import { offersFor, readLine, type LineHouse, type Understood } from '#core/line/index.ts';
import { houseNow } from '../data/clock.ts';
import { useView } from '../data/house.ts';
import { useMe } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { Key } from '../keys/Key.tsx';
import { Meeting, meetingOf } from '../moves/Meeting.tsx';
import { useOverrule } from '../parts/useOverrule.tsx';
import { Waiting } from '../parts/Waiting.tsx';
import type { FarOff } from '../readings/draft.ts';
import { FarOffCaution } from '../readings/FarOffCaution.tsx';
import { OverLimitCaution } from '../readings/OverLimitCaution.tsx';
import { sayEntry } from '../words/entries.ts';
import { sayStuck } from '../words/line.ts';
import { namesIn, tanksOf } from './house.ts';
import css from './line.module.scss';
import { useFarOff } from './useFarOff.ts';

const EXAMPLES = 'B3 lost 2 · Q1 brine: ate 4/6 · move 6 F2 > F7 · B3 count 12 · C4 white spots 1 · F1 25.4C · D1 well';

export function LineBar({ onClose }: { onClose: () => void }) {
  const { data, error, mutate } = useView('room');
  const overrule = useOverrule();
  return (
    <>
      <section
        className={css.lineBar}
        aria-label="One line"
        onKeyDown={(event) => {
          if (event.key === 'Escape') onClose();
        }}
      >
        {/* The field is there at once: fingers do not wait for the house. */}
        <Line view={data ?? NO_ROOM} attempt={overrule.attempt} onClose={onClose} />
        {!data && <Waiting error={error} retry={() => void mutate()} />}
      </section>
    </>
  );
}

const valuesIn = ({ entries }: Understood) =>
  entries.flatMap((entry) =>
    entry.kind === 'reading.taken' ? [{ quantity: entry.payload.quantity, value: entry.payload.reading.value }] : [],
  );

const NO_ROOM: RoomView = { seq: 0, racks: [], systems: [] };

type LineProps = { view: RoomView; attempt: ReturnType<typeof useOverrule>['attempt']; onClose: () => void };

function Line({ view, attempt, onClose }: LineProps) {
  const { house, prefers } = useMe();
  const units = useUnits();
  const [text, setText] = useState('');
  const [said, setSaid] = useState('');
  const [doubted, setDoubted] = useState<string>();
  const field = useRef<HTMLInputElement>(null);
  const tanks = useMemo(() => tanksOf(view), [view]);
  const name = useMemo(() => namesIn(view), [view]);
  useEffect(() => field.current?.focus(), []);
  const lineHouse: LineHouse = {
    tanks,
    now: houseNow(),
    zone: house.zone,
    eveningFromHour: house.rules.eveningFromHour,
    preference: prefers,
  };
  const read = readLine(text, lineHouse);
  const offers = read.ok || read.stuck.at === 'empty' ? [] : offersFor(read, lineHouse);
  const sayAll = ({ entries }: Understood) => entries.map((entry) => sayEntry(entry, name, units)).join('; ');
  const { far, judging, settle } = useFarOff(read, view);
  const settling = useRef(false);
  const early = useRef<string>(undefined);
  const write = async () => {
    // Pressed before the house has said what stands where: it is read, and written, once that is here.
    if (view === NO_ROOM) {
      early.current = text;
      return;
    }
    // One press, one line: what comes while the last readings are looked up is the same press twice.
    if (!read.ok || settling.current) return;
    // What is far from before is written at the second press.
    if (far.length > 0 && doubted !== text) return setDoubted(text);
    if (settle && doubted !== text) {
      settling.current = true;
      const doubts = await settle();
      settling.current = false;
      if (doubts.length > 0) return setDoubted(text);
    }
    const words = sayAll(read);
    // Empty at once, for the next line; what is refused comes back unless something else is being typed.
    setText((now) => (now === text ? '' : now));
    setSaid(words);
    field.current?.focus();
    attempt({
      title: words,
      doing: 'Write it',
      words,
      drafts: read.entries,
      onDone: () => undefined,
      onRefused: () => {
        setSaid('');
        setText((now) => (now === '' ? read.text : now));
      },
    });
  };
  useEffect(() => {
    const pressed = early.current;
    early.current = undefined;
    if (pressed !== undefined && pressed === text) void write();
    // Once, when the house has answered.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [view === NO_ROOM]);
  const put = (line: string) => {
    setText(line);
    field.current?.focus();
  };
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void write();
      }}
    >
      <div className={css.lineField}>
        <Form.Control
          ref={field}
          aria-label="What you want to write down"
          aria-describedby="line-says"
          placeholder="B3 lost 2"
          autoComplete="off"
          autoCapitalize="off"
          spellCheck={false}
          maxLength={200}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <Button type="submit" variant="primary" disabled={!read.ok}>
          {far.length > 0 && doubted === text ? 'It is so' : 'Write it'}
        </Button>
        <Button variant="plain" onClick={onClose}>
          Close <Key name="back" />
        </Button>
      </div>
      <div id="line-says" className={css.lineSays} role="status">
        {read.ok ? (
          <>
            <p className={css.lineUnderstood}>
              <span className="soft">Understood:</span> {sayAll(read)}
            </p>
            <Asked read={read} view={view} name={name} far={far} judging={judging} again={doubted === text} />
          </>
        ) : read.stuck.at === 'empty' ? (
          <p className="soft">{said ? `Written: ${said}.` : `A tank, then what you saw or did there: ${EXAMPLES}`}</p>
        ) : (
          <p className="warn">
            {sayStuck(read.stuck, units)}
            {offers.length > 0 && ' Did you mean:'}
          </p>
        )}
      </div>
      <Offers offers={offers} sayAll={sayAll} onPut={put} />
    </form>
  );
}

type AskedProps = {
  read: Understood;
  view: RoomView;
  name: (id: string) => string;
  far: readonly FarOff[];
  judging: ReadingsView['judging'];
  again: boolean;
};

/** What a line would do besides, and what of it is asked once more. */
function Asked({ read, view, name, far, judging, again }: AskedProps) {
  return (
    <>
      <Anew read={read} view={view} name={name} />
      <OverLimitCaution read={valuesIn(read)} judging={judging} />
      <FarOffCaution far={far} />
      {far.length > 0 && <p>{again ? 'Once more, if it is so.' : 'It is asked once more before it is written.'}</p>}
      {read.notes.map(({ lot, said: heads, onRecord }) => (
        <p key={lot} className="warn">
          You say {heads} {name(lot)}, on record: {onRecord}.
        </p>
      ))}
    </>
  );
}

type OffersProps = { offers: readonly Understood[]; sayAll: (offer: Understood) => string; onPut: (line: string) => void };

function Offers({ offers, sayAll, onPut }: OffersProps) {
  if (offers.length === 0) return null;
  return (
    <ul className={css.lineOffers} aria-label="What it could mean">
      {offers.map((offer) => (
        <li key={offer.text}>
          <Button variant="plain" onClick={() => onPut(offer.text)}>
            {sayAll(offer)}
          </Button>
        </li>
      ))}
    </ul>
  );
}

const NO_CLOCKS = new Map<string, never>();

/** Whose clock a move by line would begin anew, before it is written. */
function Anew({ read, view, name }: { read: Understood; view: RoomView; name: (id: string) => string }) {
  const tanks = view.racks.flatMap((rack) => rack.tanks);
  const codes = new Map(tanks.map(({ id, code }) => [id, code]));
  const moves = read.entries
    .flatMap((entry) => (entry.kind === 'stock.moved' ? entry.payload.moves : []))
    .filter(({ to }) => codes.has(to));
  return moves.map(({ lot, from, to }) => {
    const inQuarantine = tanks.some(
      ({ id, occupants }) => id === from && occupants.some((occupant) => occupant.lot === lot && occupant.quarantine),
    );
    return (
      <Meeting key={lot + to} who={meetingOf(view, { lot, from, to, inQuarantine })} label={name(lot)} clocks={NO_CLOCKS} codes={codes} />
    );
  });
}
