// Every view on small, sideways and enlarged screens: nothing beside the screen, work has half the height, the focus is seen wherever Tab takes it.
import type { Page } from '@playwright/test';
import { findings } from './findings.ts';
import { expect, test } from './house.ts';
import { isForPhone, openView, VIEWS } from './views.ts';

/** WCAG 1.4.12: nobody's own spacing may break a page. */
const SPACING =
  '* { line-height: 1.5 !important; letter-spacing: 0.12em !important; word-spacing: 0.16em !important; } p { margin-bottom: 2em !important; }';

/** How much wider than the screen the page is, px. */
const beside = (page: Page) =>
  page.evaluate(() => {
    const { scrollWidth, clientWidth } = document.documentElement;
    const main = document.querySelector('main')!;
    return Math.max(scrollWidth - clientWidth, main.scrollWidth - main.clientWidth);
  });

/** The height that is left to the work while what is pinned stays, as a share of the screen's. */
const workShare = (page: Page) =>
  page.evaluate(() => {
    const foot = document.querySelector('.foot')!.getBoundingClientRect();
    const main = document.querySelector('main')!;
    const own = getComputedStyle(main).overflowY === 'visible';
    const top = own ? 0 : main.getBoundingClientRect().top;
    return (Math.min(foot.top, innerHeight) - top) / innerHeight;
  });

/** Where Tab goes, and what is wrong there. */
async function walkByTab(page: Page, stops: number): Promise<string[]> {
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  const wrong: string[] = [];
  for (let stop = 0; stop < stops; stop += 1) {
    await page.keyboard.press('Tab');
    const found = await page.evaluate(async (no) => {
      // What the browser brings into sight, it brings with its next picture.
      await new Promise((resolve) => requestAnimationFrame(resolve));
      const element = document.activeElement;
      if (!element || element === document.body) return { end: true, says: no < 3 ? 'the focus fell to the body' : '' };
      const name = `${element.tagName.toLowerCase()} “${(element.getAttribute('aria-label') ?? element.textContent ?? '').trim().slice(0, 40)}”`;
      const box = element.getBoundingClientRect();
      const style = getComputedStyle(element);
      const ringed =
        style.outlineStyle !== 'none' ||
        style.boxShadow !== 'none' ||
        element.matches('input[type=radio], input[type=checkbox], input[type=range], input[type=file], canvas, main');
      const [x, y] = [box.left + box.width / 2, box.top + box.height / 2];
      // Of what is larger than the screen a part is enough.
      const large = box.height > innerHeight || box.width > innerWidth;
      const within = box.width > 0 && (large || (x >= 0 && x <= innerWidth && y >= 0 && y <= innerHeight));
      const top = within && !large ? document.elementFromPoint(x, y) : null;
      const covered =
        within && top !== null && !element.contains(top) && !top.contains(element) && !element.closest('label')?.contains(top);
      const says = !within
        ? `${name} is outside the screen`
        : covered
          ? `${name} is under ${top.className || top.tagName}`
          : !ringed
            ? `${name} has no ring`
            : '';
      return { end: false, says };
    }, stop);
    if (found.says) wrong.push(found.says);
    if (found.end) break;
  }
  return [...new Set(wrong)];
}

for (const [what, size, stops] of [
  ['sideways', { width: 844, height: 390 }, 18],
  ['enlarged twice', { width: 640, height: 400 }, 18],
] as const)
  test(`${what}: half the height is for the work, nothing beside the screen, the focus in sight`, async ({ page, house }) => {
    await page.setViewportSize(size);
    await house.signIn(page, 'Ines Okafor');
    const wrong: Record<string, unknown> = {};
    for (const [name, path] of VIEWS) {
      await openView(page, house, path);
      const found = {
        beside: await beside(page),
        share: await workShare(page),
        tab: await walkByTab(page, stops),
        axe: await findings(page, false),
      };
      if (found.beside > 1 || found.share < 0.5 || found.tab.length + found.axe.length > 0) wrong[name] = found;
    }
    expect(wrong).toEqual({});
  });

test('the focus is in sight on a desk and on a phone', async ({ page, house }) => {
  await house.signIn(page, 'Ines Okafor');
  const wrong: Record<string, unknown> = {};
  for (const [size, viewport] of [
    ['desk', { width: 1280, height: 800 }],
    ['phone', { width: 390, height: 844 }],
  ] as const) {
    await page.setViewportSize(viewport);
    for (const [name, path] of size === 'phone' ? VIEWS.filter(([, to]) => isForPhone(to)) : VIEWS) {
      await openView(page, house, path);
      const tab = await walkByTab(page, 22);
      if (tab.length > 0) wrong[`${name}, ${size}`] = tab;
    }
  }
  expect(wrong).toEqual({});
});

test('320 px and one’s own text spacing: nothing beside the screen', async ({ page, house }) => {
  await page.setViewportSize({ width: 320, height: 640 });
  await house.signIn(page, 'Ines Okafor');
  const wrong: Record<string, number> = {};
  for (const [name, path] of VIEWS) {
    await openView(page, house, path);
    await page.evaluate((css) => {
      // By the page's own means: a sheet that is added as text is what its policy keeps out.
      const sheet = new CSSStyleSheet();
      sheet.replaceSync(css);
      document.adoptedStyleSheets = [sheet];
    }, SPACING);
    const px = await beside(page);
    if (px > 1) wrong[name] = px;
  }
  expect(wrong).toEqual({});
});
