import { Input, Select } from 'antd';
import { BreathManner, type Phase } from '../../../../core/movement/schema/phase';

interface Props {
  readonly phase: Phase;
  readonly onPhase: (change: Partial<Phase>) => void;
}

const ROUTES: { value: BreathManner['route']; label: string }[] = [
  { value: 'nose', label: 'Through the nose' },
  { value: 'mouth', label: 'Through the mouth' },
  { value: 'sounded', label: 'With a sound' },
];
const INTO: { value: BreathManner['into']; label: string }[] = [
  { value: 'belly', label: 'into the belly' },
  { value: 'ribs', label: 'into the ribs' },
  { value: 'reverse', label: 'in reverse' },
];

/** How a phase is breathed: through what, into where, with which sound. */
export function BreathMannerFields({ phase, onPhase }: Props) {
  if (phase.breath === 'retained-full' || phase.breath === 'retained-empty') return null;
  const manner = phase.manner ?? BreathManner.parse({});
  const change = (to: Partial<BreathManner>) => onPhase({ manner: { ...manner, ...to } });
  return (
    <div className="editor-manner">
      <Select
        value={manner.route}
        options={ROUTES}
        aria-label="Breathed through"
        onChange={(route) => change({ route })}
      />
      {manner.route === 'sounded' && (
        <Input
          value={manner.sound}
          maxLength={16}
          placeholder="ah"
          aria-label="Which sound"
          onChange={({ target }) => change({ sound: target.value })}
        />
      )}
      <Select value={manner.into} options={INTO} aria-label="Breathed into" onChange={(into) => change({ into })} />
    </div>
  );
}
