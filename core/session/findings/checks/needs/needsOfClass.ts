import { whoNeedsWhat } from '../../../../needs/whoNeedsWhat';
import { rememberFor } from '../../../../remember/rememberFor';
import type { AnalysedClass } from '../../finding/finding';

/** How those who come go through each line of a class; worked out once for all checks of it. */
export const needsOfClass = rememberFor((analysed: AnalysedClass) => whoNeedsWhat(analysed, analysed.present.comers));

/** When a line begins, milliseconds from the start of the class. */
export const beginsAt = ({ timeline }: AnalysedClass, itemId: string): number | null =>
  timeline.items.find((one) => one.itemId === itemId)?.startMs ?? null;
