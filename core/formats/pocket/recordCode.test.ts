import { classWith, line } from '../../testing/cleanClass';
import { fc } from '../../testing/properties';
import { session } from '../../testing/sample';
import { type CodedRecord, carriedLogId, classMark, mostLines, readCode, writeCode } from './recordCode';

const classOf = (id: string, lines: number) => ({
  ...session(),
  ...classWith({ main: Array.from({ length: lines }, (_, at) => line('lift', 3, { id: `${id}-${at}` })) }),
  id,
});
const linesIn = ({ sections }: ReturnType<typeof classOf>) => sections.flatMap(({ items }) => items).length;
const evening = classOf('evening', 20);
const morning = classOf('morning', 3);
const began = 29_920_000;
const recordOf = (more: Partial<CodedRecord> = {}): CodedRecord => ({
  beganAt: began,
  tookMinutes: 61,
  came: 12,
  leftOut: Array.from({ length: linesIn(evening) }, (_, at) => at === 4),
  taken: ['has', null, 'again'],
  ...more,
});

test('what is written is read again, whatever it is', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: began, max: began + 10_000_000 }),
      fc.integer({ min: 0, max: 511 }),
      fc.option(fc.integer({ min: 0, max: 126 })),
      fc.array(fc.boolean(), { minLength: linesIn(evening), maxLength: linesIn(evening) }),
      fc.array(fc.constantFrom('has', 'half', 'again', null), { maxLength: 8 }),
      (beganAt, tookMinutes, came, leftOut, taken) => {
        const record: CodedRecord = { beganAt, tookMinutes, came, leftOut, taken };
        const code = writeCode(evening, record);
        expect(code?.replaceAll(' ', '').length).toBeLessThanOrEqual(36);
        expect(readCode(code ?? '', [morning, evening], () => taken.length)).toEqual({
          ok: true,
          sessionId: 'evening',
          record,
        });
      },
    ),
  );
});

test('as it is typed: small letters, hyphens, and an o that is a nought', () => {
  const code = writeCode(evening, recordOf()) ?? '';
  const typed = code.toLowerCase().replaceAll(' ', '-').replaceAll('0', 'o').replaceAll('1', 'l');
  expect(readCode(typed, [evening], () => 3)).toMatchObject({ ok: true, record: recordOf() });
});

test('any one letter mistyped is noticed, or names another class', () => {
  const code = (writeCode(evening, recordOf()) ?? '').replaceAll(' ', '');
  let missed = 0;
  for (const [at, letter] of [...code].entries())
    for (const other of '0123456789ABCDEFGHJKMNPQRSTVWXYZ') {
      if (other === letter) continue;
      const answer = readCode(code.slice(0, at) + other + code.slice(at + 1), [evening, morning], () => 3);
      // What is only there to fill the last letter says nothing.
      if (answer.ok && JSON.stringify(answer.record) !== JSON.stringify(recordOf())) missed += 1;
    }
  // Of some 800 one in a thousand may slip through ten bits.
  expect(missed).toBeLessThanOrEqual(2);
});

test('a class that has other lines now is not the class it was', () => {
  const code = writeCode(evening, recordOf()) ?? '';
  expect(readCode(code, [classOf('evening', 19)], () => 3)).toEqual({ ok: false, why: 'no such class' });
  expect(classMark(evening)).not.toBe(classMark(morning));
});

test('what is no code is said to be none', () => {
  for (const typed of ['', '!', 'A'.repeat(37)])
    expect(readCode(typed, [evening], () => 0)).toEqual({ ok: false, why: 'not a code' });
  expect(readCode((writeCode(evening, recordOf()) ?? '').slice(0, 20), [evening], () => 3).ok).toBe(false);
});

test('more lines than it has room for have no code, and 90 with six things asked after have one', () => {
  const long = { ...recordOf(), leftOut: Array(mostLines(3) + 1).fill(false) };
  expect(writeCode(evening, long)).toBeNull();
  expect(mostLines(6)).toBeGreaterThanOrEqual(90);
});

test('by file and by code it is one record', () => {
  expect(carriedLogId(evening, began)).toBe(carriedLogId({ ...evening }, began + 0.2));
  expect(carriedLogId(evening, began)).not.toBe(carriedLogId(evening, began + 1));
  expect(carriedLogId(evening, began)).toMatch(/^[a-z0-9-]+$/);
});
