// Schemas of stock and of what happens to it in the room: moves, lots cut and joined, slips, holds, tools, remedies.
import { boolean, type ObjectSchema } from 'yup';
import type { Payloads } from '#core/catalogue/index.ts';
import {
  TOOL_KINDS,
  type ExposureEntries,
  type ToolAdded,
  type ToolChanged,
  type ToolFields,
  type ToolUsed,
  type WaterExchanged,
} from '#core/exposure/index.ts';
import { ORIGINS } from '#core/lots/index.ts';
import { CAUGHT_BY, SEXES, SIZES, type MoveEntries, type MovesPlanned, type Slip } from '#core/moves/index.ts';
import type { HoldEntries, HoldOpened, HoldSignedOff } from '#core/quarantine/index.ts';
import { REMEDY_FAMILIES } from '#core/species/index.ts';
import {
  SPLIT_WHYS,
  type LotJoined,
  type LotMeasured,
  type LotNamed,
  type LotOpened,
  type LotPromised,
  type PromiseLifted,
  type LotSplit,
  type Move,
  type StayLimited,
  type StockCounted,
  type StockEntries,
  type StockMoved,
} from '#core/stock/index.ts';
import type { RemedyBegun, RemedyEnded, RemedyEntries } from '#core/treatments/index.ts';
import { choice, closed, count, finite, id, instant, list, note, place, someOf, text, uuid } from './fields.ts';
import { centimetres, holdPolicy, litres, schemaOf, type Shape } from './shapes.ts';

type Area = StockEntries & MoveEntries & HoldEntries & ExposureEntries & RemedyEntries;
const toolFields = (): Shape<ToolFields> => ({
  name: text(40),
  what: choice(TOOL_KINDS),
  racks: list(id(), { max: 50 }),
  meshMm: finite(0.1, 50).optional(),
  widthCm: finite(1, 200).optional(),
});
const ZEROS = ['arrival', 'contact', 'taken over'] as const;

export const stockSchemas: { [K in keyof Area]: ObjectSchema<Payloads[K]> } = {
  'lot.opened': schemaOf<LotOpened>({
    lot: id(),
    species: id(),
    label: text(),
    tank: id(),
    n: count(1),
    sizeCm: centimetres(),
    origin: choice(ORIGINS),
    supplier: id().optional(),
  }),
  'stock.moved': schemaOf<StockMoved>({
    moves: list(
      schemaOf<Move>({
        lot: id(),
        from: id(),
        to: place(['sold', 'given', 'returned', 'culled', 'put-down'] as const),
        n: count(1),
        arrived: count().optional(),
      }),
      { min: 1 },
    ),
    why: note(),
    slip: id().optional(),
  }),
  'stock.counted': schemaOf<StockCounted>({
    place: id(),
    lot: id(),
    found: count(),
    book: count(),
    against: choice(['discrepancy', 'missing'] as const),
    note: note(),
  }),
  'lot.promised': schemaOf<LotPromised>({ promise: id(), lot: id(), n: count(1), forWhom: text() }),
  'promise.lifted': schemaOf<PromiseLifted>({ promise: id(), lot: id(), why: note() }),
  'lot.split': schemaOf<LotSplit>({
    lot: id(),
    child: id(),
    label: text(),
    place: id(),
    n: count(1),
    why: choice(SPLIT_WHYS),
    hold: id().optional(),
    note: note(),
  }),
  'lot.joined': schemaOf<LotJoined>({ lot: id(), into: id(), place: id(), n: count(1), why: text(300) }),
  'lot.named': schemaOf<LotNamed>({ lot: id(), species: id(), label: text(), note: note() }),
  'lot.measured': schemaOf<LotMeasured>({ lot: id(), place: id(), sizeCm: centimetres(), n: count(1).optional(), note: note() }),
  'stay.limited': schemaOf<StayLimited>({
    stay: id(),
    lot: id(),
    place: id(),
    untilMs: instant().optional(),
    untilCm: centimetres().optional(),
    why: text(300),
  }),
  'moves.planned': schemaOf<MovesPlanned>({
    plan: id(),
    name: text(),
    slips: list(
      schemaOf<Slip>({
        slip: id(),
        lot: id(),
        from: id(),
        to: id(),
        n: count(1),
        sex: choice(SEXES),
        size: choice(SIZES),
        who: note(),
        by: choice(CAUGHT_BY),
        tool: id().optional(),
        after: list(id(), { max: 50 }),
        waitsFor: closed({ what: text(), untilMs: instant().optional() }).default(undefined).optional(),
        comesBack: boolean().required(),
        why: note(),
      }),
      { min: 1, max: 60 },
    ),
  }),
  'slip.tried': schemaOf<Payloads['slip.tried']>({ slip: id(), note: note() }),
  'slip.freed': schemaOf<Payloads['slip.freed']>({ slip: id() }),
  'slip.dropped': schemaOf<Payloads['slip.dropped']>({ slip: id(), why: text(300) }),
  'hold.opened': schemaOf<HoldOpened>({ hold: id(), lot: id(), policy: holdPolicy(), zero: choice(ZEROS) }),
  'hold.signedOff': schemaOf<HoldSignedOff>({ hold: id(), lot: id(), note: note() }),
  'tool.added': schemaOf<ToolAdded>({ tool: id(), ...toolFields() }),
  'tool.changed': schemaOf<ToolChanged>({ tool: id(), basedOn: uuid(), fields: someOf(toolFields()) }),
  'tool.used': schemaOf<ToolUsed>({ tool: id(), tanks: list(id(), { min: 1, max: 60 }), note: note() }),
  'tool.disinfected': schemaOf<Payloads['tool.disinfected']>({ tool: id(), note: note() }),
  'water.exchanged': schemaOf<WaterExchanged>({
    tank: id(),
    litres: litres(),
    source: choice(['mixed', 'tank'] as const),
    fromTank: id().optional(),
    salinityPpt: finite(0, 50).optional(),
    temperatureC: finite(0, 50).optional(),
    note: note(),
  }),
  'remedy.begun': schemaOf<RemedyBegun>({ course: id(), water: id(), family: choice(REMEDY_FAMILIES), note: note() }),
  'remedy.ended': schemaOf<RemedyEnded>({ course: id(), water: id(), note: note() }),
};
