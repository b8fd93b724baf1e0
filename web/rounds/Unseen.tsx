// Fish that counts did not find: after enough rounds they are missing by a tap; back on record by another when they are found.
import Button from 'react-bootstrap/Button';
import type { RoundTank } from '#contract/views.ts';
import { useMayWrite, useMe } from '../data/me.ts';
import { useOverrule } from '../parts/useOverrule.tsx';
import { plural } from '../words/text.ts';
import { foundAgainEntry, missingEntry } from './draft.ts';

export function Unseen({ tank, lot }: { tank: RoundTank; lot: RoundTank['lots'][number] }) {
  const { attempt } = useOverrule();
  const may = useMayWrite('stock.counted');
  const { missingAfterRounds } = useMe().house.rules;
  const { unseen, missing } = lot;
  const write = (words: string, draft: ReturnType<typeof missingEntry>) =>
    attempt({
      title: `${tank.code}: ${words}`,
      doing: 'It is so',
      words: `${tank.code}: ${words}`,
      drafts: [draft],
      onDone: () => undefined,
    });
  return (
    <>
      {unseen && (
        <p className="tight">
          <span className="warn">
            {unseen.n} not seen on {plural(unseen.rounds, 'count')} in a row.
          </span>{' '}
          {unseen.rounds < missingAfterRounds ? (
            <span className="soft">Count them again; after {missingAfterRounds} they may be called missing.</span>
          ) : may ? (
            <Button variant="plain" onClick={() => write(`${unseen.n} ${lot.label} missing`, missingEntry(tank.id, lot, unseen.n))}>
              {unseen.n} missing
            </Button>
          ) : (
            <span className="soft">A keeper may call them missing. Missing is not dead.</span>
          )}
        </p>
      )}
      {missing !== undefined && (
        <p className="tight">
          <span className="soft">{missing} of them are missing on record.</span>{' '}
          {may && (
            <Button variant="plain" onClick={() => write(`1 ${lot.label} found again`, foundAgainEntry(tank.id, lot))}>
              One found again
            </Button>
          )}
        </p>
      )}
    </>
  );
}
