import type { WellRead } from '../store/unread';
import { contentOf } from './figure';
import type { FigureStore } from './figureStore';

const KIND = 'well read';

/** Rows that this version has read as they stand: it need not look at them again. */
export const wellReadIn = (figures: FigureStore): WellRead => ({
  has: (kind, id, text) => figures.find(KIND, `${kind} ${id}`, contentOf(text)) !== undefined,
  add: (kind, id, text) => figures.keep(KIND, `${kind} ${id}`, contentOf(text), true),
});
