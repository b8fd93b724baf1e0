// Whose a due thing is: taken on by one tap, or given to somebody by a keeper.
import Button from 'react-bootstrap/Button';
import { useMe, useRank } from '../data/me.ts';
import css from './today.module.scss';

type Props = { whose?: string; people: readonly { id: string; name: string }[]; onGive: (person: string | null) => void };

export function Whose({ whose, people, onGive }: Props) {
  const { person: me } = useMe();
  const mayGive = useRank('keeper');
  const offered = mayGive ? people : people.filter(({ id }) => id === me.id);
  const mayFree = whose !== undefined && (mayGive || whose === me.id);
  return (
    <div className={css.dueMore}>
      <div className="chips" role="group" aria-label="Whose it is">
        {offered.map(({ id, name }) => (
          <Button key={id} variant="plain" className={id === whose ? 'chip-on' : ''} aria-pressed={id === whose} onClick={() => onGive(id)}>
            {id === me.id ? 'Mine' : name}
          </Button>
        ))}
        {mayFree && (
          <Button variant="plain" onClick={() => onGive(null)}>
            Nobody’s
          </Button>
        )}
      </div>
    </div>
  );
}
