import type { Taken } from '../../../core/course/schema/course';
import { TAKEN_LABELS } from '../../../core/course/schema/takenLabels';
import type { ClassLog } from '../../../core/record/classLog';

/**
 * How what was taught went, as notes of its record, where there is no course to keep it in: "How it went: Cloud Hands: they have it".
 * @param taken by the topics of the course; what none of the lines is there for is called by its id
 */
export function takenNotes(
  { plan, items }: Pick<ClassLog, 'plan' | 'items'>,
  taken: readonly { readonly thread: string; readonly taken: Taken }[],
): string[] {
  const lines = plan.sections.flatMap((section) => section.items);
  return taken.map(({ thread, taken: how }) => {
    const line = lines.find(({ origin }) => origin?.thread === thread);
    const title = items.find(({ itemId }) => itemId === line?.id)?.title ?? thread;
    return `How it went: ${title}: ${TAKEN_LABELS[how].toLowerCase()}`;
  });
}
