import { movement, phase } from '../../testing/sample';
import { timedAtPace } from '../../timing/trackAtPace';
import { footworkFindings } from '../footwork/footwork';
import { walkMovement } from '../walk/walkMovement';
import { asTaught, rulesOf, Schools, USUAL_SCHOOLS } from './schools';

const span = { kind: 'span' as const, share: 1 };
const rocking = movement({
  laterality: { sides: { kind: 'each-side', first: 'left' } },
  start: { stance: 'bow', side: 'left', load: { left: 70, right: 30 }, sink: 46, arms: 'hanging' },
  parts: {
    cycle: [
      phase({ breath: 'in', length: span, to: { load: { left: 20, right: 80 } }, call: 'Back' }),
      phase({ breath: 'out', length: span, to: { load: { left: 70, right: 30 } }, call: 'Forward' }),
    ],
  },
});
const stepping = movement({
  laterality: { sides: { kind: 'each-side', first: 'left' } },
  start: { stance: 'step-ready', side: 'left', load: { left: 10, right: 90 }, sink: 40, arms: 'hanging' },
  parts: {
    cycle: [
      phase({
        breath: 'out',
        length: span,
        to: { stance: 'bow', side: 'left', load: { left: 70, right: 30 }, sink: 46 },
        call: 'Step',
      }),
    ],
  },
});
const loads = (of: ReturnType<typeof movement>) =>
  walkMovement(of, { side: 'left' }).map(({ stride }) => stride.to.load.left);
const schools = (written: Partial<Schools>) => Schools.parse(written);

test('a bow of the usual share has the school’s; one with a share of its own keeps it', () => {
  expect(loads(asTaught(stepping, schools({ frontShare: 60 })))).toEqual([60]);
  expect(loads(asTaught(stepping, schools({ frontShare: 100 })))).toEqual([100]);
  expect(loads(asTaught(rocking, schools({ frontShare: 60 })))).toEqual([20, 60]);
  const own = { ...rocking, start: { ...rocking.start, load: { left: 72, right: 28, seat: 0 } } };
  expect(asTaught(own, schools({ frontShare: 80 })).start.load).toEqual({ left: 72, right: 28, seat: 0 });
  expect(asTaught(rocking, schools({ frontShare: 80 })).start.load).toEqual({ left: 80, right: 20, seat: 0 });
});

test('any whole percent may be said, and how far one sits back: only where it is sat back, not where a foot steps', () => {
  expect(loads(asTaught(stepping, schools({ frontShare: 65 })))).toEqual([65]);
  expect(loads(asTaught(rocking, schools({ backShare: 90 })))).toEqual([10, 70]);
  expect(loads(asTaught(rocking, schools({ backShare: 75, frontShare: 80 })))).toEqual([25, 80]);
  expect(asTaught(stepping, schools({ backShare: 75 })).parts).toEqual(stepping.parts);
  expect(Schools.safeParse({ frontShare: 70.5 }).success).toBe(false);
  expect(Schools.safeParse({ backShare: 40 }).success).toBe(false);
});

test('done on the other side, the share is the other foot’s', () => {
  const right = walkMovement(asTaught(stepping, schools({ frontShare: 80 })), { side: 'right' });
  expect(right.map(({ stride }) => stride.to.load.right)).toEqual([80]);
});

test('toes rise when rocking back, and the sole comes down again', () => {
  const contacts = (of: ReturnType<typeof movement>) =>
    walkMovement(of, { side: 'left' }).map(({ stride }) => stride.to.feet.left.contact);
  expect(contacts(asTaught(rocking, USUAL_SCHOOLS))).toEqual(['sole', 'sole']);
  expect(contacts(asTaught(rocking, schools({ toesRise: true })))).toEqual(['heel', 'sole']);
});

test('knees straighten on the out-breath of an even stance, and never lock', () => {
  const pressing = movement({
    parts: {
      cycle: [
        phase({ breath: 'in', length: span, to: { sink: 30 }, call: 'Sink' }),
        phase({ breath: 'out', length: span, to: { sink: 20, arms: 'overhead-press' }, call: 'Press' }),
      ],
    },
  });
  const sinks = (of: ReturnType<typeof movement>) =>
    walkMovement(of, { side: null }).map(({ stride }) => stride.to.sink);
  expect(sinks(asTaught(pressing, USUAL_SCHOOLS))).toEqual([30, 20]);
  expect(sinks(asTaught(pressing, schools({ kneesStraighten: true })))).toEqual([30, 8]);
  expect(
    walkMovement(asTaught(rocking, schools({ kneesStraighten: true })), { side: 'left' }).at(-1)?.stride.to.sink,
  ).toBe(46);
});

test('with nothing that differs a movement is done as it is written', () => {
  const poses = (of: ReturnType<typeof movement>) => walkMovement(of, { side: 'left' }).map(({ stride }) => stride.to);
  expect(asTaught(rocking, USUAL_SCHOOLS)).toBe(rocking);
  expect(poses(asTaught(rocking, schools({ head: 'with-the-breath' })))).toEqual(poses(rocking));
});

test('a head that rises through a step is said where it is kept level, and not where it goes with the breath', () => {
  const bobbing = movement({
    laterality: { sides: { kind: 'each-side', first: 'left' } },
    start: { stance: 'step-ready', side: 'left', load: { left: 5, right: 95 }, sink: 60, arms: 'hanging' },
    parts: {
      cycle: [
        phase({
          breath: 'in',
          length: span,
          to: { stance: 'closed', load: { left: 10, right: 90 }, sink: 10 },
          call: 'Up',
        }),
      ],
    },
  });
  const found = (written: Partial<Schools>) =>
    footworkFindings(
      timedAtPace(walkMovement(bobbing, { side: 'left' }).map(({ stride }) => stride)),
      rulesOf(schools(written)),
    ).map(({ code }) => code);
  expect(found({})).toContain('head-height');
  expect(found({ head: 'with-the-breath' })).not.toContain('head-height');
});

test('turning on the weighted foot is a warning where it is taught, and stops where it is not', () => {
  const turning = movement({
    parts: {
      cycle: [
        phase({
          breath: 'out',
          length: span,
          to: { load: { left: 90, right: 10 }, heading: 60, feet: { left: { angle: 0 } } },
          call: 'Turn',
        }),
      ],
    },
  });
  const severity = (weightedTurns: boolean) =>
    footworkFindings(
      timedAtPace(walkMovement(turning, { side: null }).map(({ stride }) => stride)),
      rulesOf(schools({ weightedTurns })),
    ).find(({ code }) => code === 'knee-twist')?.severity;
  expect([severity(false), severity(true)]).toEqual(['stop', 'warn']);
});
