import { type Movement, usualName } from '../../movement/schema/movement';
import type { SettleLine, SettleRoutine } from '../plan/settleRoutine';
import { settleItem } from '../schedule/settleItem';
import { countWords } from './countWords';

const lineWords = (line: SettleLine, find: (id: string) => Movement | undefined): string[] => {
  const movement = find(line.movementId);
  if (!movement) return [];
  const { words } = countWords(movement, settleItem('', movement, line, 'closing'));
  const often = line.count === 1 ? words.replace(/^times/, 'once') : `${line.count} ${words}`;
  return [`${usualName(movement)}, ${often}`];
};

/** A routine in words: "Hands home: Gather to the Centre, 3 times". Movements that are not known are left out. */
export function settleWords({ name, lines }: SettleRoutine, find: (id: string) => Movement | undefined): string {
  const said = lines.flatMap((line) => lineWords(line, find)).join('; ');
  return name === '' ? said : `${name}: ${said}`;
}

/** What a routine is called in a word or two: by its name, or by its first movement. */
export function settleName({ name, lines }: SettleRoutine, find: (id: string) => Movement | undefined): string {
  const [first, ...more] = lines.flatMap(({ movementId }) => find(movementId) ?? []);
  if (name !== '' || !first) return name;
  return more.length === 0 ? usualName(first) : `${usualName(first)} and ${more.length} more`;
}
