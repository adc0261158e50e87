import { advance } from '../core/record/running/advance';
import { beginTeaching } from '../core/record/standing/teaching';
import { analyseClass } from '../core/session/findings/finding/analyseClass';
import { contextFor } from '../core/session/findings/finding/finding';
import { CHECKS, findingsOf, PATIENT_CHECKS } from '../core/session/findings/judge';
import { mayLastMs } from '../core/session/plan/slotTime';
import { forecastFor } from '../core/session/report/forecast';
import { slotVerdict } from '../core/session/report/slotVerdict';
import { timelineOf } from '../core/session/schedule/timeline';
import { DEMO_DAY } from './demoDay';
import { demoGroups } from './groups';
import { demoLog } from './log';
import { demoSessions } from './sessions';
import { repertoire } from './testHouse';

const find = (id: string) => repertoire.find((movement) => movement.id === id);
const sessions = demoSessions(DEMO_DAY, find);
const timed = (index: number) => {
  const session = sessions[index];
  const answer = session && timelineOf(session, find);
  if (!session || !answer?.ok) throw new Error('a demo class cannot be timed');
  return { session, timeline: answer.timeline };
};

test.each(sessions.map(({ title }, index) => [title, index] as const))(
  '%s fits its slot and belongs to a group',
  (_title, index) => {
    const { session, timeline } = timed(index);
    expect(slotVerdict(forecastFor(session, timeline, find), session).state).toBe('fits');
    expect(demoGroups.map(({ id }) => id)).toContain(session.groupId);
    expect(timeline.sections.every(({ lengthMs }) => lengthMs > 0)).toBe(true);
  },
);

test('the classes lie around the day they are made for, across the end of a month too', () => {
  expect(sessions.map(({ date }) => date)).toEqual([
    '2026-11-24',
    '2026-12-01',
    '2026-12-02',
    '2026-12-03',
    '2026-11-10',
    '2026-11-17',
  ]);
});

test('every demo class can be taught from beginning to end', () => {
  for (const index of sessions.keys()) {
    const { session, timeline } = timed(index);
    const end = advance(
      timeline,
      beginTeaching(mayLastMs(session)),
      Math.max(timeline.totalMs, mayLastMs(session)) + 1,
    );
    expect(end.finished).toBe(true);
    expect(Object.keys(end.spent)).toHaveLength(session.sections.flatMap(({ items }) => items).length);
  }
});

test('one class has findings worth mending, another nothing to object to, also where one looks longest', () => {
  const codesOf = (index: number): string[] => {
    const { session } = timed(index);
    const group = demoGroups.find(({ id }) => id === session.groupId);
    if (!group) throw new Error('a demo class has a group');
    const { strength, paceLeast, paceMost } = group.asked;
    const pace = { least: paceLeast, most: paceMost };
    const analysed = analyseClass(session, contextFor({ strength, pace, known: null }, find, repertoire));
    return analysed ? findingsOf(analysed, [...CHECKS, ...PATIENT_CHECKS]).map(({ code }) => code) : ['unknown'];
  };
  expect(codesOf(1)).toEqual(expect.arrayContaining(['strained', 'cool-down-low']));
  expect(codesOf(3)).toEqual([]);
});

test('three classes were taught, and their records hang together: the lines sum to the time between beginning and end', () => {
  const logs = sessions.flatMap((session, index) => {
    const log = demoLog(session, find);
    return log ? [{ log, timeline: timed(index).timeline }] : [];
  });
  expect(logs.map(({ log }) => log.sessionId).sort()).toEqual(['evening-week-1', 'evening-week-2', 'evening-week-3']);
  for (const { log, timeline } of logs) {
    const taught = Date.parse(log.endedAt) - Date.parse(log.startedAt);
    const sum = log.items.reduce((total, { actualMs }) => total + actualMs, 0);
    expect(Math.abs(sum - taught)).toBeLessThan(log.items.length);
    expect(log.items.reduce((total, { plannedMs }) => total + plannedMs, 0)).toBe(timeline.totalMs);
    expect(log.items.some(({ outcome }) => outcome === 'left out')).toBe(true);
  }
});
