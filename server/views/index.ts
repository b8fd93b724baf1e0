// All views in one table. A view is read inside one read transaction with the seq it has seen.
import type Database from 'better-sqlite3';
import type { ViewName, Views } from '#contract/views.ts';
import { makeAsk, number } from '../db/ask.ts';
import { makeBenchView } from './bench.ts';
import { makeChoresView } from './chores.ts';
import { makeClaimsView } from './claims.ts';
import { makeDockView } from './dock.ts';
import { makeFindView } from './find.ts';
import { makeHouseView } from './house.ts';
import { makeIntakeView } from './intake.ts';
import { makeKitchenView } from './kitchen.ts';
import { makeLogbookView } from './logbook.ts';
import { makeLotView } from './lot.ts';
import { makeOrdersView } from './orders.ts';
import { makeMovesView } from './moves.ts';
import { makePrepareView } from './prepare.ts';
import { makeQuarantineView } from './quarantine.ts';
import { makeReadingsView } from './readings.ts';
import { makeRoomView } from './room.ts';
import { makeRoundsView } from './rounds.ts';
import { makeRunningView } from './running.ts';
import { makeSpeciesView } from './species.ts';
import { makeStreamView } from './stream.ts';
import { makeTankView } from './tank.ts';
import { makeCrateView } from './crate.ts';
import { makeHandoverView } from './handover.ts';
import { makeTodayView } from './today.ts';
import { makeUnpackingView } from './unpacking.ts';
import { makeWaterTestsView } from './waterTests.ts';
import { makeWaterTrendView } from './waterTrend.ts';
import type { MakeView, ViewRequest } from './view.ts';

const makers: { [V in ViewName]: MakeView<V> } = {
  stream: makeStreamView,
  running: makeRunningView,
  dock: makeDockView,
  claims: makeClaimsView,
  intake: makeIntakeView,
  orders: makeOrdersView,
  prepare: makePrepareView,
  bench: makeBenchView,
  unpacking: makeUnpackingView,
  room: makeRoomView,
  rounds: makeRoundsView,
  kitchen: makeKitchenView,
  chores: makeChoresView,
  logbook: makeLogbookView,
  species: makeSpeciesView,
  today: makeTodayView,
  handover: makeHandoverView,
  crate: makeCrateView,
  house: makeHouseView,
  quarantine: makeQuarantineView,
  moves: makeMovesView,
  tank: makeTankView,
  lot: makeLotView,
  find: makeFindView,
  readings: makeReadingsView,
  waterTests: makeWaterTestsView,
  waterTrend: makeWaterTrendView,
};

export type ReadView = <V extends ViewName>(name: V, request: ViewRequest) => Views[V];

export function makeReadView(client: Database.Database): ReadView {
  const ask = makeAsk(client);
  const views = Object.fromEntries(Object.entries(makers).map(([name, make]) => [name, make(client)])) as {
    [V in ViewName]: ReturnType<MakeView<V>>;
  };
  const latest = ask.value(number, 'select coalesce(max(seq), 0) from entry');
  const read = client.transaction((name: ViewName, request: ViewRequest) => ({ seq: latest(), ...views[name](request) }));
  return ((name, request) => read(name, request)) as ReadView;
}
