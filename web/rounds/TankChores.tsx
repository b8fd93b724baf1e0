// Chores that are due at the tank in front: ticked by one tap, with what each takes.
import Button from 'react-bootstrap/Button';
import type { RoundTank } from '#contract/views.ts';
import { doneEntry } from '../chores/draft.ts';
import { useOverrule } from '../parts/useOverrule.tsx';
import css from './rounds.module.scss';

export function TankChores({ tank }: { tank: RoundTank }) {
  const { attempt } = useOverrule();
  if (tank.chores.length === 0) return null;
  return (
    <ul className={css.tankChores} aria-label={`Chores at ${tank.code}`}>
      {tank.chores.map(({ chore, name, takes }) => (
        <li key={chore}>
          <span>
            {name}
            {takes.length > 0 && <span className="soft"> · {takes.map((used) => `${used.amount} ${used.name}`).join(', ')}</span>}
          </span>
          <Button
            variant="plain"
            aria-label={`Done: ${name} at ${tank.code}`}
            onClick={() =>
              attempt({
                title: `${name} at ${tank.code}`,
                doing: 'It was done all the same',
                words: `${name}: done at ${tank.code}`,
                drafts: [doneEntry({ id: chore, takes: takes.map(({ item, amount }) => ({ item, amount })) }, [tank.id])],
                onDone: () => undefined,
              })
            }
          >
            Done
          </Button>
        </li>
      ))}
    </ul>
  );
}
