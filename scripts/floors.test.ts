import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { allBreaches, breachesOf, circlesIn } from './floors';
import { ROOMS } from './rooms';

const what = (file: string, source: string) => breachesOf(file, source).map((breach) => breach.what);

const root = join(import.meta.dirname, '..');

test('the house as it stands keeps to its floors', () => {
  expect(allBreaches(root)).toEqual([]);
});

test('core reaching up is caught, however it reaches', () => {
  expect(what('core/body/load.ts', "import { x } from '../../web/app/store';")).toEqual([
    'core must not import from web: ../../web/app/store',
  ]);
  expect(what('core/body/load.ts', "export * from '../../server/app';")).toHaveLength(1);
  expect(what('core/body/load.ts', "const x = await import('../../demo/load');")).toHaveLength(1);
});

test('core knows no React, DOM, Node, network, clock or chance', () => {
  expect(what('core/a.ts', "import React from 'react';")).toEqual(['core must not know the package react']);
  expect(what('core/a.ts', "import { readFileSync } from 'node:fs';")).toHaveLength(1);
  expect(what('core/a.ts', 'document.title = "x"; fetch("/");')).toEqual([
    'core must not use document',
    'core must not use fetch',
  ]);
  expect(what('core/a.ts', 'const now = Date.now(); const r = Math.random();')).toEqual([
    'core must not use Date',
    'core must not use Math.random',
  ]);
  expect(what('core/a.test.ts', "import fc from 'fast-check'; new Date();")).toEqual([]);
});

test('server and web read the time of day in one place each', () => {
  const said = (name: string) => `the time of day comes from the clock of the floor, not from ${name}`;
  expect(what('web/places/a.tsx', 'const a = new Date(); const b = new Date(a);')).toEqual([said('new Date()')]);
  expect(what('server/a.ts', 'dayjs().format(); dayjs(0); Date.now();')).toEqual([said('dayjs()'), said('Date.now')]);
  expect(what('server/clock/clock.ts', 'dayjs(Date.now());')).toEqual([]);
  expect(what('web/places/a.test.tsx', 'new Date();')).toEqual([]);
});

test('web may use core but not the server or its packages', () => {
  expect(what('web/places/a.tsx', "import { y } from '../../core/body/load'; const a = <b />;")).toEqual([]);
  expect(what('web/places/a.tsx', "import { y } from '../../server/app';")).toHaveLength(1);
  expect(what('web/places/a.tsx', "import Database from 'better-sqlite3';")).toHaveLength(1);
});

test.each([
  ['core/body/figure/limb.ts', "import type { Finding } from '../../session/findings/finding/finding';"],
  ['core/movement/walk/stride.ts', "import { bridgeBetween } from '../bridge/bridge';"],
  ['core/timing/pace.ts', "import type { Session } from '../session/plan/session';"],
  ['core/session/findings/finding/weigh.ts', "import { judgeClass } from '../judge';"],
  ['server/store/logs.ts', "import { logRoutes } from '../routes/logs';"],
  ['web/app/api.ts', "const page = () => import('../places/today/Today');"],
  ['web/drawing/sole.ts', "import { SlotBar } from '../class/SlotBar';"],
  ['web/places/sessions/draft/draft.ts', "import { Line } from '../desk/order/Line';"],
])('an import that goes up inside a floor is caught: %s', (file, source) => {
  expect(what(file, source)).toHaveLength(1);
  // A test may look up within its floor.
  expect(what(file.replace('.ts', '.test.ts'), source)).toEqual([]);
});

test('rooms side by side know nothing of each other', () => {
  expect(what('web/places/today/Today.tsx', "import { Teach } from '../teach/Teach';")).toEqual([
    'web/places/today must not import from web/places/teach: ../teach/Teach',
  ]);
});

test('files that import each other in a circle are caught, however long it is', () => {
  const circles = circlesIn(
    new Map([
      ['core/a', ['core/b', 'core/d']],
      ['core/b', ['core/c']],
      ['core/c', ['core/a']],
      ['core/d', []],
    ]),
  );
  expect(circles.map((circle) => circle.what)).toEqual(['goes round: core/a -> core/b -> core/c -> core/a']);
});

/** Rooms in which every file is of one kind may hold more than one can take in at a look. */
const OF_ONE_KIND = ['core/session/findings/checks'];

test('every room is there, and holds no more than fifteen files unless they are all of one kind', () => {
  const rooms = Object.values(ROOMS).flat(2);
  expect(rooms.filter((room) => !existsSync(join(root, room)))).toEqual([]);
  const crowded = rooms.filter(
    (room) =>
      !OF_ONE_KIND.includes(room) &&
      readdirSync(join(root, room)).filter((file) => /\.tsx?$/.test(file) && !file.includes('.test.')).length > 15,
  );
  expect(crowded).toEqual([]);
});

test('every file of a floor with rooms stands in one', () => {
  const homeless = Object.keys(ROOMS).flatMap((floor) =>
    readdirSync(join(root, floor), { recursive: true, encoding: 'utf8' })
      .map((file) => `${floor}/${file}`)
      .filter((file) => /\.tsx?$/.test(file) && !file.includes('.test.') && !file.startsWith('core/testing/'))
      .filter(
        (file) =>
          !Object.values(ROOMS)
            .flat(2)
            .some((room) => file.startsWith(`${room}/`)),
      ),
  );
  expect(homeless).toEqual([]);
});
