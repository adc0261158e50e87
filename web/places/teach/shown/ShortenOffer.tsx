import dayjs from 'dayjs';
import { minutes } from '../../../../core/words/clockWords';
import type { Shortening } from './shortening';
import '../../../teaching/shown/crib.css';

interface Props {
  readonly shortening: Shortening;
  readonly startedAt: string;
}

/** What came of asking to shorten, in one line; the key that asked takes it, the one that stays takes it back. */
export function ShortenOffer({ shortening, startedAt }: Props) {
  return (
    <p className="teach-offer" role="status">
      {wordsOf(shortening, startedAt)}
    </p>
  );
}

function wordsOf(shortening: Shortening, startedAt: string): string {
  switch (shortening.kind) {
    case 'looking':
      return 'Looking …';
    case 'fits':
      return 'It fits as it is.';
    case 'tight':
      return 'It ends on time, but the cool-down is tight: skip a line.';
    case 'nothing-new':
      return 'Nothing new is left in this class.';
    case 'cannot':
      return 'What is left cannot be made to end in time: skip, or end it.';
    case 'taken':
      return `${shortening.words}. Stay takes it back.`;
    case 'shortened': {
      const { endsMs, coolDownMs, shorter, leftOut } = shortening;
      const ends = dayjs(startedAt).add(endsMs, 'ms').format('HH:mm');
      const what = [shorter > 0 && `${shorter} lines shorter`, leftOut > 0 && `${leftOut} left out`].filter(Boolean);
      return `Ends ${ends}, cool-down ${minutes(coolDownMs)}: ${what.join(', ')}. Shorten takes it, Stay leaves it.`;
    }
  }
}
