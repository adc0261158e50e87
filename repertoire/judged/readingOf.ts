import { searchOf } from '../../core/movement/edit/search';
import { cycleAmount } from '../../core/movement/schema/cycleAmount';
import type { Movement, Role } from '../../core/movement/schema/movement';
import { passesOf } from '../../core/movement/schema/pass';
import type { Offer, OfferedRepertoire } from '../../core/session/offer/offer';
import { offersFor } from '../../core/session/offer/offersFor';
import type { Item, MovementItem } from '../../core/session/plan/session';
import { session } from '../../core/testing/sample';
import { shippedRepertoire } from '../../server/shippedRepertoire';

/** How a scribbled line is read, in the words of the table of what was meant by it. */
export interface Reading {
  readonly what: string;
  /** Every way of saying how much of it there is: six on each side are also twelve by turns. */
  readonly meant: readonly string[];
  readonly unused: string;
}

const circles = ({ parts: { cycle } }: Movement): number =>
  cycle.reduce(
    (sum, { overlays }) => sum + Math.max(0, ...overlays.map((one) => (one.kind === 'loop' ? one.turns : 0))),
    0,
  );

/** A clock's time as it was typed: "2:30" was kept in the note as its range. */
function inSeconds(text: string): number {
  const [minutes = 0, seconds = 0] = text.split(':').map(Number);
  return 60 * minutes + seconds;
}

function timesOf(movement: Movement, item: MovementItem): string[] {
  const { sides } = movement.laterality;
  const beats = movement.count.unit === 'beats';
  const each = beats && circles(movement) > 0 ? circles(movement) / cycleAmount(movement.parts.cycle, 'beats') : 1;
  const said = (count: number) => count * each;
  const only = item.sides.endsWith('-only') ? ` ${item.sides.replace('-', ' ')}` : '';
  const count = item.range ? `${said(item.range.least)}..${said(item.range.most)}` : `${said(item.count)}`;
  const isHalf = sides.kind === 'alternating' && sides.repetition === 'one-side';
  return [
    `${count} times${only}`,
    ...(sides.kind === 'even' ? [] : [`${isHalf ? said(item.count) / 2 : count} a side`]),
    ...(movement.laterality.directions.kind === 'both' ? [`${count} each way`] : []),
    ...(movement.count.unit === 'breaths' || movement.count.unit === 'repetitions' ? [`${count} breaths`] : []),
  ];
}

function meantBy(movement: Movement, item: MovementItem): string[] {
  const sides = new Set(passesOf(movement.laterality, item).map(({ side }) => side)).size;
  const amounts = (): string[] => {
    if (item.ends.by === 'clock') {
      const [least, most] = item.note.split(' to ').map(inSeconds);
      if (most) return [`${least}..${most} s`];
      const { seconds } = item.ends;
      return [`${seconds} s`, ...(sides > 1 ? [`${seconds / sides} s a side`, `${seconds / sides} s`] : [])];
    }
    return movement.count.unit === 'seconds' ? [`${item.count} s`, `${item.count} s a side`] : timesOf(movement, item);
  };
  const usual = item.count === movement.count.usual && item.ends.by === 'count' && item.rounds === 1 ? ['usual'] : [];
  return [...amounts().map((one) => (item.rounds > 1 ? `${item.rounds} rounds of ${one}` : one)), ...usual];
}

function formMeant({ lines, reading }: Offer): string[] {
  const rounds = lines?.blocks[0]?.rounds ?? 1;
  const each = / (\d+) of each/.exec(reading)?.[1];
  const part = /postures (\d+) to (\d+)/.exec(reading) ?? /as far as posture ()(\d+)/.exec(reading);
  const last = lines?.items.at(-1);
  const upTo = last?.kind === 'movement' ? last.movementId.replaceAll('-', ' ') : '';
  if (part)
    return [
      `postures ${part[1] || 1} to ${part[2]}`,
      // "To the whip" is as far as Single Whip.
      `from the beginning to the ${upTo.split(' ').at(-1)}`,
    ];
  return each ? [`each ${each} times`] : [`whole ${rounds} times`, ...(rounds === 1 ? ['usual'] : [])];
}

function pauseMeant(item: Exclude<Item, MovementItem>): string[] {
  const [, words = item.note, least, most, unit] = /^(.*?),? ?(\d+) to (\d+) (s|min)$/.exec(item.note) ?? [];
  const by = unit === 'min' ? 60 : 1;
  const time = most ? `${Number(least) * by}..${Number(most) * by} s` : `${item.seconds} s`;
  return [[time, words].filter(Boolean).join(': '), ['usual', words].filter(Boolean).join(': ')];
}

/** The shipped repertoire as the running order offers it. */
export function offeredRepertoire(): OfferedRepertoire {
  const { movements, forms, find } = shippedRepertoire();
  return { forms, find, newest: find, search: searchOf(movements) };
}

/** What Enter takes of a line in a section. */
export function firstOffer(role: Role, text: string, repertoire: OfferedRepertoire): Offer | undefined {
  const empty = session({ sections: [{ kind: role, pace: { from: 6, to: 6, easing: 0 }, items: [] }] });
  return offersFor(text, empty, 0, repertoire)[0];
}

/** What a scribbled line comes to when Enter is pressed. */
export function readingOf(role: Role, text: string, repertoire: OfferedRepertoire): Reading {
  const offer = firstOffer(role, text, repertoire);
  const [item] = offer?.lines?.items ?? [];
  if (!offer || !item) return { what: 'nothing', meant: [], unused: text };
  const form = repertoire.forms.find(({ id }) => offer.key === `form ${id}`);
  if (form) return { what: form.id, meant: formMeant(offer), unused: offer.unused };
  if (item.kind !== 'movement') {
    return { what: item.kind === 'clock' ? 'talk' : item.kind, meant: pauseMeant(item), unused: offer.unused };
  }
  const movement = repertoire.find(item.movementId);
  return { what: item.movementId, meant: movement ? meantBy(movement, item) : [], unused: offer.unused };
}
