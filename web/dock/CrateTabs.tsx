// The crates on the dock, one chosen.
import { clsx } from 'clsx';
import Button from 'react-bootstrap/Button';
import { useSearchParams } from 'react-router';
import type { CrateCard } from '#contract/views.ts';
import { useTimes } from '../data/me.ts';
import css from './dock.module.scss';

export function CrateTabs({ crates, chosen }: { crates: CrateCard[]; chosen: CrateCard }) {
  const [, setQuery] = useSearchParams();
  const { when } = useTimes();
  return (
    <div className={clsx('tabs', css.crateTabs)} role="group" aria-label="Crates">
      {crates.map((crate) => (
        <Button
          key={crate.crate}
          variant="plain"
          className={crate === chosen ? 'chip-on' : ''}
          aria-pressed={crate === chosen}
          onClick={() => setQuery({ crate: crate.crate })}
        >
          <b>{crate.supplier}</b>{' '}
          <span>
            {crate.arrived
              ? `${crate.bags.filter(({ landed, absent }) => landed ?? absent).length} of ${crate.bags.length} bags`
              : `due ${when(crate.promisedAtMs)}`}
          </span>
        </Button>
      ))}
    </div>
  );
}
