import { createRoot } from 'react-dom/client';
import { writtenSide } from '../../core/movement/cycleFor';
import { Movement } from '../../core/movement/movement';
import { walkMovement } from '../../core/movement/walkMovement';
import { trackAtPace } from '../../core/session/trackAtPace';
import { putOn } from '../../web/app/lights';
import { MovingFigure } from '../../web/drawing/figure/MovingFigure';

/** Ten figures that move at once, to see how many frames a second they are drawn. */

const files = import.meta.glob(
  '../../repertoire/{brush-knee,cloud-hands,golden-rooster,heel-kick,lift-the-sky,draw-the-bow,pushing-waves,single-whip,spinning-wheel,wild-goose-flies}.json',
  { eager: true, import: 'default' },
);
const tracks = Object.values(files).map((file) => {
  const movement = Movement.parse(file);
  const walked = walkMovement(movement, { side: writtenSide(movement), cycles: 2 });
  return { id: movement.id, track: trackAtPace(walked.map(({ stride }) => stride)) };
});

putOn('lamp');
const root = document.getElementById('ten');
if (root)
  createRoot(root).render(
    <div style={{ display: 'flex', flexWrap: 'wrap' }}>
      {tracks.map(({ id, track }) => (
        <MovingFigure key={id} track={track} view="three-quarter" scale={0.9} playing at={0} label={id} />
      ))}
    </div>,
  );
