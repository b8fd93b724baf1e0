// Kinds of entries about tools and water that is carried.
import { boolean } from 'yup';
import { TOOL_KINDS, type ToolFields, type ExposureEntries } from '#core/exposure/index.ts';
import { MEDICATION_FAMILIES } from '#core/species/index.ts';
import { defineKind, type Kinds } from '../basics/define.ts';
import { choice, finite, id, list, note, someOf, text, uuid } from '../basics/fields.ts';
import { type Shape, litres } from '../basics/shapes.ts';
import { used } from '../supplies/kinds.ts';

const toolFields = (): Shape<ToolFields> => ({
  name: text(40),
  what: choice(TOOL_KINDS),
  racks: list(id(), { max: 50 }),
  meshMm: finite(0.1, 50).optional(),
  widthCm: finite(1, 200).optional(),
});

export const exposureKinds: Kinds<ExposureEntries> = {
  'tool.added': defineKind({
    minRole: 'lead',
    undo: 'never',
    topics: ['exposure'],
    schema: { tool: id(), ...toolFields() },
    example: { tool: 'gull-net', name: 'Gull net', what: 'net', racks: ['gull'], meshMm: 2, widthCm: 20 },
  }),
  'tool.changed': defineKind({
    minRole: 'lead',
    undo: 'never',
    topics: ['exposure'],
    schema: { tool: id(), basedOn: uuid(), fields: someOf(toolFields()) },
    example: { tool: 'gull-net', basedOn: '019cb270-7380-7000-8036-9ee768e6d3a5', fields: { widthCm: 25, racks: [] } },
  }),
  'tool.used': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['exposure'],
    schema: { tool: id(), tanks: list(id(), { min: 1, max: 60 }), note: note() },
    example: { tool: 'gull-net', tanks: ['F2', 'B3'], note: 'by mistake' },
  }),
  'tool.disinfected': defineKind({
    minRole: 'trainee',
    undo: 'self',
    topics: ['exposure'],
    schema: { tool: id(), note: note() },
    example: { tool: 'gull-net', note: 'bleach, rinsed, dried' },
  }),
  'water.exchanged': defineKind({
    minRole: 'keeper',
    undo: 'self',
    topics: ['exposure', 'water', 'today', 'rounds', 'house'],
    schema: {
      tank: id(),
      litres: litres(),
      source: choice(['mixed', 'tank'] as const),
      fromTank: id().optional(),
      atSump: boolean().optional(),
      used: used(6).optional(),
      salinityPpt: finite(0, 50).optional(),
      temperatureC: finite(0, 50).optional(),
      pH: finite(4, 10).optional(),
      redosed: list(choice(MEDICATION_FAMILIES), { min: 1, max: MEDICATION_FAMILIES.length }).optional(),
      note: note(),
    },
    example: { tank: 'G1', litres: 12, source: 'tank', fromTank: 'C1', note: 'weekly' },
  }),
};
