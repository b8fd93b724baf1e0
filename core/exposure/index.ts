export {
  handsOf,
  personOfHands,
  TOOL_KINDS,
  type ExposureEntries,
  type ToolAdded,
  type ToolChanged,
  type ToolDisinfected,
  type ToolFacts,
  type ToolFields,
  type ToolKind,
  type ToolUsed,
  type WaterExchanged,
} from './entries.ts';
export { meetingsByTool, wetFrom, type Disinfection, type ToolMeeting, type ToolUse } from './meetings.ts';
export { exposureRules } from './rules.ts';
export { EXPOSURE_REFUSALS } from './refusals.ts';
export type { ExposureState } from './state.ts';
export { STARTING_EXPOSURE, type ExposureSettings } from './settings.ts';
