import { Input } from 'antd';
import { memo } from 'react';
import type { ScriptRoom } from '../../../../../../core/session/words/lineSpeech';
import { minutes } from '../../../../../../core/words/clockWords';

interface Props {
  readonly value: string;
  /** How long it takes, and how long there is for it; null where nothing is read. */
  readonly takesMs: ScriptRoom['takesMs'] | null;
  readonly lastsMs: ScriptRoom['lastsMs'] | null;
  readonly onChange: (script: string) => void;
}

/** A text that is read out while a line lasts, and whether there is time for it. */
export const ScriptField = memo(function ScriptField({ value, takesMs, lastsMs, onChange }: Props) {
  const isLong = takesMs !== null && lastsMs !== null && takesMs > lastsMs;
  return (
    <div>
      <Input.TextArea
        value={value}
        maxLength={12_000}
        autoSize={{ minRows: 1, maxRows: 12 }}
        placeholder="Read out: paragraphs, with pauses as (20 s) or (3 breaths)"
        aria-label="What is read out"
        status={isLong ? 'warning' : ''}
        onChange={({ target }) => onChange(target.value)}
      />
      {takesMs !== null && lastsMs !== null && (
        <p className={`script-time${isLong ? ' script-time--long' : ''}`} role="status">
          Takes {minutes(takesMs)} to read with its pauses; there are {minutes(lastsMs)} for it
          {isLong ? `, ${minutes(takesMs - lastsMs)} too little.` : '.'}
        </p>
      )}
    </div>
  );
});
