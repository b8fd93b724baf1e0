// Routine acts at the size of a phone, done as a hand does them; what they cost is counted and held against a clipboard by the keystroke-level model.
// docs/hands.md is this test's table: HANDS_DOC=1 writes it anew.
import fs from 'node:fs';
import type { Page } from '@playwright/test';
import { actsOf, countActs, since, type Acts } from './acts.ts';
import { expect, ready, test, type House } from './house.ts';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

/** Seconds. Card, Moran and Newell (1980): pointing 1.1, a press 0.1, to think of it 1.35, hands to the pen 0.4. */
const [POINT, PRESS, THINK, TAKE_PEN] = [1.1, 0.1, 1.35, 0.4];
/** A letter by thumbs (36 words a minute); by a quick pen (31 words a minute, from memory: Brown 1988). */
const [THUMBED, WRITTEN] = [0.33, 0.39];

type Hand = { page: Page; house: House; tap: (name: string | RegExp) => Promise<void>; line: (text: string) => Promise<void> };
type Act = { act: string; /** What a clipboard's row would say. */ paper: string; open: string; does: (hand: Hand) => Promise<void> };

const ACTS: Act[] = [
  { act: 'a bag as listed', paper: 'bag 11: 6 ok', open: '/dock', does: ({ tap }) => tap(/^Land 6/) },
  {
    act: 'a bag with one dead',
    paper: 'bag 12: 5, 1 dead',
    open: '/dock',
    does: async ({ tap }) => {
      await tap(/^Dead in bag/);
      await tap(/^Land \d+, 1 dead/);
    },
  },
  {
    act: 'a tank for a bag, judged',
    paper: 'bag 5 to G5',
    open: '/dock',
    does: async ({ page, tap }) => {
      await page.getByRole('link', { name: 'Choose a tank for bag 5' }).tap();
      await tap(/^Tank G5/);
      await tap(/^Put it in G5/);
    },
  },
  { act: 'a tank checked and fed, all well', paper: 'A4 ok, flake, ate', open: '/rounds?tank=A4', does: ({ tap }) => tap(/^All well/) },
  {
    act: 'a lot fed that only tasted',
    paper: 'A5 flake, tasted',
    open: '/rounds?tank=A5',
    does: async ({ tap }) => {
      await tap(/tasted$/);
      await tap(/^All well, meals noted/);
    },
  },
  {
    act: 'a temperature on the round',
    paper: 'A6 25.4 C 7:52',
    open: '/rounds?tank=A6',
    does: async ({ page, tap }) => {
      await page.getByText('Read its water?').tap();
      await page.getByRole('textbox', { name: /^temperature/i }).tap();
      await page.keyboard.type('25.4');
      await tap(/^1 reading/);
    },
  },
  { act: 'two readings in one line', paper: 'F1 25.4 pH 7.1 7:52', open: '/today', does: ({ line }) => line('F1 25.4 pH 7.1') },
  { act: 'two lost', paper: 'B3 cherry shrimp 2 dead', open: '/today', does: ({ line }) => line('B3 lost 2') },
  { act: 'some of many moved', paper: '3 cherry barb A4 to A7', open: '/today', does: ({ line }) => line('move 3 A4 > A7') },
  { act: 'two sold', paper: 'A10 2 rasbora sold', open: '/today', does: ({ line }) => line('A10 sold 2') },
];

const onScreen = ({ pointer, keys }: Acts) => THINK + pointer * (POINT + PRESS) + keys * THUMBED;
const onPaper = (row: string) => THINK + TAKE_PEN + POINT + row.length * WRITTEN;

function tableOf(rows: readonly { act: Act; cost: Acts }[]): string {
  const s = (seconds: number) => seconds.toFixed(1);
  return `# What hands do

Made by \`e2e/routine.spec.ts\`, which does each act on a phone's screen (390 × 844) in the demo house and counts what it presses and types; run with \`HANDS_DOC=1\` it
writes this page, else it fails when the page is not what it counted. Seconds by the keystroke-level model (Card, Moran and Newell 1980): ${THINK} to think of it, ${POINT} + ${PRESS} a
tap, ${THUMBED} a letter by thumbs; on paper ${THINK} + ${TAKE_PEN} for the pen + ${POINT} to find the row, ${WRITTEN} a letter (31 words a minute, Brown 1988). A model, no stopwatch; and a clipboard judges nothing, adds
nothing up and is read by nobody else.

| act | taps | letters | s on the phone | the clipboard's row | s on paper |
|---|--:|--:|--:|---|--:|
${rows.map(({ act, cost }) => `| ${act.act} | ${cost.pointer} | ${cost.keys} | ${s(onScreen(cost))} | ${act.paper} | ${s(onPaper(act.paper))} |`).join('\n')}

The first landed bag of a new house, from an empty directory and a list that somebody typed: \`e2e/firstWeek.spec.ts\` holds it to 60 presses of a finger and prints how many it took.
`;
}

test('each routine act costs a hand no more than a clipboard', async ({ page, house }) => {
  await countActs(page);
  await house.signIn(page, 'Ines Okafor');
  const tap = async (name: string | RegExp) => {
    await ready(page, name instanceof RegExp ? name : new RegExp(name));
    await page.getByRole('button', { name }).first().tap();
  };
  const line = async (text: string) => {
    await page.getByRole('link', { name: /^More/ }).tap();
    await page.getByRole('button', { name: /One line/ }).tap();
    await page.keyboard.type(text);
    // A hand reads what it understood before it writes.
    await expect(page.getByText(/^Understood: /)).toBeVisible();
    await page.keyboard.press('Enter');
  };
  const rows: { act: Act; cost: Acts }[] = [];
  for (const act of ACTS) {
    await page.goto(house.address + act.open);
    await expect(page.locator('h1').first()).toBeAttached();
    await page.waitForTimeout(800);
    const [before, { seq }] = [await actsOf(page), await house.health()];
    await act.does({ page, house, tap, line });
    await expect.poll(async () => (await house.health()).seq, { message: act.act }).toBeGreaterThan(seq);
    rows.push({ act, cost: since(await actsOf(page), before) });
  }
  for (const { act, cost } of rows)
    expect({ act: act.act, slower: onScreen(cost) > onPaper(act.paper) }).toEqual({ act: act.act, slower: false });
  const text = tableOf(rows);
  if (process.env.HANDS_DOC) fs.writeFileSync('docs/hands.md', text);
  expect(fs.readFileSync('docs/hands.md', 'utf8')).toBe(text);
});
