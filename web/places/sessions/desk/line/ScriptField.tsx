import { Input } from 'antd';
import { memo } from 'react';
import { scriptLengthMs } from '../../../../../core/session/words/lineSpeech';
import { minutes } from '../../../../../core/words/clockWords';

interface Props {
  readonly value: string;
  /** How long the line lasts, seconds. */
  readonly seconds: number;
  readonly onChange: (script: string) => void;
}

/** A text that is read out while a line lasts, and whether there is time for it. */
export const ScriptField = memo(function ScriptField({ value, seconds, onChange }: Props) {
  const takes = scriptLengthMs(value);
  const isLong = takes > seconds * 1000;
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
      {value.trim() !== '' && (
        <p className={`script-time${isLong ? ' script-time--long' : ''}`} role="status">
          Takes {minutes(takes)} to read with its pauses; the line lasts {minutes(seconds * 1000)}
          {isLong ? `, ${minutes(takes - seconds * 1000)} too little.` : '.'}
        </p>
      )}
    </div>
  );
});
