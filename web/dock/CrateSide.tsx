// The crate against its list, and every bag that still asks for something, the most pressing first.
import { clsx } from 'clsx';
import { memo } from 'react';
import Button from 'react-bootstrap/Button';
import { Link, useNavigate } from 'react-router';
import type { BagCard, CrateCard } from '#contract/views.ts';
import { sayClaimed, tallyCrate, triage } from '#core/dock/index.ts';
import { useMe, useTimes } from '../data/me.ts';
import { useStable } from '../data/useStable.ts';
import { useUnits } from '../data/units.ts';
import { useKey } from '../keys/useKey.ts';
import { capital } from '../words/text.ts';
import css from './dock.module.scss';

export function CrateSide({ crate, onUndo }: { crate: CrateCard; onUndo: (actId: string, words: string) => void }) {
  const tally = tallyCrate(crate.bags.map((bag) => ({ listed: bag.listed, absent: bag.absent !== undefined, landed: bag.landed })));
  const landed = crate.bags.filter((bag) => bag.landed ?? bag.absent).sort(byNeed);
  const navigate = useNavigate();
  const pressing = landed.map(stepOf).find((step) => step !== undefined);
  const undo = useStable(onUndo);
  useKey('dock.next', () => pressing && void navigate(pressing.to));
  return (
    <section className={clsx('card', css.crateSide)} aria-label="The crate against its list">
      <dl className={css.tally}>
        <Figure name="listed" n={tally.listed} />
        <Figure name="alive" n={tally.alive} />
        <Figure name="dead" n={tally.dead} odd />
        <Figure name="short" n={tally.short} odd />
        <Figure name="over" n={tally.over} odd />
        <Figure name="wrong fish" n={tally.wrong} odd />
      </dl>
      {tally.dead + tally.short + tally.wrong > 0 && (
        <p className="tight">
          <Link to={`/dock/claims?crate=${crate.crate}`}>Claim it: {sayClaimed(tally)}</Link>
        </p>
      )}
      {landed.length === 0 ? (
        <p className="soft">Bags appear here as they land.</p>
      ) : (
        <ul className={css.bagRows}>
          {landed.map((bag) => (
            <BagRow key={bag.bag} bag={bag} onUndo={undo} />
          ))}
        </ul>
      )}
    </section>
  );
}

function Figure({ name, n, odd = false }: { name: string; n: number; odd?: boolean }) {
  return (
    <div className={odd && n > 0 ? 'warn' : ''}>
      <dd className="num">{n}</dd>
      <dt>{name}</dt>
    </div>
  );
}

/** Afloat, or poured into the vessel of a run. */
const isOnWay = ({ afloat, inRun }: BagCard): boolean => afloat || inRun !== undefined;

/** First aid, then bags without a tank, then those with one, then what is done. */
function needOf(bag: BagCard): number {
  if (bag.released || bag.absent || bag.landed?.alive === 0) return 4;
  if (isOnWay(bag)) return 3;
  if (bag.landed && triage(bag.landed) === 'first aid') return 0;
  return bag.tank ? 2 : 1;
}

function byNeed(a: BagCard, b: BagCard): number {
  return needOf(a) - needOf(b) || (b.landed?.atMs ?? 0) - (a.landed?.atMs ?? 0);
}

const BagRow = memo(function BagRow({ bag, onUndo }: { bag: BagCard; onUndo: (actId: string, words: string) => void }) {
  const { when } = useTimes();
  const { say } = useUnits();
  const { person } = useMe();
  const { landed, absent } = bag;
  const mark = landed ?? absent!;
  const mayUndo = !isOnWay(bag) && !bag.released && (person.role === 'lead' || mark.by === person.name);
  const words = landed ? `landed ${bag.label}` : `${bag.label} not in the box`;
  return (
    <li>
      <span className={clsx(css.bagNo, 'num')}>{bag.label.replace(/^bag /, '')}</span>
      <span>
        {landed ? (
          <>
            <b className="num">{landed.alive}</b> {bag.lotLabel}
            {landed.dead > 0 && <span className="warn"> · {landed.dead} dead</span>}
          </>
        ) : (
          <span className="warn">{bag.lotLabel}: not in the box</span>
        )}
        {landed?.wrong && <span className="warn"> · other than listed</span>}
        {landed && landed.condition !== 'fit' && <span className="warn"> · {landed.condition}</span>}
        {landed && landed.bagCondition !== 'sound' && <span className="warn"> · bag {landed.bagCondition}</span>}
        <span className={clsx('soft', css.bagBy)}>
          {mark.by}, {when(mark.atMs)}
          {bag.temperature && ` · ${say('temperature', bag.temperature.value)} ${bag.temperature.method}`}
          {landed?.note && ` · ${landed.note}`}
        </span>
      </span>
      <span className={css.bagNext}>
        <NextStep bag={bag} />
        {mayUndo && (
          <Button variant="plain" size="sm" onClick={() => onUndo(mark.actId, words)} aria-label={`Undo: ${words}`}>
            Undo
          </Button>
        )}
      </span>
    </li>
  );
});

type Step = { to: string; words: string; says: string };

/** What hands do next with a bag that is not on its way yet: choose its tank, or float it there. */
function stepOf(bag: BagCard): Step | undefined {
  if (bag.absent || bag.released || isOnWay(bag) || !bag.landed || bag.landed.alive === 0) return undefined;
  const { label, tank } = bag;
  return tank
    ? { to: `/bench?bag=${bag.bag}`, words: `Float in ${tank.code}`, says: `Float ${label} in ${tank.code}` }
    : { to: `/room?bag=${bag.bag}`, words: 'Choose a tank', says: `Choose a tank for ${label}` };
}

function NextStep({ bag }: { bag: BagCard }) {
  if (bag.released) return <span className="soft">in {bag.tank?.code}</span>;
  if (bag.inRun !== undefined) return <Link to={`/bench?run=${bag.inRun}`}>in a vessel for {bag.tank?.code}</Link>;
  if (bag.afloat) return <Link to={`/bench?bag=${bag.bag}`}>afloat in {bag.tank?.code}</Link>;
  const step = stepOf(bag);
  return step ? (
    <Link className="btn btn-plain" to={step.to} aria-label={step.says}>
      {step.words}
    </Link>
  ) : null;
}

/** The crate's bags as pouches in the order of the list. */
export function Pouches({ crate, here }: { crate: CrateCard; here?: string }) {
  return (
    <ol
      className={css.pouches}
      aria-label={`${crate.bags.filter(({ landed, absent }) => landed ?? absent).length} of ${crate.bags.length} bags done`}
    >
      {crate.bags.map((bag) => (
        <li
          key={bag.bag}
          className={clsx(css.pouch, pouchState(bag), bag.bag === here && css.here)}
          title={`${capital(bag.label)}: ${bag.lotLabel}`}
        />
      ))}
    </ol>
  );
}

function pouchState({ landed, absent }: BagCard): string | undefined {
  if (absent) return clsx(css.gone, css.odd);
  if (!landed) return '';
  return landed.dead > 0 || landed.wrong || landed.condition !== 'fit' || landed.bagCondition !== 'sound' ? css.odd : css.done;
}
