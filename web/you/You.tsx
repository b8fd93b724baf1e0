// The one at this screen: the units they read and type in, and how the screen looks. Kept for the person, on every device.
import { clsx } from 'clsx';
import { Link } from 'react-router';
import { mutate } from 'swr';
import { paths } from '#contract/paths.ts';
import { TEMPERATURE_UNITS, VOLUME_UNITS, type Preference } from '#core/water/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useMe } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { firstDay } from '../frame/firstDay.ts';
import { SignOut } from '../frame/SignOut.tsx';
import { ThemeSwitch } from '../frame/ThemeSwitch.tsx';
import { setLetters, useLetters } from '../keys/letters.ts';
import { Chips } from '../parts/Chips.tsx';
import css from './you.module.scss';

export default function You() {
  const me = useMe();
  const letters = useLetters();
  const { say } = useUnits();
  const { recordAction } = useActions();
  const prefer = async (part: Partial<Preference>) => {
    const prefers = { ...me.prefers, ...part };
    // Shown at once; asked again when the house has answered, whatever it said.
    await mutate(paths.me, { ...me, prefers }, { revalidate: false });
    const outcome = await recordAction(`${me.person.name} reads in ${prefers.temperature} and ${prefers.volume}`, {
      kind: 'person.prefers',
      payload: { person: me.person.id, ...prefers },
    });
    if (outcome.status !== 'waiting') await mutate(paths.me);
  };
  return (
    <section className={clsx('card', css.you)} aria-label="You">
      <h1 className="station-title">
        {me.person.name} <span className="soft">{me.person.title}</span>
      </h1>
      <Chips
        label="Temperatures in"
        options={TEMPERATURE_UNITS}
        value={me.prefers.temperature}
        onChange={(temperature) => void prefer({ temperature })}
      />
      <Chips label="Volumes in" options={VOLUME_UNITS} value={me.prefers.volume} onChange={(volume) => void prefer({ volume })} />
      <Chips
        label="Keys of one letter, on this device"
        options={['act', 'do nothing'] as const}
        value={letters ? 'act' : 'do nothing'}
        onChange={(choice) => setLetters(choice === 'act')}
      />
      <p className="soft">
        A tank of {say('volume', 45)} at {say('temperature', 25)}. Any unit is understood where you type it: 78F, 25.5 C, 12 L, 800 mL, 3 US
        gal, 3 imp gal. The house keeps °C and litres; the others go on reading in their own.
      </p>
      <p className={css.youLinks}>
        <Link to="/handbook">Handbook</Link>{' '}
        <Link to="/dock" onClick={() => firstDay.go(0)}>
          The first day, again
        </Link>{' '}
        <Link to="/house?part=people">Your PIN</Link> <ThemeSwitch /> <SignOut />
      </p>
    </section>
  );
}
