// One system that some of a crate goes to: how it stands, whether a match is worth it, litres and hours, what it does to those who live there, and the way back.
import Button from 'react-bootstrap/Button';
import type { PreparedCrate, PrepSystemCard } from '#contract/views.ts';
import type { BackStep, SettledStep, SwapStep } from '#core/prepare/index.ts';
import { useActions } from '../actions/actions.tsx';
import { newId } from '../data/house.ts';
import { useMayWrite, useMe, useTimes } from '../data/me.ts';
import { useUnits } from '../data/units.ts';
import { Caution } from '../parts/Caution.tsx';
import { useOverrule } from '../parts/useOverrule.tsx';
import { sayRefusal } from '../words/refusals.ts';
import { plural } from '../words/text.ts';
import { matchEntry } from './draft.ts';
import css from './prepare.module.scss';

export function MatchCard({ system, crate }: { system: PrepSystemCard; crate: PreparedCrate }) {
  const { say } = useUnits();
  const { when } = useTimes();
  const { name, volumeL, tanks, salinityPpt, readMs, residents, offer, laid } = system;
  return (
    <section className="card" aria-label={`Match of ${name}`}>
      <h2>{name}</h2>
      <p className="soft tight">
        {say('volume', volumeL)}, {plural(tanks, 'tank')} on it · {say('salinity', salinityPpt)},{' '}
        {readMs === undefined ? 'as it is set to: never read' : `read ${when(readMs)}`}
      </p>
      <p className="tight">
        {residents.length > 0
          ? `A change meets all who live on it: ${residents.join(', ')}.`
          : 'Nobody lives on it: a change meets nobody.'}
      </p>
      {laid && <Laid laid={laid} />}
      {laid && isOther(laid, crate) && (
        <Caution strong>
          <b>It was laid down for something else.</b> By now the bags are said to be at{' '}
          {crate.stated.salinityPpt === undefined ? 'nobody knows what' : say('salinity', crate.stated.salinityPpt)}, due{' '}
          {when(crate.promisedAtMs)}: undo it before a swap, or lay it down anew.
        </Caution>
      )}
      {(!laid || isOther(laid, crate)) && <Offer system={system} crate={crate} offer={offer} />}
    </section>
  );
}

const settledOf = (settled: readonly SettledStep[], index: number) => settled.find(({ step }) => step === `swap-${index + 1}`);
const isSettled = (settled: readonly SettledStep[], index: number) => settledOf(settled, index) !== undefined;
const SAME_PPT = 0.5;
/** The bags are said to be at another salinity by now, or come before its last swap, while some of it is still to be done. */
function isOther(laid: NonNullable<PrepSystemCard['laid']>, { stated, promisedAtMs }: PreparedCrate): boolean {
  if (laid.swaps.every((_, index) => isSettled(laid.settled, index))) return false;
  const { salinityPpt } = stated;
  // Short of it a plan may be that was made too late; past it, or without knowing, it is another.
  const isPast =
    salinityPpt === undefined || (laid.of === 'fresh' ? salinityPpt > laid.toPpt + SAME_PPT : salinityPpt < laid.toPpt - SAME_PPT);
  return isPast || laid.swaps.at(-1)!.atMs > promisedAtMs;
}

function Offer({ system, crate, offer }: { system: PrepSystemCard; crate: PreparedCrate; offer: PrepSystemCard['offer'] }) {
  const { say } = useUnits();
  const { when } = useTimes();
  const { attempt } = useOverrule();
  const { house } = useMe();
  const may = useMayWrite('match.planned');
  if (crate.stated.salinityPpt === undefined)
    return <p className="warn">Whether a match is worth it is not known: ask {crate.supplier} for the salinity of the bags.</p>;
  if (!offer) return <p>The bags are said to be near enough: no match is needed.</p>;
  const { plan, back, backPpt, toPpt } = offer;
  if (!plan) return <p className="warn">No water mixed here brings it to {say('salinity', toPpt)}.</p>;
  const draft = matchEntry(system, { match: newId(), crate: crate.crate });
  const lay = () =>
    draft &&
    attempt({
      title: `Match of ${system.name}`,
      doing: 'Lay it down all the same',
      words: `${system.name} to be matched to ${crate.label}`,
      drafts: [draft],
      onDone: () => undefined,
    });
  const short = Math.abs(plan.reachesPpt - toPpt) > 0.05;
  return (
    <>
      {system.readMs === undefined && <Caution strong>Read its salinity first: the litres follow from it.</Caution>}
      {short && (
        <Caution strong>
          <b>Too late for all of it.</b> Until the crate comes it gets to {say('salinity', plan.reachesPpt)}, not {say('salinity', toPpt)}:
          faster is more than {plan.limit?.by ?? 'they'} tolerates.
        </Caution>
      )}
      {plan.outside.length > 0 && (
        <Caution strong>
          At {say('salinity', plan.reachesPpt)} it is no water for {plan.outside.join(', ')}.
        </Caution>
      )}
      {plan.swaps.length > 0 && (
        <>
          <p className="tight">
            By {plan.limit ? `${plan.limit.ppt} ppt an hour at most, for the ${plan.limit.by}` : 'one swap, for nobody lives there'}; with{' '}
            {plan.of === 'fresh' ? 'fresh water, at temperature, without chlorine' : `salt water of ${say('salinity', plan.waterPpt)}`}:
          </p>
          <Swaps swaps={plan.swaps} />
        </>
      )}
      {back.length > 0 && (
        <div>
          Then back, <Back back={back} backPpt={backPpt} />
        </div>
      )}
      <p className="soft tight">
        Begin {plan.swaps[0] ? when(plan.swaps[0].atMs) : 'as soon as it may be'}. What the bags are at is stated, not measured: read the
        first one before any is netted.
      </p>
      {may && draft && (
        <Button variant="plain" onClick={lay}>
          Lay it down
        </Button>
      )}
      {house.rules.prepare.saltPpt < system.salinityPpt && back.length > 0 && (
        <p className="soft tight">
          The salt water mixed here is no saltier than the system: the way back needs {say('salinity', backPpt)}.
        </p>
      )}
    </>
  );
}

function Laid({ laid }: { laid: NonNullable<PrepSystemCard['laid']> }) {
  const units = useUnits();
  const { when } = useTimes();
  const { person } = useMe();
  const { recordAction, undo } = useActions();
  const { by, atMs, swaps, back, backPpt, of: water, settled, entry, against } = laid;
  const next = swaps.findIndex((_, index) => !isSettled(settled, index));
  return (
    <>
      <p className="tight">
        Laid down by {by}, {when(atMs)}; with {water === 'fresh' ? 'fresh water' : `salt water of ${laid.waterPpt} ppt`}:
      </p>
      {next >= 0 && against.length > 0 && (
        <Caution strong>
          <b>Not as it was laid down.</b> {against.map((reason) => sayRefusal(reason, { when, units })).join(' ')} Ask a lead before the
          next swap.
        </Caution>
      )}
      <Swaps swaps={swaps} settled={settled} />
      {back.length > 0 && (
        <div>
          Then back, <Back back={back} backPpt={backPpt} />
        </div>
      )}
      <div className="chips no-print">
        {next >= 0 && (
          <Button
            variant="plain"
            onClick={() =>
              void recordAction(`Swap ${next + 1} is done`, { kind: 'due.done', payload: { due: `${entry}:match-step:swap-${next + 1}` } })
            }
          >
            Swap {next + 1} is done
          </Button>
        )}
        {(person.role === 'lead' || by === person.name) && settled.length === 0 && (
          <Button variant="plain" onClick={() => void undo(laid.actId, 'the match')}>
            Undo
          </Button>
        )}
      </div>
    </>
  );
}

function Swaps({ swaps, settled = [] }: { swaps: readonly SwapStep[]; settled?: readonly SettledStep[] }) {
  const { when } = useTimes();
  const { say } = useUnits();
  return (
    <ol className={css.swaps}>
      {swaps.map(({ atMs, litres, toPpt }, index) => (
        <li key={atMs}>
          <span className="num">{when(atMs)}</span>: {say('volume', tenth(litres))} out, as much in; then {say('salinity', tenth(toPpt))}
          {settledOf(settled, index) && <b> {settledOf(settled, index)!.kind === 'done' ? 'done' : 'left out'}</b>}
        </li>
      ))}
    </ol>
  );
}

function Back({ back, backPpt }: { back: readonly BackStep[]; backPpt: number }) {
  const { say } = useUnits();
  return (
    <>
      with {backPpt === 0 ? 'fresh water' : `salt water of ${say('salinity', backPpt)}`}, or by topping up what evaporates with it
      <ol className={css.swaps}>
        {back.map(({ afterH, litres, toPpt }) => (
          <li key={afterH}>
            {Math.round(afterH)} h after they came: {say('volume', tenth(litres))}; then {say('salinity', tenth(toPpt))}
          </li>
        ))}
      </ol>
    </>
  );
}
/** More than a jug can be read to nobody swaps. */
const tenth = (value: number): number => Math.round(value * 10) / 10;
