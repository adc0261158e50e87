import { THRESHOLDS } from '../../limits/thresholds';
import type { HandBridge } from '../../plan/session';
import type { LineStretch } from '../../timeline/segment';
import {
  type AnalysedClass,
  type Check,
  checkFor,
  type Evidence,
  type FindingOf,
  type Remedy,
} from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { weigh } from '../finding/weigh';
import { restsBefore } from '../remedies/easing';
import { firstThatClears } from '../remedies/mending';

function findingAt(
  analysed: AnalysedClass,
  { itemId, startMs, bridge }: LineStretch,
): FindingOf<'bridge-missing' | 'bridge-long'>[] {
  if (!bridge) return [];
  const at = { itemId, atMs: startMs };
  const name = nameOf(analysed, itemId);
  if (bridge.led === 'missing')
    return [
      {
        ...at,
        code: 'bridge-missing',
        evidence: { halves: bridge.halves, call: bridge.call },
        key: `bridge-missing ${itemId}`,
        severity: 'warn',
        amount: 1,
        borderline: false,
        what: `No sound way is known from where the line before ends to where ${name} begins.`,
        why: ['A foot is lifted only when it is empty and turned only when it bears little; give the steps by hand.'],
      },
    ];
  if (bridge.led === 'free') return [];
  const key = `bridge-long ${itemId}`;
  const limits = { limit: THRESHOLDS.bridgeHalves, severity: ['notice', 'notice'] } as const;
  const weighed = weigh(analysed, key, bridge.halves, limits);
  if (!weighed) return [];
  return [
    {
      ...at,
      code: 'bridge-long',
      evidence: { halves: bridge.halves, call: bridge.call },
      key,
      ...weighed,
      what: `It takes ${bridge.halves} breath halves to step into ${name}.`,
      why: [`${bridge.call}. ${THRESHOLDS.bridgeHalves} halves are let pass between movements that flow on.`],
    },
  ];
}

const look = (analysed: AnalysedClass): FindingOf<'bridge-missing' | 'bridge-long'>[] => {
  const found = analysed.timeline.items.flatMap((occurrence) => findingAt(analysed, occurrence));
  return found.filter(({ key }, place) => found.findIndex((other) => other.key === key) === place);
};

/** The steps given by hand, in so many halves that the breath keeps its places. */
function byHand(analysed: AnalysedClass, itemId: string, evidence: Evidence['bridge-long']): Remedy[] {
  const most = THRESHOLDS.bridgeHalves;
  const halves = evidence.halves % 2 === most % 2 ? most : most - 1;
  const steps: HandBridge = { halves, call: evidence.call || 'Find your place' };
  const label = `Step into ${nameOf(analysed, itemId)} in ${halves} breath halves, by hand`;
  return [{ label, edits: [{ kind: 'change', itemId, to: { bridge: steps } }] }];
}

/** Steps between two lines that nobody knows, or that take so long that the class does not flow on. */
export const bridges: Check = checkFor({
  codes: ['bridge-missing', 'bridge-long'],
  look,
  remedies: (analysed, finding) => {
    const { itemId, evidence } = finding;
    if (itemId === null) return [];
    return [
      ...firstThatClears(look, analysed, finding, byHand(analysed, itemId, evidence)),
      ...firstThatClears(look, analysed, finding, restsBefore(analysed, itemId)),
    ];
  },
});
