import { atVersion, baseId, newestOf, versionOf } from './version';

test('an id carries its version, and none is version 0', () => {
  expect([baseId('cloud-hands@2'), versionOf('cloud-hands@2')]).toEqual(['cloud-hands', 2]);
  expect([baseId('cloud-hands'), versionOf('cloud-hands')]).toEqual(['cloud-hands', 0]);
  expect([atVersion('cloud-hands@2', 3), atVersion('cloud-hands@2', 0)]).toEqual(['cloud-hands@3', 'cloud-hands']);
});

test('of all versions the newest counts by number, not by letter', () => {
  const of = (...ids: string[]) => newestOf(ids.map((id) => ({ id }))).map(({ id }) => id);
  expect(of('a', 'b', 'a@2', 'a@10', 'a@9')).toEqual(['a@10', 'b']);
  expect(of()).toEqual([]);
});
