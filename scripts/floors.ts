import { readdirSync, readFileSync } from 'node:fs';
import { dirname, extname, join, relative, resolve, sep } from 'node:path';
import { parseSync } from '@swc/core';
import { RESTS_ON, ROOMS } from './rooms';

/** What the tests of a floor may borrow from above: the demo world is what the server is tried on. */
const TESTS_BORROW: Readonly<Record<string, readonly string[]>> = { server: ['demo'] };

/** The packages core may use: they compute and touch nothing outside. */
const CORE_PACKAGES = [
  'zod',
  'fuse.js',
  'd3-polygon',
  'papaparse',
  'fast-deep-equal',
  'remeda',
  'tinyqueue',
  'diff',
  'dayjs',
  'dayjs/plugin/utc.js',
  'dayjs/plugin/timezone.js',
  'ical-generator',
  'ical.js',
  'timezones-ical-library',
];
/** Its tests may use these too: made-up cases, and a general solver to be measured against. */
const CORE_TEST_PACKAGES = [...CORE_PACKAGES, 'fast-check', 'highs'];
/** Web works in the browser and calls the server by its address only. */
const WEB_FORBIDDEN = /^(node:|hono|@hono|better-sqlite3)/;

/** What core must not name: the outside world and the clock. */
const CORE_GLOBALS = /^(window|document|navigator|localStorage|fetch|process|performance|setTimeout|setInterval|Date)$/;

/** The floors that have a time of day, and the two files that read it: tests set it there. */
const TIMED = ['server', 'web', 'demo', 'devices'];
const CLOCKS = ['server/clock/clock.ts', 'web/app/machine/clock.ts'];

export interface Breach {
  readonly file: string;
  readonly what: string;
}

interface Found {
  readonly imports: string[];
  readonly globals: string[];
  /** Ways of reading the time of day. */
  readonly clocks: string[];
}

/** As much of a syntax tree's node as is asked for here. */
interface SyntaxNode {
  readonly type?: string;
  readonly value?: unknown;
  readonly source?: SyntaxNode | null;
  readonly callee?: SyntaxNode;
  readonly arguments?: readonly { readonly expression: SyntaxNode }[] | null;
  readonly object?: SyntaxNode;
  readonly property?: SyntaxNode;
}

const IMPORTING = /^(Import|ExportNamed|ExportAll)Declaration$/;

/** Walks a syntax tree for what it imports and which outside names it uses. */
function walk(node: SyntaxNode | readonly SyntaxNode[] | null | undefined, found: Found): void {
  if (typeof node !== 'object' || node === null) return;
  if (Array.isArray(node)) {
    for (const child of node) walk(child, found);
    return;
  }
  const { type = '', value, source, callee, arguments: given, object, property } = node as SyntaxNode;
  if (IMPORTING.test(type) && typeof source?.value === 'string') found.imports.push(source.value);
  const loaded = given?.[0]?.expression.value;
  if (type === 'CallExpression' && callee?.type === 'Import' && typeof loaded === 'string') found.imports.push(loaded);
  if (type === 'Identifier' && typeof value === 'string' && CORE_GLOBALS.test(value)) found.globals.push(value);
  if (given?.length === 0 && type === 'NewExpression' && callee?.value === 'Date') found.clocks.push('new Date()');
  if (given?.length === 0 && type === 'CallExpression' && callee?.value === 'dayjs') found.clocks.push('dayjs()');
  if (type === 'MemberExpression') {
    if (object?.value === 'Date' && property?.value === 'now') found.clocks.push('Date.now');
    if (object?.value === 'Math' && property?.value === 'random') found.globals.push('Math.random');
    // The name after a dot belongs to the object before it.
    walk(object, found);
    if (property?.type === 'Computed') walk(property, found);
    return;
  }
  for (const child of Object.values(node)) walk(child, found);
}

function namesIn(file: string, source: string): Found {
  const found: Found = { imports: [], globals: [], clocks: [] };
  const { body } = parseSync(source, { syntax: 'typescript', tsx: file.endsWith('.tsx') });
  walk(body as SyntaxNode[], found);
  return found;
}

const pathFrom = (file: string, name: string): string => relative('.', resolve(dirname(file), name));

/** The files of the house among what a file imports. */
const importedFrom = (file: string, names: readonly string[]): string[] =>
  names.filter((name) => name.startsWith('.')).map((name) => pathFrom(file, name));

interface Room {
  readonly path: string;
  /** How far up it lies on its floor. */
  readonly step: number;
}

const ALL_ROOMS: readonly Room[] = Object.values(ROOMS).flatMap((steps) =>
  steps.flatMap((rooms, step) => [rooms].flat().map((path) => ({ path, step }))),
);

/** The innermost room a file stands in; undefined where its floor has no rooms, or it stands in none of them. */
const roomOf = (file: string): Room | undefined =>
  ALL_ROOMS.filter(({ path }) => file.startsWith(`${path}/`)).toSorted((a, b) => b.path.length - a.path.length)[0];

/** What is wrong with a file of one floor reaching for another of the same floor; null where nothing is. */
function betweenRooms(file: string, target: string): string | null {
  const [from, to] = [roomOf(file), roomOf(target)];
  if (!from || !to || from.path === to.path || to.step < from.step) return null;
  return `${from.path} must not import from ${to.path}`;
}

/**
 * The breaches of one file against the rule that imports only go down.
 * @param file its path from the root of the house, such as `core/body/load.ts`
 */
export const breachesOf = (file: string, source: string): Breach[] => breachesIn(file, namesIn(file, source));

function breachesIn(file: string, found: Found): Breach[] {
  const [floor = ''] = file.split('/');
  const allowed = RESTS_ON[floor];
  if (!allowed) return [];
  const isTest = file.includes('.test.') || file.includes('/testing/');
  const breaches: string[] = [];
  for (const name of found.imports) {
    if (name.startsWith('.')) {
      const path = pathFrom(file, name);
      const target = path.split(sep)[0] ?? '';
      const borrowed = isTest && TESTS_BORROW[floor]?.includes(target);
      const up = target === floor && !isTest ? betweenRooms(file, path) : null;
      if (up !== null) breaches.push(`${up}: ${name}`);
      else if (target !== floor && !allowed.includes(target) && !borrowed)
        breaches.push(`${floor} must not import from ${target}: ${name}`);
    } else if (floor === 'core' && !(isTest ? CORE_TEST_PACKAGES : CORE_PACKAGES).includes(name)) {
      breaches.push(`core must not know the package ${name}`);
    } else if (floor === 'web' && WEB_FORBIDDEN.test(name)) {
      breaches.push(`web must not know the package ${name}`);
    }
  }
  if (floor === 'core' && !isTest) breaches.push(...found.globals.map((name) => `core must not use ${name}`));
  if (TIMED.includes(floor) && !isTest && !CLOCKS.includes(file))
    breaches.push(...found.clocks.map((name) => `the time of day comes from the clock of the floor, not from ${name}`));
  return breaches.map((what) => ({ file, what }));
}

/**
 * Every way in which files import each other in a circle, each told once, from the file that closes it.
 * @param imports what each file imports, as paths without their ending
 */
export function circlesIn(imports: ReadonlyMap<string, readonly string[]>): Breach[] {
  const circles: Breach[] = [];
  const done = new Set<string>();
  const visit = (file: string, path: readonly string[]): void => {
    const from = path.indexOf(file);
    if (from >= 0) circles.push({ file, what: `goes round: ${[...path.slice(from), file].join(' -> ')}` });
    if (from >= 0 || done.has(file)) return;
    for (const next of imports.get(file) ?? []) visit(next, [...path, file]);
    done.add(file);
  };
  for (const file of imports.keys()) visit(file, []);
  return circles;
}

/** All breaches in the house. */
export function allBreaches(root: string): Breach[] {
  const files = Object.keys(RESTS_ON).flatMap((floor) =>
    readdirSync(join(root, floor), { recursive: true, encoding: 'utf8' })
      .filter((file) => ['.ts', '.tsx'].includes(extname(file)))
      .map((file) => `${floor}/${file}`)
      .map((file) => ({ file, found: namesIn(file, readFileSync(join(root, file), 'utf8')) })),
  );
  const imports = new Map(
    files.map(({ file, found }) => [file.replace(/\.tsx?$/, ''), importedFrom(file, found.imports)]),
  );
  return [...files.flatMap(({ file, found }) => breachesIn(file, found)), ...circlesIn(imports)];
}
