// Accessibility of a page as it stands, by axe.
import type { Page } from '@playwright/test';
import axe from 'axe-core';
import { expect } from './house.ts';

/** What axe finds on the page as it stands, with or without its colours, or in its colours alone; it must have looked at something to have found nothing. */
export async function findings(page: Page, contrast: boolean | 'only' = true): Promise<string[]> {
  // Run in the page itself: none has a frame within it, its sheets are read as they are, and of what passes one of a kind is enough to hear of.
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  const { violations, passes } = await page.evaluate(async (asked) => {
    const { run } = (window as unknown as { axe: typeof axe }).axe;
    const found = await run(document, {
      resultTypes: ['violations'],
      preload: false,
      ...(asked === 'only' ? { runOnly: ['color-contrast'] } : asked ? {} : { rules: { 'color-contrast': { enabled: false } } }),
    });
    return {
      passes: found.passes.length,
      violations: found.violations.map(({ id, nodes }) => `${id} ${nodes[0]!.html}`),
    };
  }, contrast);
  expect(passes).toBeGreaterThan(contrast === 'only' ? 0 : 5);
  return violations;
}
