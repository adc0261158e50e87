import { readdirSync, readFileSync } from 'node:fs';
import { dirname, extname, join, relative, resolve, sep } from 'node:path';
import { parseSync } from '@swc/core';

/** The floors of the house from the ground up. Each may import from itself and from those it rests on. */
const RESTS_ON: Readonly<Record<string, readonly string[]>> = {
  core: [],
  server: ['core'],
  demo: ['core', 'server'],
  web: ['core'],
  e2e: ['core', 'server', 'demo', 'web'],
  bench: ['core', 'server', 'demo', 'web', 'e2e'],
  scripts: ['server', 'demo'],
};

/** What the tests of a floor may borrow from above: the demo world is what the server is tried on. */
const TESTS_BORROW: Readonly<Record<string, readonly string[]>> = { server: ['demo'] };

/** The packages core may use: they compute and touch nothing outside. */
const CORE_PACKAGES = ['zod', 'fuse.js', 'd3-polygon', 'papaparse', 'fast-deep-equal'];
/** Its tests may use these too: made-up cases, and a general solver to be measured against. */
const CORE_TEST_PACKAGES = [...CORE_PACKAGES, 'fast-check', 'highs'];
/** Web works in the browser and calls the server by its address only. */
const WEB_FORBIDDEN = /^(node:|hono|@hono|better-sqlite3)/;

/** What core must not name: the outside world and the clock. */
const CORE_GLOBALS = /^(window|document|navigator|localStorage|fetch|process|performance|setTimeout|setInterval|Date)$/;

export interface Breach {
  readonly file: string;
  readonly what: string;
}

interface Found {
  readonly imports: string[];
  readonly globals: string[];
}

/** As much of a syntax tree's node as is asked for here. */
interface SyntaxNode {
  readonly type?: string;
  readonly value?: unknown;
  readonly source?: SyntaxNode | null;
  readonly callee?: SyntaxNode;
  readonly arguments?: readonly { readonly expression: SyntaxNode }[];
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
  if (type === 'MemberExpression') {
    if (object?.value === 'Math' && property?.value === 'random') found.globals.push('Math.random');
    // The name after a dot belongs to the object before it.
    walk(object, found);
    if (property?.type === 'Computed') walk(property, found);
    return;
  }
  for (const child of Object.values(node)) walk(child, found);
}

/**
 * The breaches of one file against the rule that imports only go down.
 * @param file its path from the root of the house, such as `core/body/load.ts`
 */
export function breachesOf(file: string, source: string): Breach[] {
  const [floor = ''] = file.split('/');
  const allowed = RESTS_ON[floor];
  if (!allowed) return [];
  const found: Found = { imports: [], globals: [] };
  const { body } = parseSync(source, { syntax: 'typescript', tsx: file.endsWith('.tsx') });
  walk(body as SyntaxNode[], found);
  const isTest = file.includes('.test.') || file.includes('/testing/');
  const breaches: string[] = [];
  for (const name of found.imports) {
    if (name.startsWith('.')) {
      const target = relative('.', resolve(dirname(file), name)).split(sep)[0] ?? '';
      const borrowed = isTest && TESTS_BORROW[floor]?.includes(target);
      if (target !== floor && !allowed.includes(target) && !borrowed)
        breaches.push(`${floor} must not import from ${target}: ${name}`);
    } else if (floor === 'core' && !(isTest ? CORE_TEST_PACKAGES : CORE_PACKAGES).includes(name)) {
      breaches.push(`core must not know the package ${name}`);
    } else if (floor === 'web' && WEB_FORBIDDEN.test(name)) {
      breaches.push(`web must not know the package ${name}`);
    }
  }
  if (floor === 'core' && !isTest) breaches.push(...found.globals.map((name) => `core must not use ${name}`));
  return breaches.map((what) => ({ file, what }));
}

/** All breaches in the house. */
export function allBreaches(root: string): Breach[] {
  return Object.keys(RESTS_ON).flatMap((floor) =>
    readdirSync(join(root, floor), { recursive: true, encoding: 'utf8' })
      .filter((file) => ['.ts', '.tsx'].includes(extname(file)))
      .flatMap((file) => breachesOf(`${floor}/${file}`, readFileSync(join(root, floor, file), 'utf8'))),
  );
}
