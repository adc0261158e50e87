import { focusLine } from './lineFocus';

const frame = () => new Promise((resolve) => requestAnimationFrame(resolve));
const frames = async (many: number) => {
  for (let one = 0; one < many; one += 1) await frame();
};
const shown = (...ids: string[]) => {
  for (const id of ids) {
    const line = document.createElement('li');
    line.dataset.line = id;
    line.tabIndex = 0;
    document.body.append(line);
  }
};
const lineAt = (id: string) => document.querySelector<HTMLElement>(`[data-line="${id}"]`);
const here = () => (document.activeElement as HTMLElement | null)?.dataset.line;

beforeEach(() => {
  Object.assign(window, { CSS: { escape: (text: string) => text } });
  document.body.replaceChildren();
});

test('the keyboard goes to a line that is drawn some frames later', async () => {
  shown('a');
  lineAt('a')?.focus();
  focusLine('b');
  await frames(4);
  expect(here()).toBe('a');
  shown('b');
  await frames(3);
  expect(here()).toBe('b');
});

test('it is not taken away from a line that was gone to meanwhile', async () => {
  shown('a', 'b');
  lineAt('a')?.focus();
  focusLine('a');
  lineAt('b')?.focus();
  await frames(3);
  expect(here()).toBe('b');
});

test('of two lines that are waited for it goes to the later one', async () => {
  focusLine('a');
  focusLine('b');
  shown('a', 'b');
  await frames(3);
  expect(here()).toBe('b');
});
