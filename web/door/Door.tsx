// The door: tap your name, tap your PIN. In a demo house the PINs hang beside the names.
import { clsx } from 'clsx';
import { Delete } from 'lucide-react';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import useSWR, { mutate } from 'swr';
import { paths } from '#contract/paths.ts';
import type { DoorView, MeView } from '#contract/views.ts';
import { getJson, postJson } from '../data/api.ts';
import { setHouseClock } from '../data/clock.ts';
import { tellTabs } from '../data/tabs.ts';
import { Waiting } from '../parts/Waiting.tsx';
import css from './door.module.scss';
import { FirstLead } from './FirstLead.tsx';
import { sayPinProblem } from './pinProblem.ts';

const DIGITS = ['1', '2', '3', '4', '5', '6', '7', '8', '9'];
const SHORTEST_PIN = 4;
const LONGEST_PIN = 8;

export function Door() {
  const { data, error, mutate: again } = useSWR<DoorView, Error>(paths.door, getJson);
  const [person, setPerson] = useState<string>();
  if (!data)
    return (
      <main className={css.door}>
        <Waiting error={error} retry={() => void again()} />
      </main>
    );
  if (data.house.empty) return <FirstLead house={data.house} />;
  const chosen = data.people.find(({ id }) => id === person);
  return (
    <main className={css.door}>
      <h1>{data.house.name}</h1>
      <p className="soft">{chosen ? `${chosen.name}, your PIN` : 'Who is here?'}</p>
      {chosen ? (
        <PinPad person={chosen} onBack={() => setPerson(undefined)} />
      ) : (
        <div className={css.names}>
          {data.people.map(({ id, name, title, pin }) => (
            <Button key={id} variant="plain" onClick={() => setPerson(id)}>
              <b>{name}</b>
              <span className="soft">
                {title}
                {pin && (
                  <>
                    {' '}
                    · PIN <span className="num">{pin}</span>
                  </>
                )}
              </span>
            </Button>
          ))}
        </div>
      )}
      {data.house.demo && (
        <p className={clsx('soft', css.demoNote)}>A demo house: made-up people and fish, PINs shown. In a real house they are not.</p>
      )}
    </main>
  );
}

function PinPad({ person, onBack }: { person: DoorView['people'][number]; onBack: () => void }) {
  const [pin, setPin] = useState('');
  const [problem, setProblem] = useState('');
  const press = (digit: string) => setPin((now) => (now + digit).slice(0, LONGEST_PIN));
  const signIn = async () => {
    try {
      const me = await postJson<MeView>(paths.signIn, { person: person.id, pin });
      setHouseClock(me.clock);
      tellTabs();
      await mutate(paths.me, me, { revalidate: false });
    } catch (error) {
      setPin('');
      setProblem(sayPinProblem(error));
    }
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        if (pin.length >= SHORTEST_PIN) void signIn();
      }}
    >
      <label className="visually-hidden" htmlFor="pin">
        PIN
      </label>
      <input
        id="pin"
        className={clsx(css.pin, 'num')}
        type="password"
        inputMode="none"
        autoComplete="off"
        autoFocus
        maxLength={LONGEST_PIN}
        value={pin}
        onChange={(event) => setPin(event.target.value.replaceAll(/\D/g, ''))}
      />
      <div className={css.keys}>
        {DIGITS.map((digit) => (
          <Button key={digit} variant="plain" onClick={() => press(digit)}>
            {digit}
          </Button>
        ))}
        <Button variant="plain" onClick={onBack}>
          Back
        </Button>
        <Button variant="plain" onClick={() => press('0')}>
          0
        </Button>
        <Button variant="plain" aria-label="Delete a digit" onClick={() => setPin((now) => now.slice(0, -1))}>
          <Delete size={22} aria-hidden />
        </Button>
      </div>
      <p role="alert" className="field-problem">
        {problem}
      </p>
      <Button type="submit" className="btn-act" variant="act" disabled={pin.length < SHORTEST_PIN}>
        Sign in
      </Button>
    </form>
  );
}
