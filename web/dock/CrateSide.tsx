// The crate against its list, and every bag that still asks for something, the most pressing first.
import { clsx } from 'clsx';
import { memo, useMemo } from 'react';
import Button from 'react-bootstrap/Button';
import { Link, useNavigate } from 'react-router';
import type { BagCard, CrateCard } from '#contract/views.ts';
import { sayClaimed, tallyCrate, type DockSettings, type Route } from '#core/dock/index.ts';
import { useMe, useTimes } from '../data/me.ts';
import { useStable } from '../data/useStable.ts';
import { useUnits } from '../data/units.ts';
import { useKey } from '../keys/useKey.ts';
import { capital } from '../words/text.ts';
import { ROUTE_SAYS, sayEach, saySeen, SURE_SAYS } from '../words/triage.ts';
import css from './dock.module.scss';
import { Photos } from '../photos/Photos.tsx';
import { TakePhoto } from '../photos/TakePhoto.tsx';
import { isOnWay, NextStep, stepOf } from './NextStep.tsx';
import { OpenBox } from './OpenBox.tsx';
import { OrderedFor } from './OrderedFor.tsx';
import { OtherRoute } from './OtherRoute.tsx';
import { routeFor, wantsCleanWater } from './route.ts';

export function CrateSide({ crate, onUndo }: { crate: CrateCard; onUndo: (actId: string, words: string) => void }) {
  const tally = tallyCrate(crate.bags.map((bag) => ({ listed: bag.listed, absent: bag.absent !== undefined, landed: bag.landed })));
  const { rules } = useMe().house;
  const { packedAtMs, promisedAtMs } = crate;
  const arrivedAtMs = crate.arrived?.atMs;
  // The same while they are: a row is drawn anew only when its bag changes.
  const times = useMemo(() => ({ packedAtMs, promisedAtMs, arrivedAtMs }), [packedAtMs, promisedAtMs, arrivedAtMs]);
  const landed = crate.bags.filter((bag) => bag.landed ?? bag.absent).sort((a, b) => byNeed(a, b, rules));
  const navigate = useNavigate();
  const pressing = landed.map((bag) => stepOf(bag, crate.crate, rules)).find((step) => step !== undefined);
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
      <p className={clsx('tight', css.crateLinks)}>
        {tally.dead + tally.short + tally.wrong > 0 && <Link to={`/dock/claims?crate=${crate.crate}`}>Claim it: {sayClaimed(tally)}</Link>}
        <Link to={`/dock/unpacking?crate=${crate.crate}`}>Order of unpacking</Link>
        <Link to={`/dock/report?crate=${crate.crate}`}>Report</Link>
        <Link to="/dock/orders">Orders</Link>
        <TakePhoto
          of={{ kind: 'crate', id: crate.crate }}
          shows="the carton"
          what={crate.label}
          label="photograph the carton or a paper"
          quiet
        />
      </p>
      <OrderedFor crate={crate} />
      <OpenBox crate={crate} onUndo={undo} />
      {landed.length === 0 ? (
        <p className="soft">Bags appear here as they land.</p>
      ) : (
        <ul className={css.bagRows}>
          {landed.map((bag) => (
            <BagRow key={bag.bag} bag={bag} crate={crate.crate} times={times} onUndo={undo} />
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

/** Fish that wait for clean water, then those in it, then bags without a tank, then those with one, then what is done. */
function needOf(bag: BagCard, rules: DockSettings): number {
  if (bag.released || bag.absent || bag.landed?.alive === 0) return 4;
  if (isOnWay(bag)) return 3;
  if (wantsCleanWater(bag, rules)) return 0;
  if (bag.clean) return 0.5;
  return bag.tank ? 2 : 1;
}

function byNeed(a: BagCard, b: BagCard, rules: DockSettings): number {
  return needOf(a, rules) - needOf(b, rules) || (b.landed?.atMs ?? 0) - (a.landed?.atMs ?? 0);
}

/** Said in its row; that a bath may help is true of the whole crate. */
const LOUD: ReadonlySet<Route> = new Set(['quarantine without medicine', 'observation tank', 'clean water now']);

type RowProps = {
  bag: BagCard;
  crate: string;
  times: { packedAtMs: number; promisedAtMs: number; arrivedAtMs?: number };
  onUndo: (actId: string, words: string) => void;
};
const BagRow = memo(function BagRow({ bag, crate, times, onUndo }: RowProps) {
  const { when } = useTimes();
  const { say } = useUnits();
  const { person, house } = useMe();
  const { landed, absent, clean, routed } = bag;
  const route = routeFor(bag, { rules: house.rules, times });
  const asks = !clean && !isOnWay(bag) && !bag.released && (landed?.alive ?? 0) > 0;
  const mark = landed ?? absent!;
  const seen = saySeen(bag);
  const mayUndo = !isOnWay(bag) && !bag.released && !clean && (person.role === 'lead' || mark.by === person.name);
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
        {bag.sure && bag.sure !== 'certain' && <span className="soft"> · {SURE_SAYS[bag.sure]}</span>}
        {landed?.wrong && <span className="warn"> · other than listed</span>}
        {landed && landed.condition !== 'fit' && <span className="warn"> · {landed.each ? sayEach(landed.each) : landed.condition}</span>}
        {landed && landed.bagCondition !== 'sound' && <span className="warn"> · bag {landed.bagCondition}</span>}
        <span className={clsx('soft', css.bagBy)}>
          {mark.by}, {when(mark.atMs)}
          {bag.temperature && ` · ${say('temperature', bag.temperature.value)} ${bag.temperature.method}`}
          {seen && ` · ${seen}`}
          {landed?.note && ` · ${landed.note}`} {asks && <OtherRoute bag={bag} route={route} />}
          {landed && <TakePhoto of={{ kind: 'bag', id: bag.bag }} shows="the fish" what={bag.label} label="photograph" quiet />}
        </span>
        {clean && (
          <span className={css.bagBy}>
            In clean water, {clean.vessel}, since {when(clean.atMs)}, {clean.by}
            {(person.role === 'lead' || clean.by === person.name) && !isOnWay(bag) && !bag.released && (
              <Button
                variant="link"
                className={clsx('btn-quiet', css.otherWay)}
                aria-label={`Undo: ${bag.label} in clean water`}
                onClick={() => onUndo(clean.actId, `${bag.label} in clean water`)}
              >
                undo
              </Button>
            )}
          </span>
        )}
        <Photos photos={bag.photos} of={bag.label} />
        {asks && (LOUD.has(route) || routed) && (
          <span className={css.bagBy}>
            <b>{capital(ROUTE_SAYS[route])}</b>
            {routed && ` (${routed.by}: ${routed.why})`}
          </span>
        )}
      </span>
      <span className={css.bagNext}>
        <NextStep bag={bag} crate={crate} rules={house.rules} />
        {mayUndo && (
          <Button variant="plain" size="sm" onClick={() => onUndo(mark.actId, words)} aria-label={`Undo: ${words}`}>
            Undo
          </Button>
        )}
      </span>
    </li>
  );
});

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
