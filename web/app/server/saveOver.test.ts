import type { FetchArgs } from '@reduxjs/toolkit/query/react';
import { contentTag } from '../../../core/words/contentTag';
import { saveOver } from './saveOver';

interface Hall {
  readonly id: string;
  readonly name: string;
  readonly chairs: number;
}
const opened: Hall = { id: 'hall', name: 'Tram shed', chairs: 4 };

/** A server that has one hall, and refuses what was made from another version. */
function server(there: Hall) {
  const asked: FetchArgs[] = [];
  let now = there;
  const ask = (async (args: FetchArgs) => {
    asked.push(args);
    const match = (args.headers as Record<string, string>)['if-match'];
    if (match !== undefined && match !== contentTag(now))
      return { error: { status: 409, data: { title: 'Changed elsewhere', stored: now } } };
    now = args.body as Hall;
    return { data: now };
  }) as Parameters<typeof saveOver>[2];
  return { ask, asked, now: () => now };
}

test('where the other window changed another field, both changes are kept', async () => {
  const { ask, asked, now } = server({ ...opened, chairs: 9 });
  const answer = await saveOver({ thing: { ...opened, name: 'Depot' }, basedOn: opened }, 'halls/hall', ask);
  expect('data' in answer).toBe(true);
  expect(now()).toEqual({ id: 'hall', name: 'Depot', chairs: 9 });
  expect(asked).toHaveLength(2);
});

test('where it changed the same field it is refused, and nothing is written', async () => {
  const { ask, now } = server({ ...opened, name: 'Goods office' });
  const answer = await saveOver({ thing: { ...opened, name: 'Depot' }, basedOn: opened }, 'halls/hall', ask);
  expect(answer).toMatchObject({ error: { status: 409, data: { stored: { name: 'Goods office' } } } });
  expect(now().name).toBe('Goods office');
});

test('something new says that it is', async () => {
  const { ask, asked } = server(opened);
  await saveOver({ thing: { ...opened, id: 'new' }, basedOn: null }, 'halls/new', ask);
  expect(asked[0]?.headers).toEqual({ 'if-none-match': '*' });
});
