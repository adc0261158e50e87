import { mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { z } from 'zod';
import { movement } from '../../core/testing/sample';
import { keptFigure } from './figure';
import { type FigureStore, openFigures } from './figureStore';

let folder: string;
let figures: FigureStore;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'vesperum-figures-'));
  figures = openFigures(folder, 'one');
});
afterEach(() => {
  figures.close();
  rmSync(folder, { recursive: true });
});
const file = () => join(folder, 'worked-out.sqlite');
const again = (version: string | null = 'one'): FigureStore => {
  figures.close();
  figures = openFigures(folder, version);
  return figures;
};

test('a figure is there again after a start, for the same content and the same version only', () => {
  figures.keep('length', 'tuesday', 'as it was', { minutes: 60 });
  expect(again().find('length', 'tuesday', 'as it was')).toEqual({ minutes: 60 });
  expect(figures.find('length', 'tuesday', 'as it is now')).toBeUndefined();
  expect(figures.find('length', 'friday', 'as it was')).toBeUndefined();
  expect(again('two').find('length', 'tuesday', 'as it was')).toBeUndefined();
  // What the other version had worked out is gone for good.
  expect(again().find('length', 'tuesday', 'as it was')).toBeUndefined();
});

test('a file that is damaged is replaced, and one that cannot be made is done without', () => {
  figures.close();
  writeFileSync(file(), 'no database at all');
  figures = openFigures(folder, 'one');
  figures.keep('length', 'tuesday', 'content', 1);
  expect(again().find('length', 'tuesday', 'content')).toBe(1);
  figures.close();
  figures = openFigures(join(folder, 'nowhere'), 'one');
  figures.keep('length', 'tuesday', 'content', 2);
  expect(figures.find('length', 'tuesday', 'content')).toBe(2);
});

test('a version that keeps changing leaves nothing behind, and the file is for its owner only', () => {
  expect((statSync(file()).mode & 0o777).toString(8)).toBe('600');
  const passing = openFigures(folder, null);
  passing.keep('length', 'friday', 'content', 1);
  passing.close();
  expect(again().find('length', 'friday', 'content')).toBeUndefined();
});

test('a figure is worked out again where its text, or a movement it names, is another; one that comes along is the same', () => {
  const shipped = movement({ id: 'shipped' });
  let own = movement({ id: 'my-own' });
  const find = (id: string) => [shipped, own].find((one) => one.id === id);
  let worked = 0;
  const lengthOf = (text: string, ids: readonly string[]) =>
    keptFigure('length', z.number(), { figures, find, shipped: [shipped] })('tuesday', text, () => {
      worked += 1;
      return { figure: text.length, movementIds: ids };
    });
  expect([lengthOf('four', ['shipped', 'my-own']), lengthOf('four', [])]).toEqual([4, 4]);
  expect(worked).toBe(1);
  expect(lengthOf('seven..', ['shipped', 'my-own'])).toBe(7);
  expect(worked).toBe(2);
  own = { ...own, about: 'Said otherwise.' };
  expect(lengthOf('seven..', ['shipped', 'my-own'])).toBe(7);
  expect(worked).toBe(3);
  // What is kept but is no such figure is not taken.
  figures.keep('length', 'friday', 'x', { movementIds: [], stamp: '', figure: 'a text' });
  expect(keptFigure('length', z.number(), { figures, find, shipped: [] })('friday', 'x', () => null)).toBeNull();
});
