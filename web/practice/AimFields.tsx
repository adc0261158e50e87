import type { TallyAim } from '../../core/practice/tally';

/** What a practice begins as: three hundred of something easy, or from one minute to ten. */
export const USUAL_AIMS = {
  times: { by: 'times', daily: 300 },
  minutes: { by: 'minutes', from: 1, to: 10 },
} as const satisfies Record<TallyAim['by'], TallyAim>;

interface Props {
  readonly aim: TallyAim;
  readonly onAim: (aim: TallyAim) => void;
  /** Whether it is counted in one way already: then only how much is meant can be changed. */
  readonly isCounted?: boolean;
}

const within = (text: string, most: number): number => Math.min(most, Math.max(1, Math.round(Number(text)) || 1));

/** What a day is meant to bring: so many, spread over the day, or minutes that grow. */
export function AimFields({ aim, onAim, isCounted = false }: Props) {
  const number = (label: string, value: number, most: number, put: (value: number) => TallyAim) => (
    <label>
      {label}{' '}
      <input
        type="number"
        min={1}
        max={most}
        value={value}
        onChange={({ target }) => onAim(put(within(target.value, most)))}
      />
    </label>
  );
  return (
    <div className="tally-row">
      {(['times', 'minutes'] as const).map((by) => (
        <button
          key={by}
          type="button"
          className="tally-press"
          aria-pressed={aim.by === by}
          disabled={isCounted && aim.by !== by}
          onClick={() => aim.by !== by && onAim(USUAL_AIMS[by])}
        >
          {by === 'times' ? 'A number a day' : 'Minutes that grow'}
        </button>
      ))}
      {aim.by === 'times' ? (
        number('a day', aim.daily, 5000, (daily) => ({ by: 'times', daily }))
      ) : (
        <>
          {number('from', aim.from, 60, (from) => ({ by: 'minutes', from, to: Math.max(from, aim.to) }))}
          {number('to', aim.to, 60, (to) => ({ by: 'minutes', from: Math.min(aim.from, to), to }))}
        </>
      )}
    </div>
  );
}
