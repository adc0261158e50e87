import type { KeyboardEvent } from 'react';
import type { ClassEdit } from '../../../../../core/session/edit/edit';
import { takeLines } from '../../../../../core/session/edit/editLines';
import { type LinePlace, placeOf } from '../../../../../core/session/edit/editPlan';
import type { Item } from '../../../../../core/session/plan/session';
import { useAppDispatch } from '../../../../app/store';
import { selectChosen, selectSession, useDeskStore } from '../../draft/draftStore';
import { taken } from '../../draft/hand';
import { useEdits } from '../../draft/useEdits';
import { carriedLines, carry } from '../../passages/carriedLines';
import { focusLine, focusNeighbour, heirOf } from '../../selection/lineFocus';
import { useChoosing } from '../../selection/useChoosing';

/** Seconds of a rest that a key puts in. */
const REST_SECONDS = 30;

interface Hand {
  readonly item: Item;
  readonly place: LinePlace;
}

/** What the keys do to the line that has the keyboard. Answers the handler for the whole running order. */
export function useLineKeys() {
  const edit = useEdits();
  const chosen = useChoosing();
  const store = useDeskStore();
  const dispatch = useAppDispatch();

  /** The class and what is chosen of it at the moment of a key. */
  const now = () => {
    const state = store.getState();
    return { session: selectSession(state), ids: selectChosen(state) };
  };

  const move = ({ item: { id } }: Hand, direction: 1 | -1) => {
    const { ids } = now();
    edit([ids.has(id) ? { kind: 'shift', itemIds: [...ids], direction } : { kind: 'nudge', itemId: id, direction }]);
    focusLine(id);
  };
  /** Goes on with the first line that was put in. */
  const focusFirst = (edits: readonly ClassEdit[] | null) => {
    const [first] = edits ?? [];
    if (first?.kind === 'add') focusLine(first.item.id);
    if (first?.kind === 'put') focusLine(first.lines.items[0]?.id ?? '');
  };
  const after = ({ place }: Hand): LinePlace => ({ ...place, index: place.index + 1 });
  /** What a key is meant for: the lines that are chosen, where this is one of them. */
  const meant = ({ item }: Hand): ReadonlySet<string> => (now().ids.has(item.id) ? now().ids : new Set([item.id]));
  const group = (hand: Hand) => {
    edit([{ kind: 'together', itemIds: [...meant(hand)], as: { rounds: 2, roundRest: 20 } }]);
    chosen.letGo();
  };
  const putIn = (hand: Hand) => {
    const carried = carriedLines();
    if (carried) focusFirst(edit([{ kind: 'paste', at: after(hand), lines: carried.lines }]));
  };
  const chooseOn = ({ item }: Hand, direction: 1 | -1) => {
    if (now().ids.size === 0) chosen.toggle(item.id);
    const next = focusNeighbour(item.id, direction);
    if (next) chosen.extendTo(next);
  };
  const remove = (hand: Hand) => {
    const ids = meant(hand);
    const heir = heirOf(hand.item.id, ids);
    edit([{ kind: 'remove', itemIds: [...ids] }]);
    dispatch(taken(heir));
    if (heir) focusLine(heir);
  };

  const keys: Readonly<Record<string, (hand: Hand) => unknown>> = {
    ArrowDown: ({ item }) => focusNeighbour(item.id, 1),
    ArrowUp: ({ item }) => focusNeighbour(item.id, -1),
    'Alt+ArrowDown': (hand) => move(hand, 1),
    'Alt+ArrowUp': (hand) => move(hand, -1),
    '+': ({ item }) => edit([{ kind: 'step', itemId: item.id, direction: 1 }]),
    '=': ({ item }) => edit([{ kind: 'step', itemId: item.id, direction: 1 }]),
    '-': ({ item }) => edit([{ kind: 'step', itemId: item.id, direction: -1 }]),
    s: ({ item }) => edit([{ kind: 'turn', itemId: item.id }]),
    d: ({ item }) => focusFirst(edit([{ kind: 'double', itemId: item.id }])),
    r: (hand) => focusFirst(edit([{ kind: 'pause', at: after(hand), pause: 'rest', seconds: REST_SECONDS }])),
    a: ({ place }) => document.querySelector<HTMLElement>(`#add-to-${place.section}`)?.focus(),
    Enter: () => document.querySelector<HTMLElement>('.line-panel input')?.focus(),
    ' ': ({ item }) => chosen.toggle(item.id),
    'Shift+ArrowDown': (hand) => chooseOn(hand, 1),
    'Shift+ArrowUp': (hand) => chooseOn(hand, -1),
    // First what is chosen is let go, then the line: the panel shows the whole class again.
    Escape: () => (now().ids.size > 0 ? chosen.letGo() : dispatch(taken(null))),
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
