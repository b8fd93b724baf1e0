// Into which tanks, how many dead, how many stay: counts that must add up to what is on record.
import { clsx } from 'clsx';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { RunCard, TankCard } from '#contract/views.ts';
import { CountField } from '../../parts/CountField.tsx';
import { sumOf, type ReleaseSaid } from './draft.ts';
import css from './release.module.scss';

type Props = {
  run: RunCard;
  said: ReleaseSaid;
  tanks: readonly TankCard[];
  codeOf: (tank: string) => string;
  onChange: (more: Partial<ReleaseSaid>) => void;
};

export function ReleaseInto({ run, said, tanks, codeOf, onChange }: Props) {
  const { counts, dead, staying } = said;
  const { found } = sumOf(said);
  const set = (index: number, part: Partial<{ tank: string; n: number }>) =>
    onChange({ counts: counts.map((count, position) => (position === index ? { ...count, ...part } : count)) });
  const isTaken = (tank: string, except?: number) => counts.some((count, position) => position !== except && count.tank === tank);
  const another = () => {
    const free = tanks.find((tank) => !isTaken(tank.id) && tank.system === run.tank.system) ?? tanks.find((tank) => !isTaken(tank.id));
    if (free) onChange({ counts: [...counts, { tank: free.id, n: 0 }] });
  };
  return (
    <>
      {counts.map(({ tank, n }, index) => (
        <div className={clsx('pair', css.letInto)} key={index}>
          <CountField label={`Into ${codeOf(tank)}`} value={n} of={run.n} onChange={(value) => set(index, { n: value })} />
          {index > 0 && (
            <>
              <Form.Select aria-label={`Tank ${index + 1}`} value={tank} onChange={(event) => set(index, { tank: event.target.value })}>
                {tanks.map((tank) => (
                  <option key={tank.id} value={tank.id} disabled={isTaken(tank.id, index)}>
                    {tank.code}
                  </option>
                ))}
              </Form.Select>
              <Button variant="plain" onClick={() => onChange({ counts: counts.filter((_, position) => position !== index) })}>
                not there
              </Button>
            </>
          )}
          {index === 0 && <CountField label="Dead in it" value={dead} onChange={(value) => onChange({ dead: value })} />}
        </div>
      ))}
      <Button variant="link" className="btn-quiet" disabled={tanks.length === 0} onClick={another}>
        split over another tank
      </Button>
      {staying === undefined && run.n > 1 && (
        <Button variant="link" className="btn-quiet" onClick={() => onChange({ staying: 0 })}>
          some stay in it
        </Button>
      )}
      {staying !== undefined && (
        <CountField label="Stay in it" value={staying} max={run.n - 1} onChange={(value) => onChange({ staying: value })} />
      )}
      {found !== run.n && (
        <p className="warn" role="status">
          {run.n} on record, this adds up to {found}.{' '}
          {found < run.n ? `${run.n - found} will stand as missing.` : `${found - run.n} more will be posted as a difference.`}
        </p>
      )}
    </>
  );
}
