import { ASKED_BY_ALL, isKeptAnswer } from './keptAnswer';
import { serverFirst } from './serverFirst';

const away = () => Promise.reject(new TypeError('Failed to fetch'));

test('a new build is shown though an old one is kept; the old one only while the server is away', async () => {
  const kept = jest.fn(async () => 'the old page');
  expect(await serverFirst(async () => 'the new page', kept)).toBe('the new page');
  expect(kept).not.toHaveBeenCalled();
  expect(await serverFirst(away, kept)).toBe('the old page');
});

test('a refusal of the server is its answer, and not covered by what was kept', async () => {
  const refused = { status: 404 };
  expect(
    await serverFirst(
      async () => refused,
      async () => ({ status: 200 }),
    ),
  ).toBe(refused);
});

test('where nothing was kept, it is said that the server is away', async () => {
  await expect(serverFirst(away, async () => undefined)).rejects.toThrow('Failed to fetch');
});

test('classes and movements are kept, and nothing that is not named', () => {
  expect([...ASKED_BY_ALL, '/api/sessions/evening-week-4'].every(isKeptAnswer)).toBe(true);
  expect(['/api/people', '/api/health', '/api/sessions/a/restore', '/api/openapi.json'].some(isKeptAnswer)).toBe(false);
});
