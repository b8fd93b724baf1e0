// The dock: which crate is open, the next bag in front, the crate against its list.
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link, useSearchParams } from 'react-router';
import type { BagCard, CrateCard, DockView } from '#contract/views.ts';
import { transit } from '#core/dock/index.ts';
import { MINUTE_MS } from '#core/time/index.ts';
import { useActions } from '../actions/actions.tsx';
import { useHouseNow } from '../data/clock.ts';
import { useMayWrite, useMe, useTimes } from '../data/me.ts';
import { useShown } from '../data/overlay.ts';
import { useUnits } from '../data/units.ts';
import { useTitle } from '../frame/title.ts';
import { Key } from '../keys/Key.tsx';
import { useKey } from '../keys/useKey.ts';
import { closedHoursFigure } from '../figured/place.ts';
import { useInAddress } from '../parts/useInAddress.ts';
import { Waiting } from '../parts/Waiting.tsx';
import { Photos } from '../photos/Photos.tsx';
import { boxOf } from '../words/boxes.ts';
import { capital } from '../words/text.ts';
import { CleanWater } from './CleanWater.tsx';
import { CrateSide, Pouches } from './CrateSide.tsx';
import { CrateTabs } from './CrateTabs.tsx';
import { Arrival } from './Arrival.tsx';
import { AskSupplier } from './AskSupplier.tsx';
import css from './dock.module.scss';
import { landingLike, landingOf, sayFish, type LandingDraft, type Where } from './draft.ts';
import { LandingForm } from './LandingForm.tsx';
import { CrateGone, ListSide, Remarks } from './ListSide.tsx';
import { overlayDock } from './overlay.ts';
import { advisedFor } from './route.ts';
import { NotComing } from './NotComing.tsx';
import { Overtaken } from './Overtaken.tsx';
import { PutRight } from './PutRight.tsx';
import { SurpriseBox } from './SurpriseBox.tsx';

/** Bag water nobody weighed or measured, litres: a bag on no list is taken for an ordinary one. */
const UNLISTED_BAG_L = 1.5;

export default function Dock() {
  const { shown: view, error, mutate } = useShown('dock', overlayDock);
  const mayList = useMayWrite('crate.expected');
  const [query] = useSearchParams();
  const [box, setBox] = useState(false);
  const front = view && inFront(view.crates, query.get('crate'));
  useTitle(front?.label);
  if (!view) return <Waiting error={error} retry={() => void mutate()} />;
  if (query.get('crate') !== null && !front) return <CrateGone others={view.crates} />;
  const crate = front;
  if (box)
    return (
      <div className={css.dock}>
        <div className={css.dockBag}>
          <SurpriseBox onDone={() => setBox(false)} />
          <Button variant="plain" onClick={() => setBox(false)}>
            No such box
          </Button>
        </div>
      </div>
    );
  const surprise = mayList && (
    <Button variant="plain" onClick={() => setBox(true)}>
      A box or bag without a list
    </Button>
  );
  if (!crate) {
    return (
      <div className="empty">
        <h2>Nothing on the dock</h2>
        <p>Crates that are on their way or here show up in this place.</p>
        {mayList && view.species.length === 0 && (
          <Link className="btn btn-act" to="/house">
            Set up the house
          </Link>
        )}
        {mayList && (
          <Link className={view.species.length > 0 ? 'btn btn-act' : 'btn btn-plain'} to="/dock/list">
            Take in a packing list
          </Link>
        )}
        {mayList && (
          <Link className="btn btn-plain" to="/dock/orders">
            Orders and wishes
          </Link>
        )}
        {surprise}
      </div>
    );
  }
  return (
    <div className={css.dock}>
      <h1 className="visually-hidden">Dock</h1>
      <div className={css.dockBag}>
        {view.crates.length > 1 && <CrateTabs crates={view.crates} chosen={crate} />}
        {crate.arrived ? <Landing key={crate.crate} crate={crate} view={view} /> : <Arrival crate={crate} />}
      </div>
      <Side crate={crate} mayList={mayList} surprise={surprise} />
    </div>
  );
}

/** An address that names no crate shows none in its place. */
const inFront = (crates: readonly CrateCard[], asked: string | null): CrateCard | undefined =>
  asked === null ? (crates.find(isOpen) ?? crates[0]) : crates.find(({ crate }) => crate === asked);
const isOpen = (crate: CrateCard) => crate.arrived !== undefined && crate.bags.some(({ landed, absent }) => !landed && !absent);

function Side({ crate, mayList, surprise }: { crate: CrateCard; mayList: boolean; surprise: React.ReactNode }) {
  const { undo } = useActions();
  return (
    <div className={css.dockSide}>
      {crate.arrived ? <CrateSide crate={crate} onUndo={(actId, words) => void undo(actId, words)} /> : <ListSide crate={crate} />}
      <Photos photos={crate.photos} of={crate.label} />
      {crate.remarks && <Remarks remarks={crate.remarks} />}
      {mayList && <AskSupplier key={`ask ${crate.crate}`} crate={crate} />}
      {mayList && <PutRight key={crate.crate} crate={crate} />}
      <NotComing key={`not ${crate.crate}`} crate={crate} />
      {mayList && (
        <Link className="btn btn-plain" to="/dock/list">
          Take in a packing list
        </Link>
      )}
      {mayList && !crate.arrived && (
        <Link className="btn btn-plain" to="/dock/orders">
          Orders and wishes
        </Link>
      )}
      {!crate.arrived && (
        <Link className="btn btn-plain" to={`/dock/prepare?crate=${crate.crate}`}>
          Get ready for it
        </Link>
      )}
      {surprise}
    </div>
  );
}

/** Its own number, the one on the list and in the tanks; where that is not its place in the crate, both. */
const numberOf = ({ label }: BagCard, index: number) => (label === `bag ${index + 1}` ? label : `${label}, ${index + 1}`);

function Landing({ crate, view }: { crate: CrateCard; view: DockView }) {
  const { recordAction } = useActions();
  const [query] = useSearchParams();
  const put = useInAddress();
  const [surprise, setSurprise] = useState(false);
  const { house, person } = useMe();
  const units = useUnits();
  const { when } = useTimes();
  const now = useHouseNow(MINUTE_MS);
  useKey('dock.surprise', () => setSurprise(true));
  const next = crate.bags.find(({ landed, absent }) => !landed && !absent);
  // The bag that is in front: when somebody else settles it, the next one does not come up under the finger.
  const [front, setFront] = useState(next?.bag);
  const was = crate.bags.find(({ bag }) => bag === front);
  const settledBy = (was?.landed ?? was?.absent)?.by;
  const overtaken = was !== undefined && was !== next && settledBy !== undefined && settledBy !== person.name;
  if (!overtaken && next && front !== next.bag) setFront(next.bag);
  const index = next ? crate.bags.indexOf(next) : -1;
  const { closedH, lateH, pressing } = transit({ ...crate, arrivedAtMs: crate.arrived?.atMs }, house.rules, now);
  const times = `${Math.floor(closedH)} h closed${lateH >= 1 ? `, ${Math.floor(lateH)} h late` : ''}${pressing ? ': first' : ''}`;
  const alike = next
    ? crate.bags.filter((bag) => bag !== next && bag.lot === next.lot && bag.listed > 0 && !bag.landed && !bag.absent)
    : [];
  const land = (draft: LandingDraft, where: Omit<Where, 'units'>, same: readonly BagCard[] = []) => {
    const name = draft.other ? (draft.other.species?.common ?? draft.other.heardAs) : (where.bag?.lotLabel ?? '');
    const label = where.newBag?.label ?? where.bag!.label;
    setSurprise(false);
    const entries = landingOf(draft, { ...where, units });
    const advised = advisedFor(draft, where.bag, { rules: house.rules });
    // What cannot wait for the next bag comes to the front.
    if (advised.route === 'clean water now') put('clean', (entries[0]!.payload as { bag: string }).bag);
    void recordAction(
      `Landed ${sayFish(draft, name)}, ${label}${same.length > 0 ? ` and ${same.length} more` : ''}`,
      ...entries,
      ...same.flatMap((bag) => landingLike(draft, { crate: where.crate, bag })),
    );
  };
  const absent = (bag: BagCard) =>
    void recordAction(`${capital(bag.label)} is not in the box`, { kind: 'bag.absent', payload: { bag: bag.bag, crate: crate.crate } });
  const clean = crate.bags.find(({ bag }) => bag === query.get('clean'));
  const unlisted = crate.bags.filter(({ listed }) => listed === 0).length;

  if (clean?.landed && clean.landed.alive > 0 && !clean.clean && !clean.released && !clean.inRun)
    return (
      <>
        <div className={css.crateLine}>
          <Pouches crate={crate} here={clean.bag} />
        </div>
        <CleanWater key={clean.bag} bag={clean} crate={crate} onDone={() => put('clean', '')} />
      </>
    );
  if (surprise) {
    const newBag = { label: `bag +${unlisted + 1}`, box: 0, waterL: UNLISTED_BAG_L };
    return (
      <LandingForm
        key="surprise"
        title={`${crate.supplier} · a bag on no list`}
        species={view.species}
        onLand={(draft) => land(draft, { crate: crate.crate, newBag })}
        onCancel={() => setSurprise(false)}
      />
    );
  }
  return (
    <>
      <div className={css.crateLine}>
        <Pouches crate={crate} here={next?.bag} />
      </div>
      {overtaken ? (
        <Overtaken bag={was} onNext={() => setFront(next?.bag)} />
      ) : next ? (
        <LandingForm
          key={next.bag}
          bag={next}
          title={`${crate.supplier} · box ${next.box} · ${numberOf(next, index)} of ${crate.bags.length} · ${times}`}
          closed={closedHoursFigure(
            { ...crate, arrivedAtMs: crate.arrived?.atMs, now, closedH, lateH },
            { when, lateAfterH: house.rules.lateAfterH, longClosedH: house.rules.longClosedH },
          )}
          species={view.species}
          times={{ ...crate, arrivedAtMs: crate.arrived?.atMs }}
          leaky={boxOf(crate.boxes, next.box).inside === 'wet'}
          like={alike.length}
          onLand={(draft, same) => land(draft, { crate: crate.crate, bag: next }, alike.slice(0, same))}
          onAbsent={() => absent(next)}
        />
      ) : (
        <div className="empty">
          <h2>{crate.bags.length === 0 ? 'Nobody listed its bags' : 'Every bag is landed'}</h2>
          <p>
            {crate.label}: {crate.bags.length === 0 ? 'land them one by one, below.' : 'now each its tank.'}
          </p>
        </div>
      )}
      <Button variant="plain" className={css.surprise} onClick={() => setSurprise(true)}>
        A bag on no list <Key name="dock.surprise" />
      </Button>
    </>
  );
}
