// What hands do next with a bag that has landed: clean water, a tank, the float, or where it is on its way.
import Button from 'react-bootstrap/Button';
import { Link } from 'react-router';
import type { BagCard } from '#contract/views.ts';
import type { DockSettings } from '#core/dock/index.ts';
import { useOverrule } from '../parts/useOverrule.tsx';
import { capital } from '../words/text.ts';
import css from './dock.module.scss';
import { wantsCleanWater } from './route.ts';

/** Afloat, or poured into the vessel of a run. */
export const isOnWay = ({ afloat, inRun }: BagCard): boolean => afloat || inRun !== undefined;

type Step = {
  to: string;
  words: string;
  says: string;
  now?: true;
  /** Done at once, without leaving. */ put?: { id: string; code: string };
};

/** What hands do next with a bag that is not on its way yet: choose its tank, or float it there. */
export function stepOf(bag: BagCard, crate: string, rules: DockSettings): Step | undefined {
  if (bag.absent || bag.released || isOnWay(bag) || !bag.landed || bag.landed.alive === 0) return undefined;
  const { label, tank, planned } = bag;
  if (wantsCleanWater(bag, rules))
    return { to: `/dock?crate=${crate}&clean=${bag.bag}`, words: 'Clean water now', says: `Clean water now for ${label}`, now: true };
  if (tank && bag.clean) return { to: `/bench?bag=${bag.bag}`, words: `On to ${tank.code}`, says: `On to ${tank.code} with ${label}` };
  if (planned && !tank)
    return {
      to: `/room?bag=${bag.bag}&tank=${planned.id}`,
      words: `To ${planned.code} as planned`,
      says: `${capital(label)} to ${planned.code} as planned`,
      put: planned,
    };
  return tank
    ? { to: `/bench?bag=${bag.bag}`, words: `Float in ${tank.code}`, says: `Float ${label} in ${tank.code}` }
    : { to: `/room?bag=${bag.bag}`, words: 'Choose a tank', says: `Choose a tank for ${label}` };
}

export function NextStep({ bag, crate, rules }: { bag: BagCard; crate: string; rules: DockSettings }) {
  if (bag.released) return <span className="soft">in {bag.tank?.code}</span>;
  if (bag.inRun !== undefined) return <Link to={`/bench?run=${bag.inRun}`}>in a vessel for {bag.tank?.code}</Link>;
  if (bag.afloat) return <Link to={`/bench?bag=${bag.bag}`}>afloat in {bag.tank?.code}</Link>;
  const step = stepOf(bag, crate, rules);
  if (step?.put) return <AsPlanned bag={bag} step={step} tank={step.put} />;
  return step ? (
    <Link className={step.now ? 'btn btn-odd' : 'btn btn-plain'} to={step.to} aria-label={step.says}>
      {step.words}
    </Link>
  ) : null;
}

/** One press: the house judges it anew by what came, and asks where something stands against it. */
function AsPlanned({ bag, step, tank }: { bag: BagCard; step: Step; tank: { id: string; code: string } }) {
  const { attempt } = useOverrule();
  const put = () =>
    attempt({
      title: `${bag.lotLabel} in ${tank.code}`,
      doing: `Put it in ${tank.code}`,
      words: `${capital(bag.label)} is to go to ${tank.code}`,
      drafts: [{ kind: 'bag.assigned', payload: { bag: bag.bag, lot: bag.lot, tank: tank.id } }],
      onDone: () => undefined,
    });
  return (
    <>
      <Button variant="plain" aria-label={step.says} onClick={put}>
        {step.words}
      </Button>
      <Link className={css.otherWay} to={step.to} aria-label={`Another tank for ${bag.label}`}>
        another
      </Link>
    </>
  );
}
