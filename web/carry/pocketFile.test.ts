import type { PocketClass } from '../../core/formats/pocket/pocketClass';
import { line, MOVEMENTS } from '../../core/testing/cleanClass';
import { session, timelineFor } from '../../core/testing/sample';
import { cardHtml, pocketHtml } from './pocketFile';

const find = (id: string) => MOVEMENTS.find((one) => one.id === id);

function carried(items: ReturnType<typeof line>[], title = 'On a card'): PocketClass {
  const main = { kind: 'main', pace: { from: 6, to: 6, easing: 0 }, items };
  return {
    format: 'vesperum-pocket',
    version: 1,
    kind: 'class',
    session: session({ title, sections: [main] }),
    movements: [...MOVEMENTS],
    asked: [],
    sheet: [{ label: 'Door code', words: 'by the <tram>' }],
  };
}
const cardOf = (of: PocketClass) => cardHtml(of, timelineFor(of.session, ...MOVEMENTS), find);
/** What stands beside the name of a line: its count. */
const counts = (html: string) =>
  [...html.matchAll(/<\/td><td>([^<]*)<\/td><td class="card-minutes">/g)].map(([, it]) => it);

test('a line that the clock ends is told by its minutes on the card, one that is counted by its count', () => {
  const card = cardOf(
    carried([line('lift', 6, { id: 'a' }), line('lift', 6, { id: 'b', ends: { by: 'clock', seconds: 120 } })]),
  );
  expect(counts(card)).toEqual(['6 times', '2:00, to the end of a cycle']);
});

test('what people have written stands on the page as they wrote it, and ends no part of it', () => {
  const of = carried([line('lift', 6, { id: 'a' })], '</script><b>Bold & "quoted"</b>');
  const template =
    '<title>A class</title><style id="vesperum-faces"></style>' +
    '<script type="application/json" id="vesperum-pocket"></script><div id="card"></div>';
  const page = pocketHtml(template, of, timelineFor(of.session, ...MOVEMENTS), find, '');
  expect(page.match(/<\/script>/g)).toHaveLength(1);
  expect(page).not.toContain('<b>Bold');
  expect(page).toContain('<h1>&lt;/script&gt;&lt;b&gt;Bold &amp; &quot;quoted&quot;&lt;/b&gt;</h1>');
  expect(page).toContain('<dd>by the &lt;tram&gt;</dd>');
  const data = /id="vesperum-pocket">(.*?)<\/script>/s.exec(page)?.[1] ?? '';
  expect(JSON.parse(data)).toEqual(of);
  expect(() => pocketHtml('<title>A class</title>', of, timelineFor(of.session, ...MOVEMENTS), find, '')).toThrow(
    /has no place for/,
  );
});
