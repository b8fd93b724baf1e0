// A letter to a supplier: what is still to be known of a crate before its bags are opened.
import type { CrateQuestion } from '#core/dock/index.ts';

const ASKS: Record<CrateQuestion, string> = {
  salinity:
    'Salinity of the shipping water, and how it was read: ppt, or specific gravity with the temperature its hydrometer is for (fresh water: conductivity)',
  temperature: 'Temperature of the water when it was packed',
  pH: 'pH of the water when it was packed',
  lastMeal: 'When they were last fed, and what',
  caught: 'Wild, farmed or bred; if wild, how they were caught, and when',
  packedWith: 'Packed with oxygen or with air',
};

type Asked = { supplier: string; crate: string; packed: string; due: string; open: readonly CrateQuestion[]; house: string };

/** The hour of packing is asked too: papers are often written hours after the bags. */
export function askText({ supplier, crate, packed, due, open, house }: Asked): string {
  const lines = [`Hour of packing of the first and the last bag (we have ${packed})`, ...open.map((question) => ASKS[question])];
  return [
    `To ${supplier}`,
    '',
    `${crate}, due here ${due}: so that we can have water ready that suits your fish, please tell us`,
    '',
    ...lines.map((line, index) => `${index + 1}. ${line}`),
    '',
    `Thank you, ${house}`,
  ].join('\n');
}
