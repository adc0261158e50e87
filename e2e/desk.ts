import type { Page } from 'puppeteer-core';
import type { StoredSession } from '../core/formats/api/api';
import { type Session, Session as SessionSchema } from '../core/session/plan/session';
import { classBegins } from '../core/session/plan/slotTime';
import { timelineOf } from '../core/session/schedule/timeline';
import { clockAt } from '../core/words/clockWords';
import { shippedRepertoire } from '../server/shippedRepertoire';
import { click } from './house';

export const { find } = shippedRepertoire();

/** The class as the server holds it. */
export async function stored(url: string, id: string): Promise<StoredSession> {
  const answer = await fetch(`${url}/api/sessions/${id}`);
  const body = (await answer.json()) as StoredSession;
  return { ...body, session: SessionSchema.parse(body.session) };
}

/** The timeline by the engine itself, without the interface. */
export function computed(session: Session) {
  const answer = timelineOf(session, find);
  if (!answer.ok) throw new Error('The class cannot be timed');
  return answer.timeline;
}

/** When a class ends, by the engine itself. */
export const endOf = (session: Session): string => clockAt(classBegins(session), computed(session).totalMs);

/** The ids of a class's lines, section by section. */
export const linesOf = ({ sections }: Session): string[][] => sections.map(({ items }) => items.map(({ id }) => id));

export const line = (id: string): string => `[data-line="${id}"]`;

/** Puts the keyboard on a line. */
export async function takeLine(page: Page, id: string): Promise<void> {
  await page.waitForSelector(line(id));
  await page.focus(line(id));
}

/** Types into the field that adds to a section, and takes the first offer. */
export async function addLine(page: Page, section: number, text: string): Promise<void> {
  const count = () => page.$$eval('[data-line]', (lines) => lines.length);
  const before = await count();
  await page.waitForSelector(`#add-to-${section}`);
  await page.focus(`#add-to-${section}`);
  await page.keyboard.type(text);
  await page.waitForSelector('.add-offer');
  await page.keyboard.press('Enter');
  await page.waitForFunction((least: number) => document.querySelectorAll('[data-line]').length > least, {}, before);
}

/** So often a field is typed over where something took the keyboard away in between. */
const TRIES = 4;

/** Types over what stands in a field, and sees that it stands there: what still unfolds may take the keyboard away. */
export async function typeOver(page: Page, selector: string, text: string): Promise<void> {
  for (let time = 0; time < TRIES; time += 1) {
    await click(page, selector, { clickCount: 3 });
    await page.keyboard.type(text);
    if ((await page.$eval(selector, (field) => (field as HTMLInputElement).value)) === text) return;
  }
  throw new Error(`“${text}” could not be typed into ${selector}.`);
}

/** Waits until a field holds a text: it may be filled from an answer of its own. */
export const fieldHolds = (page: Page, selector: string, text: string): Promise<unknown> =>
  page.waitForFunction(
    (at: string, wanted: string) => document.querySelector<HTMLInputElement>(at)?.value === wanted,
    {},
    selector,
    text,
  );

/** Everything that is pressed by its words. */
const PRESSED = 'button, [role="menuitem"], .ant-segmented-item';

/** Presses the first button or menu line that says so, in exactly these words or by a pattern, can be seen and can be pressed. */
export async function press(page: Page, words: string | RegExp): Promise<void> {
  const wanted = typeof words === 'string' ? `^${words.replaceAll(/[.*+?^${}()|[\]\\]/g, '\\$&')}$` : words.source;
  const handle = await page.waitForFunction(
    (selector: string, pattern: string) =>
      [...document.querySelectorAll<HTMLElement>(selector)].find(
        (one) =>
          new RegExp(pattern).test(one.textContent?.trim() ?? '') &&
          one.offsetParent !== null &&
          !one.matches(':disabled'),
      ),
    {},
    PRESSED,
    wanted,
  );
  await (handle.asElement() as unknown as { evaluate: (act: (one: Element) => void) => Promise<void> }).evaluate(
    (one) => (one as HTMLElement).click(),
  );
}

/** Holds Control and presses a key so often. */
export async function withControl(page: Page, key: 'a' | 'y' | 'z', times = 1): Promise<void> {
  await page.keyboard.down('Control');
  for (let press = 0; press < times; press += 1) await page.keyboard.press(key);
  await page.keyboard.up('Control');
}

/** The count of the first movement in a class's main part, as the server holds it. */
export async function countOfFirst(url: string, id: string): Promise<number> {
  const { session } = await stored(url, id);
  const item = session.sections[2]?.items[0];
  return item?.kind === 'movement' ? item.count : 0;
}

/** Unfolds a finding that is folded away because it stands near a limit; waits until it is said at all. */
export async function unfoldFinding(page: Page, code: string): Promise<void> {
  const entry = `[data-finding="${code}"]`;
  await page.waitForSelector(entry);
  await page.$eval(entry, (one) => {
    const fold = one.closest('details.noticed-near:not([open])');
    fold?.querySelector('summary')?.click();
  });
  await page.waitForSelector(`${entry} summary`, { visible: true });
}

/** What would be downloaded is looked at instead; answers the nth file. */
export async function collected(page: Page): Promise<(nth: number) => Promise<readonly [type: string, bytes: Buffer]>> {
  await page.evaluate(() => {
    Object.assign(window, { files: [] });
    URL.createObjectURL = (blob: Blob | MediaSource) => {
      if (blob instanceof Blob)
        void blob.arrayBuffer().then((buffer) => {
          const text = [...new Uint8Array(buffer)].map((byte) => String.fromCharCode(byte)).join('');
          (window as unknown as { files: unknown[] }).files.push([blob.type, btoa(text)]);
        });
      return '#';
    };
  });
  return async (nth) => {
    await page.waitForFunction(
      (least: number) => (window as unknown as { files: unknown[] }).files.length >= least,
      {},
      nth,
    );
    const file = await page.evaluate(
      (place: number) => (window as unknown as { files: [string, string][] }).files[place - 1],
      nth,
    );
    return [file?.[0] ?? '', Buffer.from(file?.[1] ?? '', 'base64')] as const;
  };
}
