// The same job by a mouse, by a finger or by keys alone: what a journey asks of a hand.
import type { Locator, Page } from '@playwright/test';
import { expect } from './house.ts';

export type Hand = {
  press(role: 'button' | 'link' | 'textbox', name: string | RegExp): Promise<void>;
  type(label: string | RegExp, text: string): Promise<void>;
  /** A field that is one of a family with a label alike. */
  fill(field: Locator, text: string): Promise<void>;
  choose(label: string | RegExp, option: { value: string } | { label: string }): Promise<void>;
};

export function finger(page: Page): Hand {
  const fill = async (field: Locator, text: string) => {
    await field.tap();
    await field.fill(text);
  };
  return {
    press: (role, name) => page.getByRole(role, { name }).first().tap(),
    type: (label, text) => fill(page.getByLabel(label).first(), text),
    fill,
    choose: async (label, option) => {
      const field = page.getByLabel(label).first();
      await field.tap();
      await field.selectOption(option);
    },
  };
}

export const mouse = (page: Page): Hand => ({
  press: (role, name) => page.getByRole(role, { name }).first().click(),
  type: (label, text) => page.getByLabel(label).first().fill(text),
  fill: (field, text) => field.fill(text),
  choose: async (label, option) => void (await page.getByLabel(label).first().selectOption(option)),
});

/** More than any page has to tab through. */
const MOST_TABS = 400;

/** Tab on until the focus is there, as somebody without a mouse does. */
async function tabTo(page: Page, target: Locator): Promise<void> {
  await expect(target).toBeVisible();
  await expect(target).toBeEnabled();
  for (let presses = 0; presses <= MOST_TABS; presses += 1) {
    if (await target.evaluate((element) => element === document.activeElement)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`Tab never came to ${target.toString()}`);
}

export function keys(page: Page): Hand {
  const fill = async (field: Locator, text: string) => {
    await tabTo(page, field);
    await page.keyboard.press('ControlOrMeta+a');
    for (const [index, line] of text.split('\n').entries()) {
      if (index > 0) await page.keyboard.press('Enter');
      await page.keyboard.type(line);
    }
    await expect(field).toHaveValue(text);
  };
  return {
    press: async (role, name) => {
      await tabTo(page, page.getByRole(role, { name }).first());
      await page.keyboard.press('Enter');
    },
    type: (label, text) => fill(page.getByLabel(label).first(), text),
    fill,
    choose: async (label, option) => {
      const field = page.getByLabel(label).first();
      await tabTo(page, field);
      const wanted = 'label' in option ? option.label : await field.locator(`option[value="${option.value}"]`).innerText();
      await page.keyboard.type(wanted);
      await expect(field.locator('option:checked')).toHaveText(wanted);
    },
  };
}
