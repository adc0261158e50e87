import { formLines } from '../../session/edit/formLines';
import { Block } from '../../session/plan/block';
import { newPause } from '../../session/plan/defaults';
import type { Item, LineOrigin } from '../../session/plan/session';
import { warmingOf } from '../../traits/warmingOf';
import { contentOf } from '../schema/topicContent';
import { topicKind } from '../schema/topicKinds';
import { secondsOfLines } from '../syllabus/lineMinutes';
import type { ClassCell } from './classCells';
import {
  type Lines,
  type MainRequest,
  MUCH_OF_LEGS,
  NOTHING,
  originOf,
  REST_AFTER_LEGS,
  settleAt,
} from './mainRequest';
import { mannerFor } from './mannerFor';

/** The places of a form that are new, or looked at closely in a set that is followed whole: explained one by one. */
export function formPlaces(
  { thread, before, layers }: ClassCell,
  request: MainRequest,
  origin: LineOrigin,
  id: string,
): Lines {
  const taught = contentOf(thread).form;
  const form = request.forms.find(({ id: one }) => one === taught?.id);
  if (!form || !taught) return NOTHING;
  const isWhole = topicKind(thread).isFollowedWhole;
  const each = isWhole ? Math.ceil(taught.postures / Math.max(1, thread.layers.length - 1)) : 1;
  // The first layer of a set that is followed whole has no places of its own.
  const [first, last] = isWhole ? [before - 1, layers - 1] : [before, layers];
  const [from, upTo] = [first * each + 1, Math.min(taught.postures, last * each)];
  const lines = formLines(form, request.find, (place) => `${id}-${place}`, upTo, from);
  return {
    items: lines.map((line) => ({ ...line, manner: 'explained', origin, settle: settleAt(request.rules, 0) })),
    blocks: [],
  };
}

/** Between the places of a form a gentle group rests after each that asks much of the legs. */
function withRests(lines: readonly Item[], { find, strength }: MainRequest): Item[] {
  const seconds = REST_AFTER_LEGS[strength];
  return lines.flatMap((line, place): Item[] => {
    const movement = line.kind === 'movement' ? find(line.movementId) : undefined;
    const isHard = movement !== undefined && warmingOf(movement).thighs.peak >= MUCH_OF_LEGS;
    if (seconds === 0 || !isHard || place === lines.length - 1) return [line];
    const rest = newPause('rest', `rest-${line.id}`.slice(0, 56), seconds);
    return [line, { ...rest, block: line.block, origin: line.origin }];
  });
}

/** A form from its beginning, as far as it is known. */
export function runForm({ thread, layers, practised }: ClassCell, request: MainRequest, seconds: number): Lines {
  const taught = contentOf(thread).form;
  const form = request.forms.find(({ id: one }) => one === taught?.id);
  if (!form || !taught) return NOTHING;
  const upTo = topicKind(thread).isFollowedWhole ? taught.postures : layers;
  const id = `run-${thread.id}`.slice(0, 50);
  const origin = originOf(thread, 'run', layers);
  const lines = formLines(form, request.find, (place) => `${id}-${place}`, upTo);
  const once = Math.max(1, secondsOfLines(lines, request.find, request.schools));
  const rounds = topicKind(thread).isFollowedWhole ? 1 : Math.max(1, Math.min(4, Math.round(seconds / once)));
  const manner =
    practised === 0 ? 'follow-along' : mannerFor(Math.max(3, practised), request.strength === 'strong', request.rules);
  const isOneWay = lines.some(({ sides }) => sides.endsWith('-only'));
  const isBlock = lines.length > 1 && (rounds > 1 || isOneWay);
  const block = Block.parse({ id, name: thread.title, rounds, roundRest: rounds > 1 ? 20 : 0, oneWay: isOneWay });
  const items = lines.map(
    (line): Item => ({
      ...line,
      manner,
      origin,
      block: isBlock ? block.id : null,
      rounds: lines.length > 1 ? 1 : rounds,
    }),
  );
  return { items: withRests(items, request), blocks: isBlock ? [block] : [] };
}
