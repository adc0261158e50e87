import { join } from 'node:path';
import { allBreaches, breachesOf } from './floors';

const what = (file: string, source: string) => breachesOf(file, source).map((breach) => breach.what);

test('the house as it stands keeps to its floors', () => {
  expect(allBreaches(join(import.meta.dirname, '..'))).toEqual([]);
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

test('web may use core but not the server or its packages', () => {
  expect(what('web/places/a.tsx', "import { y } from '../../core/body/load'; const a = <b />;")).toEqual([]);
  expect(what('web/places/a.tsx', "import { y } from '../../server/app';")).toHaveLength(1);
  expect(what('web/places/a.tsx', "import Database from 'better-sqlite3';")).toHaveLength(1);
});
