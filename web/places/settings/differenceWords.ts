import type { TableDifference } from '../../../core/formats/api/keepingApi';

/** What the rows of a table are called. */
const KINDS: Readonly<Record<string, string>> = {
  sessions: 'Classes',
  class_logs: 'Records of classes',
  groups: 'Groups',
  people: 'People',
  courses: 'Courses',
  movements: 'Movements of your own',
  passages: 'Kept passages',
  wording: 'Words of your own',
};
const OTHER = 'What belongs to them';

/** What bringing something back would change, a sentence for each kind of thing: "Classes: 3 come back, 1 goes." */
export function differenceWords(differences: readonly TableDifference[]): string[] {
  const kinds = new Map<string, { here: number; there: number; differ: number }>();
  for (const { table, here, there, differ } of differences) {
    const kind = KINDS[table] ?? OTHER;
    const sum = kinds.get(kind) ?? { here: 0, there: 0, differ: 0 };
    kinds.set(kind, { here: sum.here + here, there: sum.there + there, differ: sum.differ + differ });
  }
  const order = [...Object.values(KINDS), OTHER];
  return [...kinds]
    .toSorted(([a], [b]) => order.indexOf(a) - order.indexOf(b))
    .map(([kind, { here, there, differ }]) => {
      const said = [
        there > 0 ? `${there} ${there === 1 ? 'comes' : 'come'} back` : '',
        here > 0 ? `${here} ${here === 1 ? 'goes' : 'go'}` : '',
        differ > 0 ? `${differ} ${differ === 1 ? 'becomes' : 'become'} as then` : '',
      ].filter(Boolean);
      return `${kind}: ${said.join(', ')}.`;
    });
}

/** A size as it is said: "640 kB", "1.2 MB". */
export const sizeWords = (bytes: number): string =>
  bytes < 1_000_000 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;
