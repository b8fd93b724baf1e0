// Every station: where it is, what it is called, how its page is fetched. `foot` = at the foot of a phone; the others are behind More.
import { lazy } from 'react';

const table = [
  { to: '/today', name: 'Today', foot: true, load: () => import('../today/Today.tsx') },
  { to: '/dock', name: 'Dock', foot: true, load: () => import('../dock/Dock.tsx') },
  { to: '/bench', name: 'Bench', foot: true, load: () => import('../bench/Bench.tsx') },
  { to: '/rounds', name: 'Rounds', foot: true, load: () => import('../rounds/Rounds.tsx') },
  { to: '/room', name: 'Room', foot: false, load: () => import('../room/Room.tsx') },
  { to: '/species', name: 'Species', foot: false, load: () => import('../species/SpeciesPage.tsx') },
  { to: '/house', name: 'House', foot: false, load: () => import('../house/House.tsx') },
  { to: '/logbook', name: 'Logbook', foot: false, load: () => import('../logbook/Logbook.tsx') },
] as const;

/** Pages that belong to a station but are no station of their own. */
const inner = [
  { to: '/today/handover', name: 'Hand-over', load: () => import('../today/Handover.tsx') },
  { to: '/dock/unpacking', name: 'Order of unpacking', load: () => import('../unpacking/Order.tsx') },
  { to: '/dock/prepare', name: 'Getting ready', load: () => import('../prepare/Prepare.tsx') },
  { to: '/dock/orders', name: 'Orders', load: () => import('../orders/Orders.tsx') },
  { to: '/dock/list', name: 'Packing list', load: () => import('../intake/Intake.tsx') },
  { to: '/dock/report', name: 'Crate report', load: () => import('../dock/Report.tsx') },
  { to: '/dock/claims', name: 'Claims', load: () => import('../claims/Claims.tsx') },
  { to: '/rounds/feed', name: 'Feeding', load: () => import('../rounds/FeedWalk.tsx') },
  { to: '/rounds/kitchen', name: 'Kitchen sheet', load: () => import('../kitchen/Kitchen.tsx') },
  { to: '/rounds/chores', name: 'Chores', load: () => import('../chores/Chores.tsx') },
  { to: '/rounds/water', name: 'Water tests', load: () => import('../waterTests/WaterTests.tsx') },
  { to: '/rounds/sheet', name: 'Round sheet', load: () => import('../rounds/RoundSheet.tsx') },
  { to: '/run/:run/sheet', name: 'Run sheet', load: () => import('../runs/steps/SheetPage.tsx') },
  { to: '/room/acclimate', name: 'Acclimate', load: () => import('../runs/begin/Acclimate.tsx') },
  { to: '/room/moves', name: 'Catch slips', load: () => import('../moves/MovePlans.tsx') },
  { to: '/room/labels', name: 'Tank labels', load: () => import('../labels/Labels.tsx') },
  { to: '/tank/:code', name: 'Tank', load: () => import('../tank/TankPage.tsx') },
  { to: '/lot/:lot', name: 'Lot', load: () => import('../lot/LotPage.tsx') },
  { to: '/find', name: 'Find a fish', load: () => import('../find/Find.tsx') },
  { to: '/handbook', name: 'Handbook', load: () => import('../handbook/Handbook.tsx') },
  { to: '/you', name: 'You', load: () => import('../you/You.tsx') },
] as const;
export const PAGES = inner.map((place) => ({ ...place, Page: lazy(place.load) }));

export const STATIONS = table.map((station) => ({ ...station, Page: lazy(station.load) }));
