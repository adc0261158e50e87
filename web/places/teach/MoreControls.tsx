import { BulbOutlined, FieldTimeOutlined, MutedOutlined, SoundOutlined, StopOutlined } from '@ant-design/icons';
import { Beside } from './shown/Beside';
import { Press, type Steering } from './TeachControls';

interface Props {
  readonly steering: Steering;
  readonly muted: boolean;
  readonly isCrib: boolean;
  readonly onMute: () => void;
  readonly onLight: () => void;
  readonly onCrib: () => void;
  readonly onClose: () => void;
}

/** What is one press behind: the bell, the light, teaching by the clock, and nothing new tonight. */
export function MoreControls({ steering, muted, isCrib, onMute, onLight, onCrib, onClose }: Props) {
  return (
    <Beside title="More" onClose={onClose}>
      <div className="teach-people">
        <Press
          label={muted ? 'Bell off' : 'Bell on'}
          hint="B"
          icon={muted ? <MutedOutlined /> : <SoundOutlined />}
          onPress={onMute}
          pressed={!muted}
        />
        <Press label="Light" hint="L" icon={<BulbOutlined />} onPress={onLight} />
        <Press
          label={isCrib ? 'By the clock' : 'By the breath'}
          hint="C"
          icon={<FieldTimeOutlined />}
          onPress={onCrib}
          pressed={isCrib}
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
      <p className="teach-here">
        By the clock there is no metronome: the section, the line, what comes next and when. Nothing new tonight leaves
        out what the course would still begin, keeps its review, and the course brings it again.
      </p>
    </Beside>
  );
}
