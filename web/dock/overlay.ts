// The dock as this screen's own unanswered acts make it: a landed bag is landed at once, whatever the network does.
import type { BagCard, CrateCard, DockView, PhotoCard } from '#contract/views.ts';
import type { Entry } from '#core/catalogue/index.ts';
import type { Overlay } from '../data/overlay.ts';

export const overlayDock: Overlay<'dock'> = (view, { actId, entries }, maker) =>
  entries.reduce((dock, entry) => apply(dock, entry, { actId, atMs: entry.occurredAtMs, ...maker }), view);

type Mark = { actId: string; by: string; atMs: number };

function apply(view: DockView, entry: Entry, { codeOf, ...mark }: Mark & { codeOf: (tank: string) => string }): DockView {
  switch (entry.kind) {
    case 'crate.changed':
      return onCrate(view, entry.payload.crate, (crate) => ({ ...crate, entry: entry.id, ...entry.payload.fields }));
    case 'crate.arrived':
      return onCrate(view, entry.payload.crate, (crate) => ({
        ...crate,
        arrived: {
          atMs: mark.atMs,
          by: mark.by,
          carton: entry.payload.carton,
          ...(entry.payload.note ? { note: entry.payload.note } : {}),
        },
      }));
    case 'bag.landed': {
      const { bag, crate, lot, newBag, newLot, alive, dead, condition, each, bagCondition, sizeCm, sex, note } = entry.payload;
      const landed = {
        ...mark,
        alive,
        dead,
        condition,
        ...(each ? { each } : {}),
        bagCondition,
        ...(sizeCm === undefined ? {} : { sizeCm }),
        ...(sex ? { sex } : {}),
        wrong: newLot?.insteadOf !== undefined,
        note,
      };
      const fish = newLot
        ? {
            lot,
            lotLabel: newLot.label,
            heardAs: newLot.heardAs,
            origin: newLot.origin,
            sizeCm: newLot.sizeCm,
            ...(newLot.sure ? { sure: newLot.sure } : {}),
            species: view.species.find(({ id }) => id === newLot.species),
          }
        : {};
      if (!newBag) return onBag(view, bag, (card) => ({ ...card, ...fish, landed }));
      const added: BagCard = { bag, ...newBag, listed: 0, lot, lotLabel: '', origin: 'unknown', ...fish, landed, afloat: false };
      return onCrate(view, crate, (card) => ({ ...card, bags: [...card.bags, added] }));
    }
    case 'box.opened': {
      const { crate: of, ...found } = entry.payload;
      return onCrate(view, of, (crate) => ({
        ...crate,
        boxes: [...(crate.boxes ?? []), { atMs: mark.atMs, by: mark.by, actId: mark.actId, ...found }],
      }));
    }
    case 'bag.absent':
      return onBag(view, entry.payload.bag, (card) => ({ ...card, absent: mark }));
    case 'photo.taken': {
      const { photo, of: subject, shows, picture, small, note } = entry.payload;
      const add = <T extends { photos?: PhotoCard[] }>(card: T): T => ({
        ...card,
        photos: [
          ...(card.photos ?? []).filter((known) => known.photo !== photo),
          { photo, shows, picture, small, atMs: mark.atMs, by: mark.by, actId: mark.actId, ...(note ? { note } : {}) },
        ],
      });
      return subject.kind === 'crate' ? onCrate(view, subject.id, add) : onBag(view, subject.id, add);
    }
    case 'lot.promised': {
      const { lot, forWhom } = entry.payload;
      const isFor = ({ ordered }: BagCard) => ordered?.forWhom?.trim().toLowerCase() === forWhom.trim().toLowerCase();
      return everyBag(view, (card) => (card.lot === lot && isFor(card) ? { ...card, ordered: { ...card.ordered!, kept: true } } : card));
    }
    case 'bag.routed': {
      const { bag, route, why } = entry.payload;
      return onBag(view, bag, (card) => ({ ...card, routed: { ...mark, route, why } }));
    }
    case 'cleanWater.given': {
      const { bag, vessel, litres, temperature, salinity } = entry.payload;
      return onBag(view, bag, (card) => ({ ...card, afloat: false, clean: { ...mark, vessel, litres, temperature, salinity } }));
    }
    case 'bag.planned':
      return onBag(view, entry.payload.bag, (card) => ({ ...card, planned: { id: entry.payload.tank, code: codeOf(entry.payload.tank) } }));
    case 'crate.givenUp':
      return { ...view, crates: view.crates.filter(({ crate, arrived }) => crate !== entry.payload.crate || arrived) };
    case 'bag.assigned':
      return onBag(view, entry.payload.bag, ({ planned: _planned, ...card }) => ({
        ...card,
        tank: { id: entry.payload.tank, code: codeOf(entry.payload.tank) },
      }));
    case 'float.started':
      return onBag(view, entry.payload.bag, (card) => ({ ...card, afloat: true }));
    case 'acclimation.started': {
      const { run, from } = entry.payload;
      return from.reduce((now, { place }) => onBag(now, place, (card) => ({ ...card, afloat: false, inRun: run })), view);
    }
    case 'acclimation.released': {
      const { run, remaining } = entry.payload;
      if (remaining) return view;
      return everyBag(view, (card) => (card.inRun === run ? { ...card, released: { atMs: mark.atMs } } : card));
    }
    case 'fish.released':
      return onBag(view, entry.payload.bag, (card) => ({ ...card, afloat: false, released: { atMs: mark.atMs } }));
    case 'entry.reversed':
      return everyBag(view, (card) => takeBack(card, entry.payload.act));
    default:
      return view;
  }
}

function takeBack(card: BagCard, act: string): BagCard {
  if (card.photos?.some(({ actId }) => actId === act)) {
    const { photos, ...rest } = card;
    const left = photos.filter(({ actId }) => actId !== act);
    return { ...rest, ...(left.length > 0 ? { photos: left } : {}) };
  }
  if (card.landed?.actId === act) return { ...card, landed: undefined };
  if (card.clean?.actId === act) return { ...card, clean: undefined };
  if (card.routed?.actId === act) return { ...card, routed: undefined };
  return card.absent?.actId === act ? { ...card, absent: undefined } : card;
}

function onCrate(view: DockView, crate: string, change: (card: CrateCard) => CrateCard): DockView {
  return { ...view, crates: view.crates.map((card) => (card.crate === crate ? change(card) : card)) };
}

function everyBag(view: DockView, change: (card: BagCard) => BagCard): DockView {
  return { ...view, crates: view.crates.map((crate) => ({ ...crate, bags: crate.bags.map(change) })) };
}

function onBag(view: DockView, bag: string, change: (card: BagCard) => BagCard): DockView {
  return everyBag(view, (card) => (card.bag === bag ? change(card) : card));
}
