import { CaretRightOutlined, PauseOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useState } from 'react';
import type { Track } from '../../core/movement/sample/track';
import { MovingFigure } from './figure/MovingFigure';
import { ViewChoice } from './figure/ViewChoice';
import type { View } from './figure/view';
import { Saveable } from './Saveable';

interface Props {
  readonly track: Track;
  readonly name: string;
  /** What the part of the page is called. */
  readonly label: string;
  readonly said: string | undefined;
  readonly scale: number;
  /** Where the figure stands when it is not playing, seconds. */
  readonly at: number;
  readonly playing: boolean;
  readonly onPlaying: (playing: boolean) => void;
  readonly onTime: (seconds: number) => void;
}

/** A figure that moves, what is said over it, and the keys to still it and to walk around it. */
export function Stage({ track, name, label, said, scale, at, playing, onPlaying, onTime }: Props) {
  const [view, setView] = useState<View>('three-quarter');
  return (
    <section className="movement-stage" aria-label={label}>
      <Saveable name={name} what="the figure">
        <div className="movement-figure">
          <MovingFigure
            track={track}
            view={view}
            scale={scale}
            playing={playing}
            at={at}
            label={`${name}, as it is done`}
            onTime={onTime}
          />
        </div>
      </Saveable>
      <p className="movement-said" aria-hidden>
        {said}
      </p>
      <div className="movement-stage-keys">
        <Button
          type="text"
          icon={playing ? <PauseOutlined /> : <CaretRightOutlined />}
          aria-label={playing ? 'Stand still' : 'Move'}
          onClick={() => onPlaying(!playing)}
        />
        <ViewChoice view={view} onView={setView} />
      </div>
    </section>
  );
}
