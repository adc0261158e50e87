import { configureStore } from '@reduxjs/toolkit';
import { readPhase } from '../../../core/movement/edit/readPhase';
import { movement, phase } from '../../../core/testing/sample';
import { movementTraits } from '../../../core/traits/movementTraits';
import {
  described,
  draftRedone,
  draftUndone,
  movementDraftReducer,
  movementOpened,
  phaseAdded,
  phaseChanged,
  phaseRemoved,
  postureChanged,
  startChanged,
} from './editor/movementDraft';
import { waysToShow } from './movement/wayOf';
import { passesFacets } from './wall/facetOf';

const span = { kind: 'span' as const, share: 1 };
const rocking = movement({
  roles: ['warm-up'],
  laterality: { sides: { kind: 'each-side', first: 'left' } },
  start: { stance: 'bow', side: 'left', load: { left: 70, right: 30 }, sink: 46, arms: 'hanging' },
  parts: {
    cycle: [
      phase({ breath: 'in', length: span, to: { load: { left: 20, right: 80 } }, call: 'Back' }),
      phase({ breath: 'out', length: span, to: { load: { left: 70, right: 30 } }, call: 'Forward' }),
    ],
  },
  variants: [{ id: 'seated', kind: 'seated', name: 'On a chair', patch: { seated: true } }],
  layers: [{ name: 'Arms only', keeps: ['arms'] }],
  breathSchools: [{ name: 'Out when back', breaths: ['out', 'in'] }],
});

describe('the facets of the wall', () => {
  const traits = movementTraits(rocking);
  const passes = (query: string) => passesFacets(rocking, traits, new URLSearchParams(query));
  test.each([
    ['', true],
    ['role=warm-up', true],
    ['role=closing', false],
    ['height=middle', true],
    ['height=high', false],
    ['loads=thighs', true],
    ['prepares=neck', false],
    ['breath=led&space=in place', true],
    ['seated=yes', false],
    ['level=1&tradition=qigong', true],
    ['level=3', false],
  ])('%s: %s', (query, expected) => expect(passes(query)).toBe(expected));

  test('what has not been worked out yet is not claimed', () => {
    expect(passesFacets(rocking, undefined, new URLSearchParams('loads=thighs'))).toBe(false);
  });
});

test('a movement is shown in every way it may be done, and only in those that differ', () => {
  expect(waysToShow(rocking).map(({ label }) => label)).toEqual([
    'As written',
    'On a chair',
    'Arms only',
    'Out when back',
    'Front leg in a bow stance: 60 %',
    'Front leg in a bow stance: 80 %',
    'Front leg in a bow stance: 100 %',
    'Sitting back in a bow stance: 75 %',
    'Sitting back in a bow stance: 90 %',
    'Sitting back in a bow stance: 100 %',
    'Rocking back: the front toes rise',
  ]);
  expect(waysToShow(movement()).map(({ kind }) => kind)).toEqual(['written', 'school']);
});

describe('the movement on the bench', () => {
  const bench = () => {
    const store = configureStore({ reducer: { movementDraft: movementDraftReducer } });
    store.dispatch(movementOpened(rocking));
    return { store, present: () => store.getState().movementDraft.present };
  };
  const first = { part: 'cycle' as const, index: 0 };

  test('every change can be undone and done again, back to what was laid out', () => {
    const { store, present } = bench();
    store.dispatch(phaseAdded({ at: { part: 'cycle', index: 2 }, phase: readPhase('free 2 breaths: Wait').phase }));
    store.dispatch(postureChanged({ at: first, to: { sink: 40 } }));
    store.dispatch(startChanged({ arms: 'raised-front' }));
    store.dispatch(phaseRemoved({ part: 'cycle', index: 1 }));
    const built = present();
    expect(built?.parts.cycle.map(({ call }) => call)).toEqual(['Back', 'Wait']);
    for (let step = 0; step < 4; step += 1) store.dispatch(draftUndone());
    expect(present()).toEqual(rocking);
    for (let step = 0; step < 4; step += 1) store.dispatch(draftRedone());
    expect(present()).toEqual(built);
  });

  test('a slider drawn along is one step; another one is another', () => {
    const { store, present } = bench();
    for (const sink of [41, 42, 43]) store.dispatch(postureChanged({ at: first, to: { sink } }));
    for (const turn of [5, 10]) store.dispatch(postureChanged({ at: first, to: { turn } }));
    store.dispatch(draftUndone());
    expect(present()?.parts.cycle[0]?.to).toMatchObject({ sink: 43 });
    expect(present()?.parts.cycle[0]?.to.turn).toBeUndefined();
    store.dispatch(draftUndone());
    expect(present()).toEqual(rocking);
  });

  test('laying out another movement forgets the one before', () => {
    const { store, present } = bench();
    store.dispatch(described({ about: 'Changed.' }));
    store.dispatch(phaseChanged({ at: first, change: { call: 'Sit' } }));
    const other = movement();
    store.dispatch(movementOpened(other));
    store.dispatch(draftUndone());
    expect(present()).toBe(other);
  });
});
