// Young found in a tank: a new lot of the same kind, counted by a range until somebody counts them, with the size at which they are to leave.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import type { RoundTank } from '#contract/views.ts';
import { BORN_WHERE, type BornWhere } from '#core/stock/index.ts';
import { useMayWrite } from '../data/me.ts';
import { Chips } from '../parts/Chips.tsx';
import { CountField } from '../parts/CountField.tsx';
import { useOverrule } from '../parts/useOverrule.tsx';
import { bornEntries } from './draft.ts';
import css from './rounds.module.scss';

const MOST_YOUNG = 2000;
/** At which fry are moved on, cm: a judgement to start from. */
const LEAVE_AT_CM = 2.5;

export function Born({ tank, lot }: { tank: RoundTank; lot: RoundTank['lots'][number] }) {
  const { attempt } = useOverrule();
  const may = useMayWrite('lot.born', 'stay.limited');
  const [open, setOpen] = useState(false);
  const [least, setLeast] = useState(5);
  const [most, setMost] = useState(10);
  const [where, setWhere] = useState<BornWhere>();
  const [leaves, setLeaves] = useState(true);
  // Nobody knows what an unnamed fish bears.
  if (!may || lot.species === undefined) return null;
  if (!open)
    return (
      <Button variant="link" className="btn-quiet" onClick={() => setOpen(true)}>
        Young found
      </Button>
    );
  const young = {
    least: Math.min(least, most),
    most: Math.max(least, most),
    ...(where ? { where } : {}),
    ...(leaves ? { untilCm: LEAVE_AT_CM } : {}),
  };
  return (
    <div className={css.signMore}>
      <div className="pair">
        <CountField label="At least" value={least} min={1} max={MOST_YOUNG} onChange={setLeast} />
        <CountField label="At most" value={most} min={1} max={MOST_YOUNG} onChange={setMost} />
      </div>
      <Chips label="Found" options={BORN_WHERE} value={where} onChange={(place) => setWhere(place === where ? undefined : place)} />
      <Chips
        label="To leave"
        options={[`at ${LEAVE_AT_CM} cm`]}
        value={leaves ? [`at ${LEAVE_AT_CM} cm`] : []}
        onChange={() => setLeaves(!leaves)}
      />
      <Button
        variant="plain"
        onClick={() =>
          attempt({
            title: `Young of ${lot.label} in ${tank.code}`,
            doing: 'They are there',
            words: `${tank.code}: ${young.least} to ${young.most} young of ${lot.label}`,
            drafts: bornEntries(tank.id, lot, young),
            onDone: () => setOpen(false),
          })
        }
      >
        {young.least === young.most ? young.least : `${young.least} to ${young.most}`} young
      </Button>
      <span className="soft">Predators of young out first; cover the filter’s inlet.</span>
    </div>
  );
}
