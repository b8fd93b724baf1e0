// Fish that were ordered for somebody, kept for them by one press: a promise like any other.
import Button from 'react-bootstrap/Button';
import { useMayWrite } from '../data/me.ts';
import { useOverrule } from '../parts/useOverrule.tsx';
import { promisedEntry } from './draft.ts';

type Props = { lot: string; label: string; n: number; forWhom: string };

export function KeepFor({ lot, label, n, forWhom }: Props) {
  const may = useMayWrite('lot.promised');
  const { attempt } = useOverrule();
  if (!may || n < 1) return null;
  const write = () =>
    attempt({
      title: `${n} ${label} for ${forWhom}`,
      doing: 'Keep them all the same',
      words: `${n} ${label} are kept for ${forWhom}`,
      drafts: [promisedEntry({ lot, n, forWhom })],
      onDone: () => undefined,
    });
  return (
    <Button variant="plain" size="sm" onClick={write}>
      Keep {n} for them
    </Button>
  );
}
