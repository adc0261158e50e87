import { Session } from '../session/plan/session';
import { cueSheet } from '../session/report/cueSheet';
import { timelineOf } from '../session/schedule/timeline';
import { classWith, find, line, MOVEMENTS } from '../testing/cleanClass';
import { readClass, writeClass } from './classJson';
import { classMarkdown } from './classMarkdown';
import { classVtt } from './classVtt';

const session = Session.parse({
  ...classWith({ main: [line('sides', 4, { id: 'noted', manner: 'follow-along', note: 'mind *knees* & <toes>' })] }),
  id: 'the-class',
  title: 'Push & pull --> #1',
  groupId: null,
  date: '2026-12-01',
  startsAt: '23:50',
});
const answer = timelineOf(session, find);
if (!answer.ok) throw new Error('known movements');
const { timeline } = answer;
const cues = cueSheet(session, timeline, find, { facing: 'same', words: 'sides' });

describe('WebVTT', () => {
  const lines = classVtt(session.title, timeline).split('\n');
  test('begins as it must, and its cues follow each other within the class', () => {
    expect(lines[0]).toBe('WEBVTT');
    const times = lines.filter((one) => one.includes(' --> ')).map((one) => one.split(' --> '));
    expect(times.length).toBeGreaterThan(4);
    for (const [from, to] of times) {
      expect(from).toMatch(/^\d\d:\d\d:\d\d\.\d{3}$/);
      expect((from ?? '') < (to ?? '')).toBe(true);
    }
    expect(times.map(([from]) => from)).toEqual(times.map(([from]) => from).toSorted());
  });
  test('what is said besides the calls is among them, at its time', () => {
    const said = { itemId: 'noted', from: 'cue' as const, say: 'Let <go> & wait', startMs: 65_000, lengthMs: 2000 };
    const text = classVtt(session.title, timeline, [said]);
    expect(text).toContain('00:01:05.000 --> 00:01:07.000\nLet &lt;go&gt; &amp; wait');
    const starts = [...text.matchAll(/^(\S+) -->/gm)].map(([, start]) => start);
    expect(starts).toEqual(starts.toSorted());
  });
  test('no title can pass for a cue', () => expect(lines[2]).toBe('NOTE Push & pull → #1'));
});

describe('Markdown', () => {
  const text = classMarkdown(session, cues);
  test('has every section and line with its time of day, past midnight too', () => {
    expect(text).toContain('# Push & pull --\\> \\#1');
    expect(text.match(/^## /gm)).toHaveLength(5);
    expect(text.match(/^- \*\*\d\d:\d\d\*\*/gm)).toHaveLength(cues.length);
    expect(text).toContain('**00:0');
  });
  test('words that look like signs stay words', () => expect(text).toContain('mind \\*knees\\* & \\<toes\\>'));
});

describe('a class in a file', () => {
  const text = writeClass(session, find);
  test('read where everything is the same: only the class comes, under a new id', () => {
    const read = readClass(text, find, 'new-id');
    if (!read.ok) throw new Error('it is sound');
    expect(read).toMatchObject({ brings: [], renamed: [] });
    expect(read.session).toEqual({ ...session, id: 'new-id' });
  });
  test('read on a machine that has none of its movements: they come along', () => {
    const read = readClass(text, () => undefined, 'new-id');
    if (!read.ok) throw new Error('it is sound');
    expect(read.brings.map(({ id }) => id).toSorted()).toEqual([
      'lift',
      'loosen',
      'push-out',
      'quiet',
      'sides',
      'squat',
    ]);
    expect(timelineOf(read.session, (id) => read.brings.find((one) => one.id === id))).toEqual(answer);
  });
  test('a movement that differs here is not overwritten: it comes under another name, and the class names that one', () => {
    const other = MOVEMENTS.map((one) =>
      one.id === 'lift' ? { ...one, about: 'Lifted in some other way here.' } : one,
    );
    const read = readClass(text, (id) => other.find((one) => one.id === id), 'new-id');
    if (!read.ok) throw new Error('it is sound');
    expect(read.renamed).toEqual([{ from: 'lift', to: 'lift-2' }]);
    expect(read.brings.map(({ id }) => id)).toEqual(['lift-2']);
    expect(JSON.stringify(read.session)).not.toContain('"movementId":"lift"');
  });
  test.each([
    ['no JSON', '{', [], 'not JSON'],
    ['another format', '{"format":"x"}', ['format'], 'vesperum-class'],
    [
      'a count below nothing',
      text.replace('"count": 4,', '"count": -4,'),
      ['session', 'sections', 2, 'items', 2, 'count'],
      '>0',
    ],
  ])('%s is refused with the place', (_name, bad, path, message) => {
    const read = readClass(bad, find, 'new-id');
    if (read.ok) throw new Error('it is wrong');
    expect(read.problems[0]?.path).toEqual(path);
    expect(read.problems.map((one) => one.message).join()).toContain(message);
  });
  test('a movement that is nowhere is refused with the line that names it', () => {
    const file = { ...JSON.parse(text), movements: [] };
    const read = readClass(JSON.stringify(file), (id) => (id === 'lift' ? undefined : find(id)), 'new-id');
    expect(read).toMatchObject({
      ok: false,
      problems: [{ path: ['session', 'sections', 1, 'items', 1, 'movementId'] }, {}],
    });
  });

  test('two versions of one movement come along as versions of one name', () => {
    const lift = MOVEMENTS.find(({ id }) => id === 'lift');
    if (!lift) throw new Error('there is a lift');
    const changed = { ...lift, id: 'lift@3', about: 'Lifted as it was taught later on.' };
    const both = {
      ...session,
      sections: session.sections.map((section) =>
        section.kind === 'main'
          ? { ...section, items: [...section.items, { ...line('lift', 2, { id: 'later' }), movementId: 'lift@3' }] }
          : section,
      ),
    };
    const file = writeClass(both, (id) => (id === 'lift@3' ? changed : find(id)));
    const nowhere = readClass(file, () => undefined, 'new-id');
    if (!nowhere.ok) throw new Error(nowhere.problems.map(({ message }) => message).join());
    const own = nowhere.brings.filter(({ id }) => id.startsWith('lift'));
    expect(own.map(({ id }) => id)).toEqual(['lift', 'lift@1']);
    expect(own[1]?.about).toBe(changed.about);
    expect(JSON.stringify(nowhere.session)).toContain('"movementId":"lift@1"');
    expect(nowhere.renamed).toEqual([]);
    // Where the name is taken by something else, both come under one other name.
    const other = { ...lift, about: 'Something else of the same name, here before.' };
    const taken = readClass(file, (id) => (id === 'lift' ? other : undefined), 'new-id');
    if (!taken.ok) throw new Error('it is sound');
    expect(taken.brings.map(({ id }) => id).filter((id) => id.startsWith('lift'))).toEqual(['lift-2', 'lift-2@1']);
  });
  test('the same movement twice comes once; where the two differ, the second is named', () => {
    const file = JSON.parse(text);
    const [first] = file.movements;
    const twice = readClass(
      JSON.stringify({ ...file, movements: [...file.movements, first] }),
      () => undefined,
      'new-id',
    );
    if (!twice.ok) throw new Error('it is sound');
    expect(twice.brings.filter(({ id }) => id === first.id)).toHaveLength(1);
    const other = { ...first, about: 'The same id, and something else.' };
    const differs = readClass(JSON.stringify({ ...file, movements: [...file.movements, other] }), find, 'new-id');
    expect(differs).toMatchObject({
      ok: false,
      problems: [{ path: ['movements', file.movements.length, 'id'], message: expect.stringContaining('twice') }],
    });
  });
  test('a small file that would make a class of days is refused with the field', () => {
    const file = JSON.parse(text);
    const noted = file.session.sections[2].items.find(({ id }: { id: string }) => id === 'noted');
    Object.assign(noted, { count: 3600, rounds: 20 });
    const read = readClass(JSON.stringify(file), find, 'new-id');
    expect(read).toMatchObject({ ok: false, problems: [{ message: expect.stringMatching(/steps of this class/) }] });
  });
  test('brackets in brackets, a hundred thousand deep, are no class', () => {
    expect(readClass('['.repeat(100_000), find, 'new-id').ok).toBe(false);
    expect(readClass(`${'['.repeat(100_000)}${']'.repeat(100_000)}`, find, 'new-id').ok).toBe(false);
    expect(readClass(`${'{"session":'.repeat(50_000)}1${'}'.repeat(50_000)}`, find, 'new-id').ok).toBe(false);
  });
});
