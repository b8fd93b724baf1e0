// Every address, and how it is opened until it stands.
import type { Page } from '@playwright/test';
import { expect, type House } from './house.ts';

export const VIEWS: (readonly [string, string])[] = [
  ['today', '/today'],
  ['dock', '/dock'],
  ['dock, a crate on its way', '/dock?crate=fern-0'],
  ['claims', '/dock/claims'],
  ['order of unpacking', '/dock/unpacking?crate=pelican-0'],
  ['getting ready', '/dock/prepare?crate=fern-0'],
  ['orders', '/dock/orders'],
  ['orders, a new one', '/dock/orders?order=new'],
  ['crate report', '/dock/report?crate=pelican-0'],
  ['hand-over', '/today/handover'],
  ['bench', '/bench'],
  ['rounds', '/rounds'],
  ['rounds, a suspect tank', '/rounds?tank=Q8'],
  ['room', '/room'],
  ['room by stage', '/room?stage=quarantine'],
  ['room, a tank chosen', '/room?tank=Q8'],
  ['room, edited', '/room?edit=1&tank=B6'],
  ['tank', '/tank/Q8'],
  ['tank, suspect and shared', '/tank/G4'],
  ['catch slips', '/room/moves'],
  ['tank labels', '/room/labels'],
  ['find', '/find?q=goby'],
  ['logbook', '/logbook'],
  ['logbook, asked', '/logbook?q=gramma&what=rounds'],
  ['feeding', '/rounds/feed'],
  ['kitchen sheet', '/rounds/kitchen'],
  ['chores', '/rounds/chores'],
  ['water tests', '/rounds/water'],
  ['water tests, under copper', '/rounds/water?tank=Q1'],
  ['chores, planned', '/house?part=chores'],
  ['rounds, a fish that heals', '/rounds?tank=S2'],
  ['rounds, a chase', '/rounds?tank=C4'],
  ['round on paper', '/rounds/sheet'],
  ['handbook', '/handbook'],
  ['find, a person', '/find?q=bram'],
  ['nothing there', '/nowhere'],
  ['species', '/species?species=six-line-wrasse'],
  ['species, a change', '/species?species=comet&open=edit'],
  ['species, taking in', '/species?open=import'],
  ['more', '/more'],
  ['you', '/you'],
  ...[
    'systems',
    'racks',
    'suppliers',
    'people',
    'opening',
    'tools',
    'foods',
    'mixes',
    'supplies',
    'kits',
    'quarantine',
    'rules',
    'data',
  ].map((part) => [`house, ${part}`, `/house?part=${part}`] as const),
  ['packing list in', '/dock/list'],
];

export async function openView(page: Page, house: House, path: string): Promise<void> {
  await page.goto(house.address + path);
  await expect(page.locator('.stream-stages b').first()).not.toHaveText('–');
  await expect(page.locator('.station > *').first()).toBeVisible();
  // Not what stands there while the house is asked.
  await expect(page.locator('h1').first()).toBeAttached();
}

/** Laid out for a phone; the others are the desk's, narrower. */
export const isForPhone = (path: string): boolean => /^\/(today|dock|bench|rounds|more|room$|room\?tank|tank|find)/.test(path);
