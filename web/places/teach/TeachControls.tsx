import {
  CaretRightOutlined,
  EllipsisOutlined,
  MedicineBoxOutlined,
  PauseOutlined,
  PushpinOutlined,
  RedoOutlined,
  ScissorOutlined,
  StepBackwardOutlined,
  StepForwardOutlined,
  StopOutlined,
  SwapOutlined,
  TeamOutlined,
} from '@ant-design/icons';
import type { ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { Teaching } from '../../../core/record/standing/teaching';
import { breathsPerMinute } from '../../../core/words/breathsPerMinute';

/** All that can be done to a class in hand. */
export interface Steering {
  readonly back: () => void;
  readonly pause: () => void;
  readonly skip: () => void;
  readonly once: () => void;
  readonly slower: () => void;
  readonly faster: () => void;
  readonly end: () => void;
  /** Who is here, and what one needs when something happens: opened beside the class. */
  readonly who: () => void;
  readonly sheet: () => void;
  readonly shorten: () => void;
  readonly mark: () => void;
  /** Everything that is one press behind. */
  readonly more: () => void;
  readonly notTonight: () => void;
}

interface Props {
  readonly steering: Steering;
  readonly teaching: Teaching;
  readonly pace: number | null;
  readonly mirrored: boolean;
  readonly onMirror: () => void;
  readonly onMute: () => void;
  readonly onLight: () => void;
  readonly onCrib: () => void;
  readonly onFigure: () => void;
}

interface PressProps {
  readonly label: string;
  /** The longest it may be called: it keeps the room for that. */
  readonly room?: string;
  readonly hint: string;
  readonly icon: ReactNode;
  readonly onPress: () => void;
  readonly pressed?: boolean;
  /** Left to what is one press behind where the screen is narrow. */
  readonly isBehind?: boolean;
}

export const Press = ({ label, room = label, hint, icon, onPress, pressed, isBehind = false }: PressProps) => (
  <button
    type="button"
    className={isBehind ? 'teach-press teach-press--behind' : 'teach-press'}
    onClick={(event) => {
      onPress();
      // After a tap the keys belong to the class again; a key press keeps its place.
      if (event.detail > 0) event.currentTarget.blur();
    }}
    {...(pressed === undefined ? {} : { 'aria-pressed': pressed })}
  >
    <span aria-hidden>{icon}</span>
    <span className="teach-label" data-room={room}>
      {label}
    </span>
    <kbd aria-hidden>{hint}</kbd>
  </button>
);

/** One key, one tap, or a page-turner for everything. */
export function TeachControls({
  steering,
  teaching,
  pace,
  mirrored,
  onMirror,
  onMute,
  onLight,
  onCrib,
  onFigure,
}: Props) {
  const keys = { preventDefault: true } as const;
  // A press on a focused button is the browser's own; Space must not count twice.
  const onPage = { ...keys, ignoreEventWhen: (event: KeyboardEvent) => event.target instanceof HTMLButtonElement };
  useHotkeys('space', steering.pause, onPage);
  useHotkeys(['left', 'pageup'], steering.back, keys);
  useHotkeys(['right', 'pagedown'], steering.skip, keys);
  useHotkeys('o', steering.once, keys);
  // By the sign, wherever a keyboard keeps it; the plus is a key here, not a joint between keys.
  const bySign = { ...keys, useKey: true, ignoreModifiers: true, splitKey: '|' } as const;
  useHotkeys('-', steering.slower, bySign);
  useHotkeys(['+', '='], steering.faster, bySign);
  useHotkeys('m', onMirror, keys);
  useHotkeys('b', onMute, keys);
  useHotkeys('l', onLight, keys);
  useHotkeys('e', steering.end, keys);
  useHotkeys('w', steering.who, keys);
  useHotkeys('h', steering.sheet, keys);
  useHotkeys('s', steering.shorten, keys);
  useHotkeys('x', steering.mark, keys);
  useHotkeys('n', steering.notTonight, keys);
  useHotkeys('c', onCrib, keys);
  useHotkeys('f', onFigure, keys);
  useHotkeys('.', steering.more, { ...keys, useKey: true });

  return (
    <div className="teach-controls" role="toolbar" aria-label="Steering the class">
      <Press label="Back" hint="←" icon={<StepBackwardOutlined />} onPress={steering.back} />
      <Press
        label={teaching.paused ? 'Go on' : 'Stay'}
        room="Go on"
        hint="Space"
        icon={teaching.paused ? <CaretRightOutlined /> : <PauseOutlined />}
        onPress={steering.pause}
      />
      <Press label="Next" hint="→" icon={<StepForwardOutlined />} onPress={steering.skip} />
      <Press label="Shorten" hint="S" icon={<ScissorOutlined />} onPress={steering.shorten} />
      <Press label="Once more" hint="O" icon={<RedoOutlined />} onPress={steering.once} isBehind />
      <Press label="Slower" hint="−" icon="−" onPress={steering.slower} isBehind />
      <span className="teach-pace number" data-testid="pace">
        {pace === null ? 'no breath' : `${breathsPerMinute(pace)} a minute`}
      </span>
      <Press label="Faster" hint="+" icon="+" onPress={steering.faster} isBehind />
      <Press
        label={mirrored ? 'Facing them' : 'Back to them'}
        room="Back to them"
        hint="M"
        icon={<SwapOutlined />}
        onPress={onMirror}
        pressed={mirrored}
        isBehind
      />
      <Press label="Mark" hint="X" icon={<PushpinOutlined />} onPress={steering.mark} />
      <Press label="Who" hint="W" icon={<TeamOutlined />} onPress={steering.who} />
      <Press label="Hall" hint="H" icon={<MedicineBoxOutlined />} onPress={steering.sheet} />
      <Press label="More" hint="." icon={<EllipsisOutlined />} onPress={steering.more} />
      <Press label="End" hint="E" icon={<StopOutlined />} onPress={steering.end} />
    </div>
  );
}
