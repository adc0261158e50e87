import { inBreath, line, movement, outBreath, plan, timelineFor } from '../../testing/sample';
import { beginTeaching, type Teaching } from '../standing/teaching';
import { advance } from './advance';
import { soundsBetween } from './soundsBetween';
import { togglePause } from './steer';

const sided = movement({
  id: 'sided',
  laterality: { sides: { kind: 'each-side', first: 'left' } },
  parts: { cycle: [inBreath, outBreath] },
});
const one = plan([line({ movementId: 'sided', count: 2 })]);
const both = { ...one, sections: [...one.sections, { ...one.sections[0], kind: 'cool-down' as const }] } as typeof one;
const timeline = timelineFor(both, sided);

/** Everything that is heard while a class goes by itself, looked at so often. */
function heardAt(step: number): string[] {
  let teaching: Teaching = beginTeaching();
  const heard: string[] = [];
  while (!teaching.finished) {
    const next = advance(timeline, teaching, step);
    heard.push(...soundsBetween(timeline, teaching, next).map(({ sound, breath }) => breath ?? sound));
    teaching = next;
  }
  return heard;
}

test('each breath, each change of side and each section is heard once, however often the class is looked at', () => {
  const often = heardAt(20);
  expect(often).toEqual(heardAt(137));
  expect(often.filter((one) => one === 'in').length).toBeGreaterThan(4);
  expect(often.filter((one) => one === 'minute')).toHaveLength(Math.floor((timeline.totalMs - 1) / 60_000));
});

test('a section is heard as one though a breath begins with it', () => {
  const at = timeline.sections[1]?.startMs ?? 0;
  const before = { ...beginTeaching(), planMs: at - 5, wallMs: 5000 };
  expect(soundsBetween(timeline, before, { ...before, planMs: at + 5 }).map(({ sound }) => sound)).toEqual(['section']);
});

test('a class that stands is silent', () => {
  const now = togglePause({ ...beginTeaching(), planMs: 10_000, wallMs: 70_000 });
  expect(soundsBetween(timeline, beginTeaching(), now)).toEqual([]);
});
