import { expect, type Locator, type Page } from '@playwright/test';

type Role = 'button' | 'radio' | 'checkbox' | 'link';

/** Who works the page: a thumb, or keys alone. */
export interface Hand {
  /** Taps something by its accessible name. */
  readonly tap: (name: string | RegExp, role?: Role) => Promise<void>;
  /** Types into a field in place of what stands there. */
  readonly type: (label: string, text: string) => Promise<void>;
}

export const thumb = (page: Page): Hand => ({
  tap: (name, role = 'button') => page.getByRole(role, { name }).first().click(),
  type: (label, text) => page.getByLabel(label, { exact: true }).first().fill(text),
});

/** So many stops of the Tab key are on no screen. */
const MOST_STOPS = 400;

const hasFocus = (it: Locator): Promise<boolean> =>
  it.evaluate((element) => element.contains(document.activeElement));

/** Goes on with the Tab key until something has the focus. */
const tabTo = async (page: Page, it: Locator): Promise<void> => {
  await it.waitFor();
  for (let stops = 0; stops < MOST_STOPS; stops++) {
    if (await hasFocus(it)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`The Tab key never comes to ${String(it)}.`);
};

/** Tab, arrow keys, Enter and letters, as somebody without a mouse has them. */
export const keys = (page: Page): Hand => ({
  tap: async (name, role = 'button') => {
    const wanted = page.getByRole(role, { name }).first();
    if (role === 'radio') {
      const group = wanted.locator('xpath=ancestor::*[@role="radiogroup"][1]');
      await tabTo(page, group);
      // Arrow keys choose as they go; the one that is chosen already is where Tab leads.
      for (let steps = 0; steps < 40 && !(await hasFocus(wanted)); steps++) {
        await page.keyboard.press('ArrowRight');
      }
      expect(await hasFocus(wanted)).toBe(true);
      if ((await wanted.getAttribute('aria-checked')) !== 'true') {
        await page.keyboard.press('Enter');
      }
      return;
    }
    await tabTo(page, wanted);
    await page.keyboard.press('Enter');
  },
  type: async (label, text) => {
    await tabTo(page, page.getByLabel(label, { exact: true }).first());
    await page.keyboard.press('ControlOrMeta+a');
    await page.keyboard.type(text);
  },
});
