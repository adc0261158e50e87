import { applyEdits } from '../core/session/edit/applyEdits';
import { gapsOf } from '../core/session/findings/checks/unready';
import { findingsOf } from '../core/session/findings/judge';
import { THRESHOLDS } from '../core/session/limits/thresholds';
import { candidatesFor } from '../core/session/propose/candidates';
import { leastCover } from '../core/session/propose/leastCover';
import { proposeCoolDown } from '../core/session/propose/proposeCoolDown';
import { needOf, openGaps, proposeWarmUp, warmUpPlace } from '../core/session/propose/proposeWarmUp';
import { analysedFor, classOf, contextWith, find, forms, preferences } from './proposalBench';

/** The warm-ups and cool-downs that Vesperum proposes from the movements that come along. */

describe.each(forms.map((form) => [form.names.english[0], form] as const))('a warm-up for %s', (_name, form) => {
  const plan = classOf(form.entries.map(({ movementId }) => movementId));
  const proposals = proposeWarmUp(plan, contextWith(), preferences);

  test('leaves nothing unready that anyone can be made ready for', () => {
    for (const { edits } of proposals) {
      const gaps = gapsOf(analysedFor(applyEdits(plan, edits))).filter(({ size }) => size >= THRESHOLDS.readinessGap);
      // More than 1 is asked of nobody by being warm: that is for strain to say.
      expect(gaps.filter(({ demand }) => demand <= 1)).toEqual([]);
    }
  });
  test('three of them, that differ, each in good order and with reasons', () => {
    const sets = proposals.map((proposal) =>
      proposal.movements
        .map(({ id }) => id)
        .toSorted()
        .join(),
    );
    expect(new Set(sets).size).toBe(3);
    for (const proposal of proposals) {
      const places = proposal.movements.map(warmUpPlace);
      expect(places).toEqual(places.toSorted((a, b) => a - b));
      expect(proposal.reasons.join(' ').length).toBeGreaterThan(30);
    }
  });
});

test('a warm-up is within a tenth of the best there is among twelve', () => {
  for (const ids of [
    ['push-the-mountains', 'cloud-hands'],
    ['draw-the-bow', 'horse-shifts', 'golden-rooster'],
  ].map((some) => some.filter((id) => find(id)))) {
    const plan = classOf(ids);
    const need = needOf(plan, contextWith());
    if (!need) throw new Error('a class of known movements');
    const offered = candidatesFor(plan, contextWith(), preferences, 'warm-up')
      .map((candidate) => ({ ...candidate, price: candidate.seconds }))
      .toSorted((a, b) => openGaps(need, [a]) - openGaps(need, [b]))
      .slice(0, 12);
    let best = Number.POSITIVE_INFINITY;
    for (let mask = 0; mask < 2 ** offered.length; mask += 1) {
      const chosen = offered.filter((_, place) => (mask >> place) % 2 === 1);
      const price = chosen.reduce((sum, one) => sum + one.price, 0);
      if (price < best && openGaps(need, chosen) === 0) best = price;
    }
    const ours = leastCover(offered, (chosen) => openGaps(need, chosen));
    expect(ours.closed).toBe(best < Number.POSITIVE_INFINITY);
    if (ours.closed) expect(ours.chosen.reduce((sum, one) => sum + one.price, 0)).toBeLessThanOrEqual(best * 1.1);
  }
});

test('what the group knows is preferred where that is asked for, and what it had lately left where something else is', () => {
  const plan = classOf(['cloud-hands', 'brush-knee']);
  const known = new Set([
    'neck-turns',
    'shoulder-rolls',
    'waist-turns',
    'small-squats',
    'ankle-circles',
    'knee-circles',
  ]);
  const of = contextWith({ known });
  const [, familiar, varied] = proposeWarmUp(plan, of, { level: 1, recent: known });
  const share = (proposal: typeof familiar) =>
    (proposal?.movements.filter(({ id }) => known.has(id)).length ?? 0) / (proposal?.movements.length ?? 1);
  expect(share(familiar)).toBeGreaterThan(share(varied));
});

test('where little is offered it is done more often, and what it does not close is said', () => {
  const plan = classOf(['draw-the-bow', 'golden-rooster', 'cloud-hands']);
  const few = ['neck-turns', 'knee-circles'].flatMap((id) => find(id) ?? []);
  const of = contextWith({ offered: few });
  const [proposal] = proposeWarmUp(plan, of, preferences);
  if (!proposal) throw new Error('a warm-up of what there is');
  const whole = applyEdits(plan, proposal.edits);
  const lines = whole.sections.flatMap(({ kind, items }) => (kind === 'warm-up' ? items : []));
  expect(lines.some((item) => item.kind === 'movement' && item.count > (find(item.movementId)?.count.usual ?? 0))).toBe(
    true,
  );
  const gaps = (one: typeof plan) =>
    gapsOf(analysedFor(one, of)).filter(({ size }) => size >= THRESHOLDS.readinessGap).length;
  expect(gaps(whole)).toBeLessThan(gaps(plan));
  expect(proposal.complete).toBe(false);
  expect(proposal.reasons.join(' ')).toMatch(/What is offered does not close everything: .* in /);
});

test('a seated class is warmed up on its chairs', () => {
  const plan = classOf(['seated-opening', 'seated-raise-and-sink'], 30);
  const [proposal] = proposeWarmUp(plan, contextWith(), preferences);
  const analysed = analysedFor(applyEdits(plan, proposal?.edits ?? []));
  expect(proposal?.movements.length).toBeGreaterThan(2);
  for (const movement of analysed.movements.values()) expect(movement.start.load.seat).toBeGreaterThan(0);
});

test('a cool-down lasts, slows down, stands high, looks after what worked, and the class ends still', () => {
  const plan = classOf(['brush-knee', 'horse-shifts', 'cloud-hands', 'standing-post'], 45);
  for (const { edits, complete, movements: chosen } of proposeCoolDown(plan, contextWith(), preferences)) {
    const after = analysedFor(applyEdits(plan, edits));
    const about = findingsOf(after).filter(
      ({ code, itemId }) =>
        code.startsWith('cool-down') ||
        code === 'ends-moving' ||
        (code === 'not-ready' && itemId?.startsWith('cool-down')),
    );
    expect(about).toEqual([]);
    expect(complete).toBe(true);
    expect(chosen.length).toBeGreaterThan(2);
  }
});
