import { adaptMovement } from '../session/plan/adaptMovement';
import { lineAsks } from './lineAsks';
import { type ClassInTime, linesInClass } from './whoNeedsWhat';

/** The lines of a class that stand on little with nothing held: with a newcomer there, all are offered a chair or a wall. */
export const unsteadyLines = (of: ClassInTime): string[] =>
  linesInClass(of)
    .filter(
      (line) => lineAsks(line, adaptMovement(line.movement, line.item, line.schools, line.deepest)).unsteadySeconds > 0,
    )
    .map(({ item }) => item.id);
