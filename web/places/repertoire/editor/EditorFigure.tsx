import { type PointerEvent, useRef } from 'react';
import { skeletonOf } from '../../../../core/body/figure/skeleton';
import { fromRoom, outwardOf } from '../../../../core/body/geometry/frame';
import { along } from '../../../../core/body/geometry/vector';
import type { Pose } from '../../../../core/body/standing/pose';
import type { HandPoint } from '../../../../core/body/written/hand';
import { SIDES, type Side } from '../../../../core/body/written/side';
import { Figure } from '../../../drawing/figure/Figure';
import { EYES, onPaper, type View } from '../../../drawing/figure/view';

interface Props {
  readonly pose: Pose;
  readonly view: View;
  readonly onHand: (side: Side, at: HandPoint) => void;
}

const SCALE = 1.5;
/** How far one press of an arrow key moves a hand, arm lengths. */
const STEP = 0.03;
const limit = (value: number): number => Math.round(Math.min(1.2, Math.max(-1.2, value)) * 100) / 100;

/** The figure with its hands to be taken hold of: dragged in the plane it is seen in, or moved with the arrow keys. */
export function EditorFigure({ pose, view, onHand }: Props) {
  const stage = useRef<HTMLDivElement>(null);
  const dragged = useRef<Side | null>(null);
  const body = skeletonOf(pose);
  const eye = EYES[view];
  const middle = onPaper(eye, [body.pelvis[0], body.pelvis[1], 0]);

  /** Moves a wrist by so many centimetres across and up the drawing, keeping its depth. */
  const move = (side: Side, across: number, up: number) => {
    const arm = body.arms[side];
    const wrist = along(along(arm.wrist, eye.across, across / 100), eye.upward, up / 100);
    const from: readonly [number, number, number] = [
      wrist[0] - arm.shoulder[0],
      wrist[1] - arm.shoulder[1],
      wrist[2] - arm.shoulder[2],
    ];
    const chest = { ...body.chestFrame, right: outwardOf(body.chestFrame, side) };
    const [out, forward, high] = fromRoom(chest, from);
    const { arm: length } = body.size;
    onHand(side, [limit(out / length), limit(forward / length), limit(high / length)]);
  };

  const drag = (event: PointerEvent) => {
    const side = dragged.current;
    const svg = stage.current?.querySelector('svg');
    if (!side || !svg) return;
    const box = svg.getBoundingClientRect();
    const [x0 = 0, y0 = 0, width = 1] = (svg.getAttribute('viewBox') ?? '').split(' ').map(Number);
    const cm = width / box.width;
    const at = [(event.clientX - box.left) * cm + x0, (event.clientY - box.top) * cm + y0] as const;
    const now = onPaper(eye, body.arms[side].wrist);
    move(side, at[0] - now[0], now[1] - at[1]);
  };

  const handleAt = (side: Side) => {
    const [x, y] = onPaper(eye, body.arms[side].wrist);
    // The roomy frame is 190 cm wide round the middle and begins 214 cm above the floor.
    return { left: `calc(50% + ${(x - middle[0]) * SCALE}px)`, top: `${(y - middle[1] + 214) * SCALE}px` };
  };

  return (
    <div
      ref={stage}
      className="editor-figure"
      onPointerMove={drag}
      onPointerUp={() => (dragged.current = null)}
      onPointerLeave={() => (dragged.current = null)}
    >
      <Figure pose={pose} view={view} scale={SCALE} roomy label="The posture this phase ends in" />
      {view !== 'top' &&
        SIDES.map((side) => (
          <button
            key={side}
            type="button"
            className="editor-hand"
            style={handleAt(side)}
            aria-label={`The ${side} hand: drag it, or move it with the arrow keys`}
            onPointerDown={(event) => {
              dragged.current = side;
              event.currentTarget.setPointerCapture(event.pointerId);
            }}
            onKeyDown={(event) => {
              const by = STEP * body.size.arm * 100;
              const moves: Record<string, [number, number]> = {
                ArrowLeft: [-by, 0],
                ArrowRight: [by, 0],
                ArrowUp: [0, by],
                ArrowDown: [0, -by],
              };
              const step = moves[event.key];
              if (!step) return;
              event.preventDefault();
              move(side, ...step);
            }}
          />
        ))}
    </div>
  );
}
