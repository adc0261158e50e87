import { channelIndex } from '../demand/channels';
import { cycleDemand } from '../demand/movementDemand';
import { type FootworkRules, footworkFindings, USUAL_RULES } from '../movement/footwork/footwork';
import { footworkWords } from '../movement/footwork/footworkWords';
import type { Caution } from '../movement/schema/caution';
import { type Movement, variantOf } from '../movement/schema/movement';
import type { PartName } from '../movement/schema/parts';
import { walkMovement, waysOf } from '../movement/walk/walkMovement';
import { rememberBy } from '../remember/rememberBy';
import { speechSeconds } from '../timing/speech';
import { WORDS_PER_SECOND } from '../timing/timingConstants';
import { secondsAtPace, timedAtPace } from '../timing/trackAtPace';
import type { Severity } from '../words/severity';

/** Something a movement says or does that it should not. */
export interface MovementNote {
  readonly severity: Severity;
  /** Where: the part and the phase from 0; null for the movement as a whole. */
  readonly part: PartName | null;
  readonly phase: number | null;
  /** The variant it is found in; null for the movement as written. */
  readonly variant: string | null;
  readonly message: string;
  /** The caution that is missing; null where something else is wrong. */
  readonly caution: Caution | null;
}

/** What of its demand asks for a caution. Knee demand over 0.45 is a thigh half way to level with half the weight. Convention. */
const KNEES = 0.45;
const LOW_BACK = 0.45;

/** The cautions that belong to a movement by what it asks, whatever it says of itself. */
export function impliedCautions(movement: Movement): Caution[] {
  const pieces = cycleDemand(movement).flatMap((demand) => demand.pieces);
  const most = (index: number) => Math.max(0, ...pieces.map(({ channels }) => channels[index] ?? 0));
  const phases = Object.values(movement.parts).flat();
  const implied: [Caution, boolean][] = [
    ['balance', pieces.some(({ oneLeg }) => oneLeg !== null)],
    ['head-low', pieces.some(({ headLow }) => headLow)],
    ['shoulders', pieces.some(({ overhead }) => overhead.left || overhead.right)],
    ['knees', Math.max(most(channelIndex('knees', 'left')), most(channelIndex('knees', 'right'))) > KNEES],
    ['low-back', most(channelIndex('low-back', null)) > LOW_BACK],
    ['breath-holding', phases.some((phase) => phase?.breath === 'retained-full' || phase?.breath === 'retained-empty')],
    [
      'pregnancy',
      phases.some((phase) => phase?.overlays.some((overlay) => overlay.kind === 'route' && overlay.stroke === 'press')),
    ],
    ['self-massage', phases.some((phase) => phase?.overlays.some(({ kind }) => kind === 'route'))],
  ];
  return implied.flatMap(([caution, is]) => (is ? [caution] : []));
}

function footworkNotes(movement: Movement, variant: string | null, rules = USUAL_RULES): MovementNote[] {
  const notes = new Map<string, MovementNote>();
  for (const way of waysOf(movement)) {
    const walked = walkMovement(movement, way);
    for (const finding of footworkFindings(timedAtPace(walked.map(({ stride }) => stride)), rules)) {
      const at = walked[finding.stride];
      // Coming into a lower stance and out of it changes the height of the head, and is meant to.
      if (!at || (finding.code === 'head-height' && at.part !== 'cycle')) continue;
      const note = {
        severity: finding.severity,
        part: at.part,
        phase: at.phase,
        variant,
        message: footworkWords(finding),
        caution: null,
      };
      notes.set(`${at.part} ${at.phase} ${note.message}`, note);
    }
  }
  return [...notes.values()];
}

/**
 * What the feet and joints of a movement do that they should not, on every side and in every direction; found once for each.
 * @param rules what its school and its floor allow
 */
export const footworkOf = (movement: Movement, rules = USUAL_RULES): readonly MovementNote[] =>
  keptFootwork(movement, rules);

const keptFootwork = rememberBy(
  (movement: Movement, rules: FootworkRules): readonly MovementNote[] => footworkNotes(movement, null, rules),
  ({ weightedTurns, levelHead }) => `${weightedTurns} ${levelHead}`,
);

function callNotes(movement: Movement): MovementNote[] {
  return Object.entries(movement.parts).flatMap(([part, phases]) =>
    (phases ?? []).flatMap((phase, index) => {
      const seconds = secondsAtPace(phase);
      const said = speechSeconds(phase.call);
      if (said <= seconds) return [];
      const message = `“${phase.call}” takes ${said.toFixed(1)} s to say at ${WORDS_PER_SECOND} words a second; the phase lasts ${seconds.toFixed(1)} s.`;
      return [
        { severity: 'warn' as const, part: part as PartName, phase: index, variant: null, message, caution: null },
      ];
    }),
  );
}

/**
 * Everything that is wrong with a movement and its variants: reach, joints and footwork on every side and in every
 * direction, calls too long for their phases, cautions that are missing. Nothing for a sound one.
 */
export function checkMovement(movement: Movement): MovementNote[] {
  const missing = impliedCautions(movement).filter((caution) => !movement.cautions.includes(caution));
  return [
    ...footworkOf(movement),
    ...movement.variants.flatMap(({ id }) => footworkNotes(variantOf(movement, id), id)),
    ...callNotes(movement),
    ...missing.map((caution) => ({
      severity: 'warn' as const,
      part: null,
      phase: null,
      variant: null,
      message: `The caution “${caution}” belongs to it.`,
      caution,
    })),
  ];
}
