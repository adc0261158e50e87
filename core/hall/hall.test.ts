import { analyseClass } from '../session/findings/finding/analyseClass';
import { classWith, contextWith, find as findClean, line } from '../testing/cleanClass';
import { needOf, presentWith } from '../testing/needs';
import { fc } from '../testing/properties';
import { inBreath, movement, outBreath } from '../testing/sample';
import { times } from '../testing/sweep';
import { fewestAnchors } from './anchors';
import { freeFloor } from './freeFloor';
import { acrossAndDeep, Hall, lessOn, NOTHING_LESS, wallPlaces, withLess } from './hall';
import { layClass } from './layClass';
import { beginElsewhere, meetsWall } from './meetsWall';
import { instructorPlace, isBlocked, seenInFront, sightMap } from './sight';
import { layOut, type Spot, takenBy } from './spots';
import { stationAt } from './track';
import { angleTo, foremost, headingsOf, isBehindBack } from './turns';

const hallWith = (more: Record<string, unknown> = {}): Hall =>
  Hall.parse({ id: 'plain', name: 'Plain', length: 10, breadth: 6, front: 'long', chairs: 4, wall: 3, ...more });
const room = (metres: number) => ({ left: metres, right: metres, front: metres, back: metres });
const open = (wide: number, deep: number) => ({ floor: { left: 0, right: wide, back: 0, front: deep }, keptOut: [] });

describe('a hall', () => {
  test('is four numbers and a front, and the length is the longer', () => {
    expect(acrossAndDeep(hallWith())).toEqual({ across: 10, deep: 6 });
    expect(acrossAndDeep(hallWith({ front: 'short' }))).toEqual({ across: 6, deep: 10 });
    expect(Hall.safeParse({ ...hallWith(), breadth: 11 }).error?.issues[0]?.path).toEqual(['breadth']);
    expect(wallPlaces(hallWith())).toBe(2);
  });

  test('has less of its floor on one evening only, and nothing less is nothing written', () => {
    const less = { ...NOTHING_LESS, front: 2 };
    const tonight = withLess(hallWith(), '2026-11-27', less);
    expect(lessOn(tonight, '2026-11-27')).toEqual(less);
    expect(lessOn(tonight, '2026-11-28')).toEqual(NOTHING_LESS);
    expect(withLess(tonight, '2026-11-27', NOTHING_LESS).nights).toEqual([]);
  });

  test('keeps a strip along the front for the instructor, and is never less than none', () => {
    expect(freeFloor(hallWith()).floor).toEqual({ left: 0, right: 10, back: 0, front: 4.5 });
    expect(freeFloor(hallWith(), { front: 2, behind: 1, left: 1, right: 0.5 }).floor).toEqual({
      left: 1,
      right: 9.5,
      back: 1,
      front: 2.5,
    });
    const none = freeFloor(hallWith(), { front: 9, behind: 9, left: 9, right: 9 }).floor;
    expect(none.right - none.left).toBeGreaterThanOrEqual(0);
    expect(none.front).toBe(none.back);
  });
});

describe('how many fit', () => {
  // By hand: of 6 m, a metre at each side is kept, so 4 m take 3 at 2 m; of 4 m deep, 2 m take 2.
  test('is counted in plain halls', () => {
    expect(layOut(open(6, 4), room(1), 2).spots).toHaveLength(6);
    expect(layOut(open(2, 2), room(1), 2).spots).toHaveLength(1);
    expect(layOut(open(1.9, 5), room(1), 2).spots).toHaveLength(0);
    // Three rows of 2 m want 4 m; in the gaps of each other only 3.46: 3 + 2 + 3.
    expect(layOut(open(6, 5.5), room(1), 2).spots).toHaveLength(8);
  });

  test('nobody stands nearer than the pitch, off the floor or in what is kept out', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 3, max: 14, noNaN: true }),
        fc.double({ min: 3, max: 14, noNaN: true }),
        fc.double({ min: 1.5, max: 3, noNaN: true }),
        fc.double({ min: 0, max: 10, noNaN: true }),
        (wide, deep, pitch, at) => {
          const out = { left: at, right: at + 1.5, back: 0, front: 2 };
          const { spots } = layOut({ ...open(wide, deep), keptOut: [out] }, room(0.8), pitch);
          for (const [place, { x, y }] of spots.entries()) {
            expect(x).toBeGreaterThanOrEqual(0.8 - 1e-6);
            expect(x).toBeLessThanOrEqual(wide - 0.8 + 1e-6);
            expect(y).toBeLessThanOrEqual(deep - 0.8 + 1e-6);
            const isIn = x + 0.8 > out.left + 1e-6 && x - 0.8 < out.right - 1e-6 && y - 0.8 < out.front - 1e-6;
            expect(isIn).toBe(false);
            for (const other of spots.slice(place + 1))
              expect(Math.hypot(other.x - x, other.y - y)).toBeGreaterThanOrEqual(pitch - 1e-6);
          }
        },
      ),
      { numRuns: times(600, 60) },
    );
  });

  /** The most points so far apart on a grid of a quarter of a metre, by trying everything. */
  function exactly(wide: number, deep: number, pitch: number): number {
    const points: Spot[] = [];
    for (let y = 0; y <= deep + 1e-9; y += 0.25) for (let x = 0; x <= wide + 1e-9; x += 0.25) points.push({ x, y });
    let best = 0;
    const place = (left: readonly Spot[], count: number): void => {
      best = Math.max(best, count);
      if (best >= 9) return;
      for (const [at, point] of left.entries()) {
        if (count + left.length - at <= best) return;
        place(
          left.slice(at + 1).filter(({ x, y }) => Math.hypot(x - point.x, y - point.y) >= pitch - 1e-9),
          count + 1,
        );
      }
    };
    place(points, 0);
    return best;
  }

  test.each([
    [2, 0, 2],
    [2, 2, 2],
    [2.5, 1.75, 2],
    [1, 1, 2],
    [3, 2, 2],
    [4, 0.5, 2],
    [2, 1.75, 2],
  ])('%s by %s m at %s m: as many as an exact search finds', (wide, deep, pitch) => {
    expect(layOut(open(wide + 2, deep + 2), room(1), pitch).spots).toHaveLength(exactly(wide, deep, pitch));
  });

  test('fewer than fit stand in front, in the middle', () => {
    const layout = layOut(open(6, 4), room(1), 2);
    expect(takenBy(layout, 4).map(({ x, y }) => [x, y])).toEqual([
      [1, 3],
      [3, 3],
      [5, 3],
      [3, 1],
    ]);
  });
});

const GRID: readonly Spot[] = [2, 0].flatMap((y) => [0, 2, 4].map((x) => ({ x, y })));

describe('when the class turns', () => {
  test('the headings are told to an eighth of a turn, and what is only passed through is none', () => {
    const piece = (itemId: string, seconds: number, facing: number) => ({
      itemId,
      seconds,
      startMs: 0,
      demand: { facing },
    });
    expect(headingsOf([piece('a', 60, 3), piece('b', 20, -92), piece('b', 2, 180), piece('a', 10, -5)])).toEqual([
      { heading: 0, seconds: 70, lines: ['a'] },
      { heading: 270, seconds: 20, lines: ['b'] },
    ]);
  });

  test('the back row becomes the front, and the left file when it turns left', () => {
    expect(foremost(GRID, 0, 2)).toEqual([0, 1, 2]);
    expect(foremost(GRID, 180, 2)).toEqual([3, 4, 5]);
    expect(foremost(GRID, 270, 2)).toEqual([0, 3]);
  });

  test('somebody is behind one’s back from a hundred degrees on', () => {
    expect(angleTo({ x: 0, y: 0 }, 0, { x: 1, y: 0 })).toBeCloseTo(90);
    expect(angleTo({ x: 0, y: 0 }, 270, { x: 1, y: 0 })).toBeCloseTo(180);
    expect(isBehindBack({ x: 0, y: 0 }, 0, { x: 1, y: 0 })).toBe(false);
    expect(isBehindBack({ x: 0, y: 0 }, 180, { x: 0, y: 5 })).toBe(true);
  });

  test('two corners serve four headings', () => {
    const fronts = [0, 90, 180, 270].map((heading) => foremost(GRID, heading, 2));
    expect(fewestAnchors(GRID, fronts)).toHaveLength(2);
    expect(fewestAnchors(GRID, [])).toEqual([]);
  });

  test('anchors are the fewest that leave no heading without one, as trying all of them finds', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.tuple(fc.integer({ min: 0, max: 3 }), fc.integer({ min: 0, max: 2 })), {
          minLength: 2,
          maxLength: 8,
          selector: ([x, y]) => 10 * x + y,
        }),
        fc.uniqueArray(fc.constantFrom(0, 45, 90, 135, 180, 225, 270, 315), { minLength: 1, maxLength: 5 }),
        (places, headings) => {
          const spots = places.map(([x, y]) => ({ x: 2 * x, y: 2 * y }));
          const fronts = headings.map((heading) => foremost(spots, heading, 2));
          let least = Number.POSITIVE_INFINITY;
          for (let mask = 0; mask < 1 << spots.length; mask += 1) {
            const held = fronts.every((front) => front.some((place) => (mask >> place) & 1));
            if (held) least = Math.min(least, mask.toString(2).replaceAll('0', '').length);
          }
          const found = fewestAnchors(spots, fronts);
          expect(found === null ? 5 : found.length).toBe(Math.min(5, least));
          for (const front of found ? fronts : []) expect(front.some((place) => found?.includes(place))).toBe(true);
        },
      ),
      { numRuns: times(2000, 200) },
    );
  });
});

describe('the wall', () => {
  const floor = open(8, 6);
  const spots = [
    { x: 2, y: 4 },
    { x: 6, y: 4 },
  ];
  const station = (segment: number, x: number, y = 0) => ({ segment, itemId: 'walk', atMs: 1000 * segment, x, y });
  const sweepOf = () => room(0.75);

  test('is met at the first step that comes too far, with the edge and how far over', () => {
    const track = [station(0, 0), station(1, 0.5), station(2, 1), station(3, 1.5), station(4, 2)];
    expect(meetsWall(floor, spots, track, sweepOf)).toEqual({
      itemId: 'walk',
      segment: 3,
      atMs: 3000,
      edge: 'right',
      over: 0.25,
    });
    expect(meetsWall(floor, spots, track.slice(0, 3), sweepOf)).toBeNull();
  });

  test('what stands on the floor is met as a wall is', () => {
    const withPiano = { ...floor, keptOut: [{ left: 7, right: 8, back: 3, front: 5 }] };
    const track = [station(0, 0), station(1, 0.2), station(2, 0.5)];
    expect(meetsWall(withPiano, spots, track, sweepOf)).toMatchObject({ edge: 'thing', segment: 2, over: 0.25 });
    expect(
      meetsWall({ ...floor, keptOut: [{ left: 7, right: 8, back: 0, front: 3 }] }, spots, track, sweepOf),
    ).toBeNull();
  });

  test('beginning elsewhere is offered only where it helps, and then helps', () => {
    const track = [station(0, 0), station(1, 2)];
    const elsewhere = beginElsewhere(floor, spots, track, sweepOf);
    expect(elsewhere).toEqual({ to: 'left', metres: 1 });
    expect(meetsWall(floor, spots, track, sweepOf, { x: -1, y: 0 })).toBeNull();
    expect(beginElsewhere(floor, spots, [station(0, -2), station(1, 2)], sweepOf)).toBeNull();
  });

  test('where the class is can be asked at any moment', () => {
    const track = [station(0, 0), station(5, 1), station(9, 0)];
    expect([0, 4999, 5000, 20_000].map((at) => stationAt(track, at)?.x)).toEqual([0, 0, 1, 0]);
  });
});

describe('who sees the instructor', () => {
  const ahead = [{ heading: 0, seconds: 600, lines: ['a'] }];
  const area = { left: -1, right: 5, back: -1, front: 5 };

  test('a body straight between hides the instructor, one beside does not', () => {
    const viewer = { x: 0, y: 0 };
    expect(isBlocked(viewer, { x: 0, y: 4 }, [{ x: 0, y: 2 }])).toBe(true);
    expect(isBlocked(viewer, { x: 0, y: 4 }, [{ x: 0.3, y: 2 }])).toBe(false);
    expect(isBlocked(viewer, { x: 0, y: 4 }, [{ x: 0, y: 5 }])).toBe(false);
  });

  test('they stay in the middle of the front where all see them most of the time', () => {
    const map = sightMap(GRID.slice(0, 3), area);
    expect(seenInFront(map, ahead)).toMatchObject({ at: { x: 2, y: 4.5 }, seen: 1 });
    expect(instructorPlace(map, ahead).at).toEqual({ x: 2, y: 4.5 });
  });

  test('they walk to the other side for a line that looks to the back for ten minutes, not for half a minute', () => {
    const map = sightMap(GRID.slice(0, 3), area);
    const back = (seconds: number) => [{ heading: 180, seconds, lines: ['a'] }];
    expect(instructorPlace(map, back(600)).at.y).toBeLessThan(2);
    expect(instructorPlace(map, back(600)).seen).toBe(1);
    expect(instructorPlace(map, back(30)).at).toEqual({ x: 2, y: 4.5 });
  });
});

describe('a class laid over a hall', () => {
  const analysed = (main: ReturnType<typeof line>[], present = presentWith()) => {
    const answer = analyseClass(classWith({ main }), contextWith({ present }));
    if (!answer) throw new Error('a class of known movements');
    return answer;
  };
  const request = (more = {}) => ({ hall: hallWith(more), less: NOTHING_LESS, people: 6, seenBy: {}, beginners: 0 });

  test('tells how many fit at each line, and more where less of the floor is taken', () => {
    const report = layClass(analysed([line('lift', 3)]), request());
    expect(report.lines.length).toBeGreaterThan(0);
    for (const one of report.lines) expect(one.pitch).toBeGreaterThanOrEqual(1.2 * 1.9);
    const smaller = layClass(analysed([line('lift', 3)]), { ...request(), less: { ...NOTHING_LESS, left: 4 } });
    for (const [at, { fits }] of report.lines.entries()) expect(smaller.lines[at]?.fits).toBeLessThan(fits);
  });

  test('a mirrored hall has the mirrored answer', () => {
    const keepOuts = [{ name: 'piano', x: 0, y: 0, across: 2, deep: 3 }];
    const mirrored = [{ name: 'piano', x: 8, y: 0, across: 2, deep: 3 }];
    const of = analysed([line('lift', 3)]);
    const one = layClass(of, request({ keepOuts }));
    const other = layClass(of, request({ keepOuts: mirrored }));
    expect(one.lines).toEqual(other.lines);
    expect(one.spots).toHaveLength(other.spots.length);
  });

  test('a class that turns its back names who is foremost, that the instructor is behind them, and one anchor', () => {
    const report = layClass(analysed([line('turned', 60)]), request({ length: 12, breadth: 10 }));
    const turned = report.fronts.find(({ heading }) => heading === 90);
    expect(turned?.behind).toBe(turned?.foremost.length);
    expect(turned?.knowing).toBe(0);
    expect(report.anchors).toHaveLength(1);
    expect(turned?.foremost).toContain(report.anchors?.[0]);
    expect(report.walkRound).toBeGreaterThan(5);
  });

  test('side steps on too narrow a floor name the line at which the row meets the wall; on a wide one nothing', () => {
    const main = [line('sidesteps', 16)];
    const narrow = layClass(analysed(main), { ...request({ length: 7, breadth: 6 }), people: 6 });
    expect(narrow.wall?.itemId).toMatch(/^sidesteps/);
    expect(narrow.wall?.edge).toBe('left');
    const wide = layClass(analysed(main), { ...request({ length: 30, breadth: 8 }), people: 3 });
    expect(wide.wall).toBeNull();
  });

  test('a line on chairs has room for no more than there are chairs', () => {
    const sat = { stance: 'seated', load: { left: 10, right: 10, seat: 80 }, sink: 0, arms: 'resting-on-thighs' };
    const chair = movement({
      id: 'on-chair',
      start: sat,
      seated: true,
      parts: { cycle: [inBreath, outBreath].map((phase) => ({ ...phase, to: {} })) },
    });
    const plan = classWith({ main: [line('on-chair', 3)] });
    const find = (id: string) => (id === 'on-chair' ? chair : findClean(id));
    const answer = analyseClass(plan, { ...contextWith(), find });
    if (!answer) throw new Error('a class of known movements');
    const fits = (chairs: number) =>
      layClass(answer, request({ chairs })).lines.find(({ itemId }) => itemId.startsWith('on-chair'))?.fits;
    expect(fits(3)).toBe(3);
    expect(fits(50)).toBeGreaterThan(3);
  });

  test('a quarter turn at the beginning is offered where they then see more', () => {
    // A class that stands turned to the right all the time sees more when it begins turned to the left.
    const answer = analyseClass(
      {
        ...classWith(),
        sections: classWith().sections.map((section) => ({
          ...section,
          items: section.items.map((item) => (item.kind === 'movement' ? { ...item, facing: 90 } : item)),
        })),
      },
      contextWith(),
    );
    if (!answer) throw new Error('a class of known movements');
    const report = layClass(answer, request({ length: 12, breadth: 10 }));
    expect(report.turned?.quarter).toBe('left');
    expect(report.turned?.after).toBeGreaterThan((report.turned?.before ?? 1) + 0.1);
    expect(layClass(analysed([line('lift', 3)]), request()).turned).toBeNull();
  });

  test('tells at each heading how many see the instructor, and how many fit with room for all the way', () => {
    const report = layClass(analysed([line('turned', 60)]), request({ length: 12, breadth: 10 }));
    const at = (heading: number) => report.fronts.find((front) => front.heading === heading)?.seen ?? -1;
    expect(at(0)).toBeGreaterThan(0.6);
    expect(at(90)).toBeLessThan(at(0));
    expect(report.fitWithWay).toBeGreaterThan(0);
    const walking = layClass(analysed([line('sidesteps', 16)]), request({ length: 12, breadth: 10 }));
    expect(walking.fitWithWay).toBeLessThanOrEqual(report.fitWithWay);
  });

  test('counts beginners against the places that have somebody ahead, and those who want something near', () => {
    const present = presentWith([needOf('chair-near')], [needOf('wall-near'), needOf('chair-near')]);
    const report = layClass(analysed([line('lift', 3)], present), { ...request(), beginners: 3 });
    expect(report.ahead.beginners).toBe(3);
    expect(report.ahead.places).toBe(report.spots.length - report.frontRow.places);
    // Four chairs, and two places by three metres of wall.
    expect(report.nearHold).toEqual({ wished: 2, places: 6 });
  });

  test('counts those who want the front row', () => {
    const present = presentWith([needOf('front-row')], [needOf('pauses')]);
    expect(layClass(analysed([line('lift', 3)], present), request()).frontRow).toMatchObject({ wished: 1 });
  });
});
