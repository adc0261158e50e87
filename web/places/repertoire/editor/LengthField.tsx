import { InputNumber, Select } from 'antd';
import type { Breath, Phase } from '../../../../core/movement/schema/phase';

/** The length that goes with a breath when it is first chosen. */
export function lengthFor(breath: Breath, before: Phase['length']): Phase['length'] {
  if (breath === 'in' || breath === 'out') return before.kind === 'breaths' ? { kind: 'span', share: 1 } : before;
  if (breath === 'natural') return before.kind === 'span' ? { kind: 'breaths', breaths: 1 } : before;
  return before.kind === 'seconds' ? before : { kind: 'seconds', seconds: 2 };
}

interface Props {
  readonly phase: Phase;
  readonly onPhase: (change: Partial<Phase>) => void;
}

/** How long a phase lasts, in a unit that goes with its breath. */
export function LengthField({ phase, onPhase }: Props) {
  const { length, breath } = phase;
  const kinds = [
    ...(breath === 'in' || breath === 'out' ? [{ value: 'span' as const, label: '% of the breath' }] : []),
    ...(breath === 'natural' ? [{ value: 'breaths' as const, label: 'breaths' }] : []),
    { value: 'beats' as const, label: 'beats' },
    { value: 'seconds' as const, label: 'seconds' },
  ];
  const fresh: Record<Phase['length']['kind'], Phase['length']> = {
    span: { kind: 'span', share: 1 },
    breaths: { kind: 'breaths', breaths: 1 },
    beats: { kind: 'beats', beats: 4, tempo: 60 },
    seconds: { kind: 'seconds', seconds: 5 },
  };
  const amount =
    length.kind === 'span'
      ? Math.round(length.share * 100)
      : length.kind === 'breaths'
        ? length.breaths
        : length.kind === 'beats'
          ? length.beats
          : length.seconds;
  const change = (value: number | null) => {
    if (value === null || value <= 0) return;
    const next: Phase['length'] =
      length.kind === 'span'
        ? { kind: 'span', share: Math.min(1, value / 100) }
        : length.kind === 'breaths'
          ? { kind: 'breaths', breaths: value }
          : length.kind === 'beats'
            ? { ...length, beats: Math.round(value) }
            : { kind: 'seconds', seconds: value };
    onPhase({ length: next });
  };
  return (
    <span className="editor-length">
      <InputNumber value={amount} min={0.5} max={500} onChange={change} aria-label="How long" />
      <Select
        value={length.kind}
        options={kinds}
        onChange={(kind: Phase['length']['kind']) => onPhase({ length: fresh[kind] })}
        aria-label="Counted in"
      />
      {length.kind === 'beats' && (
        <InputNumber
          value={length.tempo}
          min={10}
          max={300}
          prefix="at"
          onChange={(tempo) => tempo && onPhase({ length: { ...length, tempo } })}
          aria-label="Beats a minute"
        />
      )}
    </span>
  );
}
