// The bench: bags and vessels in hand and what each asks for next; one of them in front.
import { clsx } from 'clsx';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link, useSearchParams } from 'react-router';
import type { Afloat, BenchBag, BenchView, RunCard } from '#contract/views.ts';
import { isSoft } from '#core/dock/index.ts';
import { isRunMethod } from '#core/runs/index.ts';
import { houseNow, useHouseNow } from '../data/clock.ts';
import { useMe } from '../data/me.ts';
import { useShown } from '../data/overlay.ts';
import { Guard } from '../frame/Guard.tsx';
import { useTitle } from '../frame/title.ts';
import { MethodCard } from '../methods/MethodCard.tsx';
import { useKept } from '../parts/useKept.ts';
import { Waiting } from '../parts/Waiting.tsx';
import { BathForm } from '../runs/begin/BathForm.tsx';
import { Begin } from '../runs/begin/Begin.tsx';
import { patientOfBag } from '../runs/begin/patient.ts';
import { Board } from '../runs/Board.tsx';
import { RunPage } from '../runs/RunPage.tsx';
import { capital } from '../words/text.ts';
import css from './bench.module.scss';
import { FloatCard } from './FloatCard.tsx';
import { dueAt, HandList, turnOf } from './HandList.tsx';
import { NextInHand, NoTank } from './NextInHand.tsx';
import { overlayBench } from './overlay.ts';
import { ReleaseCard } from './ReleaseCard.tsx';

export default function Bench() {
  const { shown: view, error, mutate } = useShown('bench', overlayBench);
  const [query] = useSearchParams();
  const now = useHouseNow(1000);
  if (!view) return <Waiting error={error} retry={() => void mutate()} />;
  return <Hand view={view} query={query} now={now} />;
}

function Hand({ view, query, now }: { view: BenchView; query: URLSearchParams; now: number }) {
  const { rules } = useMe().house;
  const floatOf = (bag: BenchBag) => view.floats.find((float) => float.bag === bag.bag);
  const bags = view.bags.toSorted((a, b) => turnOf(a, { float: floatOf(a), now, rules }) - turnOf(b, { float: floatOf(b), now, rules }));
  const runs = view.runs.toSorted((a, b) => dueAt(a) - dueAt(b));
  const run = runs.find((run) => run.run === query.get('run'));
  const wanted = bags.find(({ bag }) => bag === query.get('bag'));
  // A bag that somebody poured meanwhile is among the runs.
  const poured = runs.find(({ from }) => from.some(({ place }) => place === query.get('bag')));
  const first = runs[0] && dueAt(runs[0]) <= now ? runs[0] : (bags[0] ?? runs[0]);
  const asked = query.get('run') ?? query.get('bag');
  // What came to the front by itself stays there: the next one waits until somebody chooses it.
  const [front, setFront] = useState<string>();
  const stays = front === undefined ? first : (runs.find((run) => run.run === front) ?? bags.find(({ bag }) => bag === front));
  const chosen = run ?? wanted ?? poured ?? (asked === null ? stays : undefined);
  if (front === undefined && asked === null && first) setFront(idOf(first));
  const [seen, setSeen] = useState(false);
  if (chosen && !seen) setSeen(true);
  // Another address is another choice; the list beside it stays where it was scrolled to.
  const [at, setAt] = useState(asked);
  if (at !== asked) {
    setAt(asked);
    setFront(undefined);
    setSeen(false);
  }
  useTitle(
    chosen &&
      ('run' in chosen ? `${capital(chosen.started.vessel.name)}, ${chosen.lotLabel}` : `${capital(chosen.label)}, ${chosen.lotLabel}`),
  );
  if (!first && !chosen) {
    return (
      <div className="empty">
        <h2>No bag in hand</h2>
        <p>Bags come here when they are landed and their tank is chosen.</p>
        <Link className="btn btn-plain" to="/dock">
          To the dock
        </Link>
      </div>
    );
  }
  if (query.get('runs') === 'all' && runs.length > 0)
    return (
      <div>
        <h1 className="station-title">{runs.length === 1 ? 'One vessel runs' : `${runs.length} vessels run`}</h1>
        <Link to="/bench">to the bags</Link>
        <Board runs={runs} />
      </div>
    );
  return (
    <div className={css.bench}>
      <h1 className="visually-hidden">Bench</h1>
      <HandList bags={bags} runs={runs} chosen={chosen} floatOf={floatOf} now={now} />
      {!chosen ? (
        <NextInHand next={first!} done={seen} />
      ) : 'run' in chosen ? (
        <section className="card bench-card" aria-label={`${chosen.started.vessel.name}, ${chosen.lotLabel}`}>
          <Guard key={chosen.run} what={capital(chosen.started.vessel.name)}>
            <RunPage run={chosen} people={view.people} now={now} />
          </Guard>
        </section>
      ) : (
        <section className="card bench-card" aria-label={`${chosen.label}, ${chosen.lotLabel}`}>
          <Guard key={chosen.bag} what={capital(chosen.label)}>
            <BagInHand bag={chosen} float={floatOf(chosen)} floats={view.floats} all={bags} people={view.people} now={now} />
          </Guard>
        </section>
      )}
    </div>
  );
}

const idOf = (item: BenchBag | RunCard): string => ('run' in item ? item.run : item.bag);

type InHand = {
  bag: BenchBag;
  float?: Afloat;
  floats: readonly Afloat[];
  all: readonly BenchBag[];
  people: BenchView['people'];
  now: number;
};
function BagInHand({ bag, float, floats, all, people, now }: InHand) {
  if (float) {
    const due = floats.filter(
      (otherFloat) => otherFloat.floatId !== float.floatId && otherFloat.tankCode === float.tankCode && otherFloat.dueAtMs <= now,
    );
    const others = due.flatMap((open) => {
      const otherBenchBag = all.find((own) => own.bag === open.bag && own.lot === bag.lot);
      return otherBenchBag ? [{ bag: otherBenchBag, floatId: open.floatId }] : [];
    });
    return <ReleaseCard key={float.floatId} bag={bag} run={float} now={now} others={float.dueAtMs <= now ? others : []} />;
  }
  if (!bag.tank) return <NoTank bag={bag} />;
  // Fish in clean water go their own way: nothing of a closed bag is poured to them.
  const others = bag.clean
    ? []
    : all.filter((benchBag) => benchBag.lot === bag.lot && benchBag !== bag && !benchBag.afloat && !benchBag.clean);
  return <Before key={`${bag.bag} ${bag.tank.id}`} bag={bag} others={others} people={people} />;
}

/** It may be laid into the same tank with it: sound, its fish fit to wait, and chosen to be floated too or not chosen yet. */
const waitsLike = (benchBag: BenchBag, bag: BenchBag): boolean =>
  benchBag.tank?.id === bag.tank?.id &&
  !(benchBag.landed && isSoft(benchBag.landed.bagCondition)) &&
  benchBag.landed?.condition !== 'critical' &&
  (benchBag.chosen === undefined || benchBag.chosen.method === bag.chosen?.method);

/** First which way, unless it was chosen or nothing can wait for it; then the float, or the vessel. */
function Before({ bag, others, people }: { bag: BenchBag; others: BenchBag[]; people: BenchView['people'] }) {
  const { ambient } = useMe().house.rules;
  const [step, setStep] = useKept<'way' | 'float' | 'bath' | undefined>(`bench ${bag.bag} ${bag.tank!.id}`, 'step', undefined);
  const urgent = !bag.clean && bag.landed !== undefined && (isSoft(bag.landed.bagCondition) || bag.landed.condition === 'critical');
  const method = bag.chosen?.method;
  const bath = (
    <Button variant="link" className={clsx('btn-quiet', css.bathOffer)} onClick={() => setStep('bath')}>
      first-aid bath
    </Button>
  );
  // From clean water too the way into a tank may be a slow one.
  const slowly = bag.clean && step === 'float' && (
    <Button variant="link" className={clsx('btn-quiet', css.bathOffer)} onClick={() => setStep('way')}>
      acclimate from here
    </Button>
  );
  if (step === 'bath') return <BathForm patient={patientOfBag(bag, { now: houseNow(), ambient })} onBack={() => setStep(undefined)} />;
  if (step === 'float' || (step === undefined && (urgent || (method && !isRunMethod(method)))))
    return (
      <>
        {bath}
        {slowly}
        <FloatCard bag={bag} others={others.filter((benchBag) => waitsLike(benchBag, bag))} />
      </>
    );
  if (step === undefined && method) {
    const siblings = others.filter((benchBag) => benchBag.chosen?.method === method && benchBag.tank?.id === bag.tank!.id);
    return <Begin bag={bag} method={method} siblings={siblings} people={people} onBack={() => setStep('way')} />;
  }
  return (
    <>
      {bath}
      <MethodCard
        bag={bag}
        siblings={others.filter((benchBag) => !benchBag.chosen)}
        onSkip={() => setStep('float')}
        onChosen={() => setStep(undefined)}
      />
    </>
  );
}
