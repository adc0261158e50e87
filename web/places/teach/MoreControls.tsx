import {
  ApiOutlined,
  BulbOutlined,
  EyeOutlined,
  FieldTimeOutlined,
  MutedOutlined,
  RedoOutlined,
  SoundOutlined,
  StopOutlined,
  SwapOutlined,
} from '@ant-design/icons';
import { SOUNDS } from '../../../core/record/running/soundsBetween';
import { Beside } from '../../teaching/Beside';
import type { FigureView } from '../../teaching/shown/FigureShown';
import { SOUND_WORDS, type useMixer } from '../../teaching/sound/mixer';
import { Press, type Steering } from './TeachControls';

interface Props {
  readonly steering: Steering;
  readonly mixer: ReturnType<typeof useMixer>;
  /** What leads the class: what its plan says, or one of the two throughout. */
  readonly leads: Leads;
  /** Whether devices around the class are listened to, and hear it. */
  readonly hasDevices: boolean;
  readonly onDevices: () => void;
  readonly mirrored: boolean;
  readonly onMirror: () => void;
  readonly figure: FigureView;
  readonly onLight: () => void;
  readonly onCrib: () => void;
  readonly onFigure: () => void;
  readonly onClose: () => void;
}

/** What may lead a class; the first is the usual one. */
export const LEADS = ['planned', 'clock', 'breath'] as const;
type Leads = (typeof LEADS)[number];

const LEADS_WORDS: Readonly<Record<Leads, string>> = {
  planned: 'Led as planned',
  breath: 'By the breath',
  clock: 'By the clock',
};

const FIGURE_WORDS: Readonly<Record<FigureView, string>> = {
  instructor: 'Figure: as they see you',
  behind: 'Figure: from behind',
  none: 'No figure',
};

/** What is one press behind: the sounds, the light, the figure, teaching by the clock, and nothing new tonight. */
export function MoreControls({
  steering,
  mixer,
  leads,
  hasDevices,
  onDevices,
  mirrored,
  figure,
  onMirror,
  onLight,
  onCrib,
  onFigure,
  onClose,
}: Props) {
  const { mix, mute, turn } = mixer;
  return (
    <Beside title="More" onClose={onClose}>
      <div className="teach-people teach-narrow">
        <Press label="Once more" hint="O" icon={<RedoOutlined />} onPress={steering.once} />
        <Press label="Slower" hint="−" icon="−" onPress={steering.slower} />
        <Press label="Faster" hint="+" icon="+" onPress={steering.faster} />
        <Press
          label={mirrored ? 'Facing them' : 'Back to them'}
          hint="M"
          icon={<SwapOutlined />}
          onPress={onMirror}
          pressed={mirrored}
        />
      </div>
      <div className="teach-people">
        <Press label="Light" hint="L" icon={<BulbOutlined />} onPress={onLight} />
        <Press label={FIGURE_WORDS[figure]} hint="F" icon={<EyeOutlined />} onPress={onFigure} />
        <Press
          label={LEADS_WORDS[leads]}
          hint="C"
          icon={<FieldTimeOutlined />}
          onPress={onCrib}
          pressed={leads !== 'planned'}
        />
        <Press
          label={hasDevices ? 'Devices heard' : 'No devices'}
          hint=""
          icon={<ApiOutlined />}
          onPress={onDevices}
          pressed={hasDevices}
        />
        <Press
          label="Nothing new tonight"
          hint="N"
          icon={<StopOutlined />}
          onPress={() => {
            steering.notTonight();
            onClose();
          }}
        />
      </div>
      <fieldset className="teach-mixer">
        <legend>What is heard</legend>
        <Press
          label={mix.muted ? 'All off' : 'On'}
          hint="B"
          icon={mix.muted ? <MutedOutlined /> : <SoundOutlined />}
          onPress={mute}
          pressed={!mix.muted}
        />
        {SOUNDS.map((sound) => (
          <label key={sound}>
            {SOUND_WORDS[sound]}
            <input
              type="range"
              min={0}
              max={1}
              step={0.1}
              value={mix.loud[sound]}
              disabled={mix.muted}
              onChange={({ target }) => turn(sound, Number(target.value))}
            />
          </label>
        ))}
      </fieldset>
      <p className="teach-here">
        By the clock there is no metronome: the section, the line, what comes next and when. Nothing new tonight leaves
        out what the course would still begin, keeps its review, and the course brings it again.
      </p>
    </Beside>
  );
}
