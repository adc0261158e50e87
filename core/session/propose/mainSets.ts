import { sumBy } from 'remeda';
import type { Form } from '../../movement/schema/form';
import type { Movement } from '../../movement/schema/movement';
import { baseId } from '../../movement/schema/version';
import { formLines } from '../edit/formLines';
import type { Plan } from '../plan/session';
import { type Aim, balanceOf } from './aims';
import { type Candidate, candidateOf } from './candidates';

/** What a main part may be made of: pieces of one kind to choose from, or a form to be done as one. */
export interface MainSet {
  /** What it is called in a reason. */
  readonly name: string;
  /** Of a form, in its order. */
  readonly lines: readonly Candidate[];
  /** Whether its lines are a form, kept whole and in order; one that is walked is done again as a whole. */
  readonly form: 'none' | 'standing' | 'walked';
}

/** A class for breath and calm stands on two feet and does not stay with the hands overhead. Conventions. */
const CALM_BALANCE = 0.3;
const CALM_OVERHEAD = 0.3;

/** Shaken, bounced, kicked or counted out in beats. */
const isQuick = ({ parts: { cycle } }: Movement): boolean =>
  cycle.some(({ length, overlays }) => length.kind === 'beats' || overlays.some(({ kind }) => kind === 'vibration'));

const overheadShare = (pieces: Candidate['pieces']): number =>
  sumBy(pieces, ({ demand: { overhead }, seconds }) => (overhead.left || overhead.right ? seconds : 0)) /
  Math.max(
    1,
    sumBy(pieces, ({ seconds }) => seconds),
  );

/** Whether a movement may stand in a main part for an aim. */
export const suits = ({ movement, pieces }: Candidate, aim: Aim): boolean =>
  aim !== 'calm' ||
  (balanceOf(movement) <= CALM_BALANCE &&
    pieces.every(({ demand }) => demand.oneLeg === null) &&
    overheadShare(pieces) <= CALM_OVERHEAD &&
    !isQuick(movement));

/** A form as candidates, every place on its side; null where it has a place that is not offered here. */
function formSet(form: Form, offered: ReadonlyMap<string, Movement>, plan: Plan, section: number): MainSet | null {
  const find = (id: string) => offered.get(baseId(id));
  if (form.tradition === 'preparation' || form.entries.some(({ movementId }) => !find(movementId))) return null;
  const lines = formLines(form, find, (place) => `form-${place}`).flatMap((item): Candidate[] => {
    const movement = find(item.movementId);
    return movement ? [candidateOf(movement, item, plan, section)].flatMap((one) => one ?? []) : [];
  });
  return { name: form.names.english[0] ?? form.id, lines, form: form.tradition === 'tai-chi' ? 'walked' : 'standing' };
}

/**
 * What a main part for an aim may be made of: the pieces of the standing traditions, stepping practised by itself, or a form. A place of a
 * walked form is nothing by itself.
 * @param candidates everything that is offered for a main part
 */
export function mainSets(
  candidates: readonly Candidate[],
  aim: Aim,
  forms: readonly Form[],
  plan: Plan,
  section: number,
): MainSet[] {
  const suited = candidates.filter((one) => suits(one, aim));
  const places = new Set(
    forms
      .filter(({ tradition }) => tradition === 'tai-chi')
      .flatMap(({ entries }) => entries.map(({ movementId }) => baseId(movementId))),
  );
  const offered = new Map(suited.map(({ movement }) => [baseId(movement.id), movement]));
  const of = (...traditions: Movement['tradition'][]) =>
    suited.filter(
      ({ movement }) =>
        traditions.includes(movement.tradition) && !places.has(baseId(movement.id)) && !isQuick(movement),
    );
  return [
    { name: 'pieces', lines: of('qigong'), form: 'none' as const },
    {
      name: 'stepping and shifting',
      lines: aim === 'legs' || aim === 'balance' ? of('tai-chi', 'preparation') : [],
      form: 'none' as const,
    },
    ...forms.flatMap((form) => formSet(form, offered, plan, section) ?? []),
  ].filter(({ lines }) => lines.length > 2);
}
