import { minutes } from '../../words/clockWords';
import { facingWords } from '../plan/line/facing';
import type { CueAt, Stands } from '../plan/line/lineWords';

/** When words are said, as one writes it beside them: "after 1:30", "after 4 breaths", "at 3", "round 2". */
export function cueAtWords(at: CueAt): string {
  switch (at.unit) {
    case 'seconds':
      return `after ${minutes(at.after * 1000)}`;
    case 'breaths':
      return `after ${at.after} ${at.after === 1 ? 'breath' : 'breaths'}`;
    case 'repetitions':
      return `at number ${at.at}`;
    case 'rounds':
      return `round ${at.at}`;
  }
}

const FACES = {
  usual: '',
  class: 'face the class',
  back: 'back to the class',
  'side-on': 'side-on to the class',
} as const;
const PLACES = { usual: '', nearer: 'stand nearer', 'back-row': 'move to where the back row sees you' } as const;

/** Where the instructor stands for a line: "back to the class, stand nearer". Empty where it is as usual. */
export const standsWords = ({ faces, place }: Stands): string =>
  [FACES[faces], PLACES[place]].filter(Boolean).join(', ');

/** Where a line puts people, as one says it: the instructor, and the class where it is turned from the front. */
export const placedWords = ({ stands, facing }: { readonly stands: Stands; readonly facing: number }): string =>
  [standsWords(stands), facing === 0 ? '' : `the class turned ${facingWords(facing)}`].filter(Boolean).join(', ');
