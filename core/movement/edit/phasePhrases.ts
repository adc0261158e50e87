import type { HandChange } from '../../body/written/hand';
import type { PostureChange } from '../../body/written/posture';
import type { Side } from '../../body/written/side';
import type { Phase } from '../schema/phase';
import { joinChanges } from './editMovement';

/** Something that may be written of a phase in plain words, and what it changes. `said` has the side it was written for. */
interface Phrase {
  readonly words: RegExp;
  readonly change: (said: { readonly side: Side | undefined; readonly amount: number | undefined }) => PostureChange;
}

const SIDED = '(?:(left|right) )?';
const AMOUNT = '(?: (\\d+))?';
/** A pattern with the side that may stand before it and the amount that may stand behind it. */
const phrase = (words: string, change: Phrase['change']): Phrase => ({
  words: new RegExp(`\\b${SIDED}(?:${words})${AMOUNT}(?![a-z/])`),
  change,
});

const both = <Of>(change: Of, side: Side | undefined): { left?: Of; right?: Of } =>
  side ? { [side]: change } : { left: change, right: change };
const hands =
  (change: HandChange): Phrase['change'] =>
  ({ side }) => ({ hands: both(change, side) });
const away = (side: Side | undefined, degrees: number): number => (side === 'left' ? -degrees : degrees);

/** How far something goes where no number is written: degrees. Conventions. */
const ROUNDED = 30;
const ARCHED = 15;
const NODDED = 20;

/**
 * The phrases a phase may be written with, besides stances, arm shapes and what has a number. The first that fits goes first: what is
 * longer stands above what is part of it.
 */
export const PHRASES: readonly Phrase[] = [
  phrase('(?:eyes?|with eyes) (?:closed|shut)|close (?:the |your )?eyes', () => ({ eyes: 'closed' })),
  phrase('(?:eyes?|with eyes) open|open (?:the |your )?eyes', () => ({ eyes: 'open' })),
  phrase('look up|gaze up|eyes up', () => ({ gaze: 'up' })),
  phrase('look down|gaze down|eyes down', () => ({ gaze: 'down' })),
  phrase('look ahead|gaze ahead|eyes ahead|look (?:to the )?front', () => ({ gaze: 'ahead' })),
  phrase('look (?:at|after) (?:the |your )?left hand', () => ({ gaze: 'left-hand' })),
  phrase('look (?:at|after) (?:the |your )?right hand', () => ({ gaze: 'right-hand' })),
  phrase('chin (?:down|to (?:the )?chest)|nod', ({ amount }) => ({ head: { nod: amount ?? NODDED } })),
  phrase('chin up|head back', ({ amount }) => ({ head: { nod: -(amount ?? NODDED) } })),
  phrase('head level|head up', () => ({ head: { nod: 0, turn: 0, tilt: 0 } })),
  phrase('heels? (?:up|raised|off)|on (?:the |your )?toes|raise (?:the )?heels?', ({ side }) => ({
    feet: both({ contact: 'ball' as const }, side),
  })),
  phrase('toes? (?:up|raised)|on (?:the |your )?heels?|raise (?:the )?toes?', ({ side }) => ({
    feet: both({ contact: 'heel' as const }, side),
  })),
  phrase('(?:foot |feet )?(?:on )?(?:the )?(?:outer )?edges?(?: of the (?:foot|feet))?', ({ side }) => ({
    feet: both({ contact: 'edge' as const }, side),
  })),
  phrase('heels? down|toes? down|(?:soles?|foot|feet) flat|flat (?:foot|feet)', ({ side }) => ({
    feet: both({ contact: 'sole' as const }, side),
  })),
  phrase('weight (?:in|on) (?:the )?heels|back on (?:the )?heels', () => ({ rock: -0.7 })),
  phrase('weight (?:in|on) (?:the )?balls', () => ({ rock: 0.7 })),
  phrase('round(?:ed)?(?: the| your)?(?: back| spine)?', ({ amount }) => ({ spine: { round: amount ?? ROUNDED } })),
  phrase('arch(?:ed)?(?: the| your)?(?: back| spine)?|hollow(?: the)?(?: back)?', ({ amount }) => ({
    spine: { round: -(amount ?? ARCHED) },
  })),
  phrase('upright|straighten(?: up| the back)?|straight back|stand tall', () => ({
    spine: { hinge: 0, round: 0, bend: 0 },
  })),
  phrase('turn (?:to the )?(?:front|middle|centre)|face (?:the )?front', () => ({ turn: 0 })),
  phrase('tilt(?: the)?(?: head)?', ({ side, amount }) => ({ head: { tilt: away(side, amount ?? NODDED) } })),
  phrase('shoulders? up|lift (?:the )?shoulders?|shrug', ({ side }) => ({
    shoulders: both({ lift: 4, forward: 0 }, side),
  })),
  phrase('shoulders? (?:down|dropped|drop|low)|drop (?:the )?shoulders?', ({ side }) => ({
    shoulders: both({ lift: 0, forward: 0 }, side),
  })),
  phrase('(?:arms?|hands?) (?:up|overhead|high)|reach up', () => ({ arms: 'overhead-press' })),
  phrase('(?:arms?|hands?) (?:forward|in front|to the front)', () => ({ arms: 'raised-front' })),
  phrase('(?:arms?|hands?) (?:out|wide|to the sides?|sideways)|open (?:the )?arms', () => ({ arms: 'raised-sides' })),
  phrase('(?:arms?|hands?) (?:down|by (?:the |your )?sides?|at (?:the |your )?sides?)|let (?:the )?arms hang', () => ({
    arms: 'hanging',
  })),
  phrase('(?:arms? )?round a (?:ball|tree)|hug a tree', () => ({ arms: 'embrace-chest' })),
  phrase('sword fingers?', hands({ shape: 'sword-fingers' })),
  phrase('one finger(?: up)?|single fingers?', hands({ shape: 'one-finger' })),
  phrase('curled fingers?|fingers curled', hands({ shape: 'curled' })),
  phrase('loose fists?', hands({ shape: 'loose-fist' })),
  phrase('fists?', hands({ shape: 'fist' })),
  phrase('claws?', hands({ shape: 'claw' })),
  phrase('hooks?|hooked hands?', hands({ shape: 'hook' })),
  phrase('(?:fingers )?interlaced|interlace(?: the)?(?: fingers)?', hands({ shape: 'interlaced' })),
  phrase('open hands?|hands? open', hands({ shape: 'open' })),
  phrase('palms? up', hands({ palm: 'up' })),
  phrase('palms? down', hands({ palm: 'down' })),
  phrase('palms? (?:forward|front|to the front)', hands({ palm: 'front' })),
  phrase('palms? back', hands({ palm: 'back' })),
  phrase('palms? (?:in|facing|together)', hands({ palm: 'in' })),
  phrase('palms? out', hands({ palm: 'out' })),
  phrase('hand on (?:the |a )?chair', hands({ rests: 'chair' })),
  phrase('hand on (?:the |a )?wall', hands({ rests: 'wall' })),
  phrase('hands? on (?:the |your )?hips?', hands({ rests: 'hip' })),
  phrase('hands? on (?:the |your )?knees?', hands({ rests: 'knee' })),
  phrase('hands? on (?:the |your )?thighs?', hands({ rests: 'thigh' })),
  phrase('hands? on (?:the |your )?(?:belly|stomach)', hands({ rests: 'belly' })),
  phrase('hands? on (?:the |your )?(?:heart|chest)', hands({ rests: 'heart' })),
  phrase('hands? on (?:the |your )?(?:lower back|back|kidneys)', hands({ rests: 'lower-back' })),
  phrase('hands? on (?:the |your )?(?:ribs|sides)', hands({ rests: 'side-ribs' })),
  phrase('hands? on (?:the |your )?(?:collarbones?)', hands({ rests: 'collarbone' })),
  phrase('let (?:the |your )?hands? go|hands? free', hands({ rests: null })),
  phrase('firm|press(?:ing)? hard|tense', () => ({ firmness: 0.6 })),
  phrase('soft(?:en)?|relax(?:ed)?|let go', () => ({ firmness: 0 })),
  phrase('wider', () => ({ spread: 1.25 })),
  phrase('narrower', () => ({ spread: 0.8 })),
];

/** How a breath may be written to be taken. */
const MANNERS: readonly { readonly words: RegExp; readonly manner: (sound: string) => Phase['manner'] }[] = [
  {
    words: /\b(?:sounded|with (?:a |the )?sound|sounding)(?: [“"']?([a-z]{1,8})[”"']?)?/,
    manner: (sound) => ({ route: 'sounded', into: 'belly', sound }),
  },
  {
    words: /\b(?:through|by|out of) (?:the )?mouth/,
    manner: () => ({ route: 'mouth', into: 'belly', sound: '' }),
  },
  { words: /\b(?:through|by) (?:the )?nose/, manner: () => undefined },
  { words: /\binto (?:the )?ribs/, manner: () => ({ route: 'nose', into: 'ribs', sound: '' }) },
  { words: /\b(?:reverse breath(?:ing)?|in reverse)/, manner: () => ({ route: 'nose', into: 'reverse', sound: '' }) },
];

/** What is left of some words after the phrases in them were taken out, and what those change. */
export interface PhrasesRead {
  readonly left: string;
  readonly to: PostureChange;
  readonly manner: Phase['manner'];
}

/**
 * Takes the plain phrases out of what was written for a phase. What they change is laid over each other in the order of the table.
 * `readPhrases('eyes closed left fist zick')` closes the eyes, makes the left hand a fist, and leaves "zick".
 */
export function readPhrases(text: string): PhrasesRead {
  let left = text;
  let to: PostureChange = {};
  let manner: Phase['manner'];
  const takeOut = (match: RegExpExecArray) => {
    left = `${left.slice(0, match.index)} ${left.slice(match.index + match[0].length)}`;
  };
  for (const { words, manner: of } of MANNERS) {
    const match = words.exec(left);
    if (!match) continue;
    manner = of(match[1] ?? '');
    takeOut(match);
  }
  for (const { words, change } of PHRASES)
    for (let match = words.exec(left); match; match = words.exec(left)) {
      const side = match[1] === 'left' || match[1] === 'right' ? match[1] : undefined;
      to = joinChanges(to, change({ side, amount: match[2] === undefined ? undefined : Number(match[2]) }));
      takeOut(match);
    }
  return { left, to, manner };
}
