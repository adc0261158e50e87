import { Library, type MovementsWritten } from '../core/formats/api/api';
import { movementsFromCsv, movementsToCsv } from '../core/formats/movementCsv';
import { movementsFromJson, movementsToJson } from '../core/formats/movementJson';
import { Movement } from '../core/movement/schema/movement';
import { MovementTraits } from '../core/traits/movementTraits';
import { openTestHouse, repertoire, type TestHouse } from '../demo/testHouse';

let house: TestHouse;
beforeEach(() => {
  house = openTestHouse();
});
afterEach(() => house.close());

const cloudHands = repertoire.find(({ id }) => id === 'cloud-hands') as Movement;
const slower: Movement = { ...cloudHands, about: 'The same, more slowly, with longer steps.' };
const own: Movement = { ...cloudHands, id: 'lamp-hands', names: { english: ['Lamp Hands'], pinyin: [], chinese: [] } };
const put = (movement: Movement, basedOn: string | null) =>
  house.ask('PUT', `/api/movements/${movement.id}`, { movement, basedOn });
const library = async () => Library.parse(await (await house.ask('GET', '/api/library')).json());
const send = (format: 'json' | 'csv', text: string) => house.ask('POST', '/api/movements/file', { format, text });

describe('versions', () => {
  test('a movement that is changed gets a version, and what classes name stays as it was', async () => {
    const written = Movement.parse(await (await put(slower, 'cloud-hands')).json());
    expect(written.id).toBe('cloud-hands@1');
    expect(await (await house.ask('GET', '/api/movements/cloud-hands')).json()).toEqual(cloudHands);
    const { movements, shown, own: mine } = await library();
    expect(movements.map(({ id }) => id)).toEqual(expect.arrayContaining(['cloud-hands', 'cloud-hands@1']));
    expect(shown).toContain('cloud-hands@1');
    expect(shown).not.toContain('cloud-hands');
    expect(mine).toEqual(['cloud-hands']);
    const tonight = await (await house.ask('GET', '/api/sessions/evening-week-4')).json();
    expect(JSON.stringify(tonight)).toContain('"movementId":"cloud-hands"');
  });

  test('a change made from an older version is refused, and nothing is written', async () => {
    await put(slower, 'cloud-hands');
    const before = house.contents();
    expect((await put(cloudHands, 'cloud-hands')).status).toBe(409);
    expect((await put(cloudHands, 'cloud-hands@1')).status).toBe(200);
    expect(house.contents()).not.toBe(before);
  });

  test('a new one is written as it is; a name that is taken is refused', async () => {
    expect((await put(own, null)).status).toBe(200);
    expect((await put(own, null)).status).toBe(409);
    expect((await library()).shown).toContain('lamp-hands');
    const mismatch = await house.ask('PUT', '/api/movements/other', { movement: own, basedOn: null });
    expect(mismatch.status).toBe(422);
  });

  test('one taken away is out of sight, still found by what names it, and can be brought back', async () => {
    expect((await house.ask('DELETE', '/api/movements/cloud-hands')).status).toBe(204);
    expect((await library()).shown).not.toContain('cloud-hands');
    expect((await house.ask('GET', '/api/movements/cloud-hands')).status).toBe(200);
    expect((await house.ask('DELETE', '/api/movements/nothing')).status).toBe(404);
    expect((await house.ask('POST', '/api/movements/cloud-hands/restore')).status).toBe(204);
    expect((await house.ask('POST', '/api/movements/cloud-hands/restore')).status).toBe(404);
    expect((await library()).shown).toContain('cloud-hands');
  });

  test('a class may use a version, and is timed by it', async () => {
    const longer = {
      ...cloudHands,
      parts: { ...cloudHands.parts, cycle: [...cloudHands.parts.cycle, ...cloudHands.parts.cycle] },
    };
    await put(longer, 'cloud-hands');
    const { session, revision } = await (await house.ask('GET', '/api/sessions/evening-week-4')).json();
    const before = (await (await house.ask('GET', '/api/sessions')).json()) as { id: string; totalMs: number }[];
    const text = JSON.stringify(session).replaceAll('"movementId":"cloud-hands"', '"movementId":"cloud-hands@1"');
    expect(
      (await house.ask('PUT', '/api/sessions/evening-week-4', { session: JSON.parse(text), revision })).status,
    ).toBe(200);
    const after = (await (await house.ask('GET', '/api/sessions')).json()) as { id: string; totalMs: number }[];
    const total = (list: typeof before) => list.find(({ id }) => id === 'evening-week-4')?.totalMs ?? 0;
    expect(total(after)).toBeGreaterThan(total(before) + 60_000);
  });
});

describe('files', () => {
  test('the whole repertoire goes out as JSON and comes back without loss', async () => {
    const text = await (await house.ask('GET', '/api/movements/file?format=json')).text();
    const read = movementsFromJson(text);
    expect(read).toEqual({ ok: true, movements: repertoire });
    const before = house.contents();
    expect(await (await send('json', text)).json()).toEqual({ added: 0, changed: 0, same: repertoire.length });
    expect(house.contents()).toBe(before);
  });

  test('the table goes out as CSV and comes back without loss', () => {
    const find = (id: string) => repertoire.find((movement) => movement.id === id);
    expect(movementsFromCsv(movementsToCsv(repertoire), find)).toEqual({ ok: true, movements: repertoire });
  });

  test('a changed cell becomes a version; the phases stay', async () => {
    const csv = movementsToCsv([cloudHands]).replace('Cloud Hands|', 'Hands like Clouds|');
    const answer = (await (await send('csv', csv)).json()) as MovementsWritten;
    expect(answer).toEqual({ added: 0, changed: 1, same: 0 });
    const changed = Movement.parse(await (await house.ask('GET', '/api/movements/cloud-hands@1')).json());
    expect(changed.names.english[0]).toBe('Hands like Clouds');
    expect(changed.parts).toEqual(cloudHands.parts);
  });

  test.each([
    [
      'a count that is no number',
      (csv: string) => csv.replace(/,3,3,9,1,/, ',3,many,9,1,'),
      { path: ['line 2', 'usual'] },
    ],
    ['a movement that is not there', (csv: string) => csv.replace('cloud-hands', 'cloudy'), { path: ['line 2', 'id'] }],
    [
      'a column that does not exist',
      (csv: string) => csv.replace('tradition', 'school'),
      { path: ['line 1', 'school'] },
    ],
    [
      'a tradition that does not exist',
      (csv: string) => csv.replace('tai-chi', 'waltz'),
      { path: ['line 2', 'tradition'] },
    ],
    ['the same movement twice', (csv: string) => `${csv}\n${csv.split('\n')[1]}`, { path: ['line 3', 'id'] }],
  ])('CSV with %s is refused by line and field, and nothing is written', async (_name, spoil, fault) => {
    const before = house.contents();
    const answer = await send('csv', spoil(movementsToCsv([cloudHands])));
    expect(answer.status).toBe(422);
    expect((await answer.json()).errors).toMatchObject([fault]);
    expect(house.contents()).toBe(before);
  });

  test('one bad movement among good ones: none is written, and its line and field are said', async () => {
    const text = movementsToJson([own, { ...slower, level: 9 } as Movement]);
    const before = house.contents();
    const answer = await send('json', text);
    expect(answer.status).toBe(422);
    const [error] = (await answer.json()).errors;
    expect(error.path[1]).toBe('movements.1.level');
    expect(text.split('\n')[Number(error.path[0].slice(5)) - 1]).toContain('"id": "cloud-hands"');
    expect(house.contents()).toBe(before);
  });

  test.each([
    ['no JSON', '{"format": '],
    ['another format', '{"format": "something/9", "movements": []}'],
    ['a list', '[]'],
    ['a movement without postures', '{"format": "vesperum-movements/1", "movements": [{"id": "x"}]}'],
  ])('%s is refused', async (_name, text) => {
    const before = house.contents();
    expect((await send('json', text)).status).toBe(422);
    expect(house.contents()).toBe(before);
  });

  test('one movement by itself may be read too', async () => {
    expect(await (await send('json', JSON.stringify(own))).json()).toEqual({ added: 1, changed: 0, same: 0 });
  });

  test('the schema is published, and says what a posture may hold', async () => {
    const schema = await (await house.ask('GET', '/api/schema/movement.json')).json();
    expect(schema.title).toBe('A Vesperum movement');
    expect(schema.required).toEqual(expect.arrayContaining(['id', 'names', 'start', 'parts']));
    expect(JSON.stringify(schema)).toContain('crossed-behind');
  });
});

describe('what simulating tells', () => {
  test('every movement has its traits, and they make sense', async () => {
    const traits = MovementTraits.array().parse(await (await house.ask('GET', '/api/movements/traits')).json());
    const of = (id: string) => traits.find((one) => one.id === id);
    expect(traits).toHaveLength(repertoire.length);
    expect(of('seated-clouds')?.height).toBe('seated');
    expect(of('snake-creeps-down')?.height).toBe('low');
    expect(of('brush-knee')).toMatchObject({ space: 'walks', breath: 'led' });
    expect(of('ankle-circles')?.prepares).toContain('ankles');
    expect(of('lift-the-sky')?.loads).toContain('shoulders');
    expect(of('one-leg-stand')?.balance).toBeGreaterThan(of('quiet-standing')?.balance ?? 1);
  });

  test('the forms are listed', async () => {
    const forms = (await (await house.ask('GET', '/api/forms')).json()) as { id: string }[];
    expect(forms.map(({ id }) => id)).toContain('lantern-form');
  });
});
