import { nanoid } from '@reduxjs/toolkit';
import type { KeyboardEvent } from 'react';
import { clamp } from 'remeda';
import { sidesOffered } from '../../../../../core/movement/schema/pass';
import { takeLines } from '../../../../../core/session/edit/editLines';
import { type LinePlace, neighbourPlace, placeOf } from '../../../../../core/session/edit/editPlan';
import { Block } from '../../../../../core/session/plan/block';
import { newPause, steppedCount } from '../../../../../core/session/plan/defaults';
import { freshLines } from '../../../../../core/session/plan/lineSet';
import { matchItem } from '../../../../../core/session/plan/matchItem';
import type { Item, MovementItem } from '../../../../../core/session/plan/session';
import { type Repertoire, useRepertoire } from '../../../../app/repertoire';
import { useAppDispatch } from '../../../../app/store';
import {
  lineAdded,
  lineChanged,
  lineDoubled,
  lineMoved,
  lineRemoved,
  linesGrouped,
  linesPut,
  linesRemoved,
  linesShifted,
} from '../../draft/draft';
import { selectChosen, selectSession, useDeskStore } from '../../draft/draftStore';
import { taken } from '../../draft/hand';
import { carriedLines, carry } from '../../passages/carriedLines';
import { focusLine, focusNeighbour, heirOf } from '../../selection/lineFocus';
import { useChoosing } from '../../selection/useChoosing';

/** Seconds that one key adds to a rest or a talk. */
const SECONDS_STEP = 10;

/** A line with its sides taken the next way its movement offers; itself where there is nothing to choose. */
export function turnSides(item: Item, repertoire: Repertoire): Item {
  const movement = item.kind === 'movement' ? repertoire.find(item.movementId) : undefined;
  if (item.kind !== 'movement' || !movement) return item;
  const offered = sidesOffered(movement.laterality);
  return { ...item, sides: offered[(offered.indexOf(item.sides) + 1) % offered.length] ?? 'usual' };
}

/** A line with its count one step up or down, by its movement's own step. */
export function stepLine(item: Item, direction: 1 | -1, repertoire: Repertoire): Item {
  const stepSeconds = (pause: Exclude<Item, MovementItem>): Item => ({
    ...pause,
    seconds: clamp(pause.seconds + direction * SECONDS_STEP, { min: SECONDS_STEP, max: 3600 }),
  });
  return matchItem<Item>(item, {
    movement: (line) => {
      const movement = repertoire.find(line.movementId);
      return movement ? { ...line, count: steppedCount(movement, line.count, direction) } : line;
    },
    rest: stepSeconds,
    talk: stepSeconds,
    clock: stepSeconds,
  });
}

interface Hand {
  readonly item: Item;
  readonly place: LinePlace;
}

/** What the keys do to the line that has the keyboard. Answers the handler for the whole running order. */
export function useLineKeys() {
  const repertoire = useRepertoire();
  const chosen = useChoosing();
  const store = useDeskStore();
  const dispatch = useAppDispatch();

  /** The class and what is chosen of it at the moment of a key. */
  const now = () => {
    const state = store.getState();
    return { session: selectSession(state), ids: selectChosen(state) };
  };

  /** Puts a changed line in its place; where nothing changed there is nothing to undo. */
  const change = (item: Item, next: Item) => {
    if (JSON.stringify(next) !== JSON.stringify(item)) dispatch(lineChanged({ id: item.id, item: next }));
  };
  const step = ({ item }: Hand, direction: 1 | -1) => change(item, stepLine(item, direction, repertoire));
  const move = ({ item }: Hand, direction: 1 | -1) => {
    const { session, ids } = now();
    const to = session && neighbourPlace(session, item.id, direction);
    if (ids.has(item.id)) dispatch(linesShifted({ ids: [...ids], direction }));
    else if (to) dispatch(lineMoved({ id: item.id, to }));
    focusLine(item.id);
  };
  const double = ({ item }: Hand) => {
    const copy = nanoid(8);
    dispatch(lineDoubled(item.id, copy));
    focusLine(copy);
  };
  const restAfter = ({ place }: Hand) => {
    const id = nanoid(8);
    dispatch(lineAdded({ at: { ...place, index: place.index + 1 }, item: newPause('rest', id, 30) }));
    focusLine(id);
  };
  /** What a key is meant for: the lines that are chosen, where this is one of them. */
  const meant = ({ item }: Hand): ReadonlySet<string> => (now().ids.has(item.id) ? now().ids : new Set([item.id]));
  const group = (hand: Hand) => {
    const ids = [...meant(hand)];
    dispatch(linesGrouped({ ids, block: Block.parse({ id: nanoid(8), rounds: 2, roundRest: 20 }) }));
    chosen.letGo();
  };
  const putIn = ({ place }: Hand) => {
    const carried = carriedLines();
    if (!carried) return;
    const lines = freshLines(carried.lines, () => nanoid(8));
    dispatch(linesPut({ at: { ...place, index: place.index + 1 }, lines }));
    focusLine(lines.items[0]?.id ?? '');
  };
  const chooseOn = ({ item }: Hand, direction: 1 | -1) => {
    if (now().ids.size === 0) chosen.toggle(item.id);
    const next = focusNeighbour(item.id, direction);
    if (next) chosen.extendTo(next);
  };
  const remove = (hand: Hand) => {
    const ids = meant(hand);
    const heir = heirOf(hand.item.id, ids);
    dispatch(ids.size > 1 ? linesRemoved([...ids]) : lineRemoved(hand.item.id));
    dispatch(taken(heir));
    if (heir) focusLine(heir);
  };

  const keys: Readonly<Record<string, (hand: Hand) => void>> = {
    ArrowDown: ({ item }) => focusNeighbour(item.id, 1),
    ArrowUp: ({ item }) => focusNeighbour(item.id, -1),
    'Alt+ArrowDown': (hand) => move(hand, 1),
    'Alt+ArrowUp': (hand) => move(hand, -1),
    '+': (hand) => step(hand, 1),
    '=': (hand) => step(hand, 1),
    '-': (hand) => step(hand, -1),
    s: ({ item }) => change(item, turnSides(item, repertoire)),
    d: double,
    r: restAfter,
    a: ({ place }) => document.querySelector<HTMLElement>(`#add-to-${place.section}`)?.focus(),
    Enter: () => document.querySelector<HTMLElement>('.line-panel input')?.focus(),
    ' ': ({ item }) => chosen.toggle(item.id),
    'Shift+ArrowDown': (hand) => chooseOn(hand, 1),
    'Shift+ArrowUp': (hand) => chooseOn(hand, -1),
    Escape: () => chosen.letGo(),
    g: group,
    c: (hand) => {
      const { session } = now();
      if (session) carry(session.title, takeLines(session, meant(hand)));
    },
    v: putIn,
    Delete: remove,
    Backspace: remove,
  };

  return (event: KeyboardEvent) => {
    const target = event.target as HTMLElement;
    const id = target.dataset.line;
    if (id === undefined || event.ctrlKey || event.metaKey) return;
    const { session } = now();
    const place = session && placeOf(session, id);
    const item = place && session.sections[place.section]?.items[place.index];
    const named = event.key.startsWith('Arrow') && (event.altKey ? 'Alt+' : event.shiftKey ? 'Shift+' : '');
    const act = keys[named ? `${named}${event.key}` : event.key.length === 1 ? event.key.toLowerCase() : event.key];
    if (!item || !act) return;
    event.preventDefault();
    act({ item, place });
  };
}
