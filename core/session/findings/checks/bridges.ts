import type { HandBridge } from '../../plan/session';
import { THRESHOLDS } from '../../report/thresholds';
import type { LineStretch } from '../../timeline/segment';
import type { Check, Finding, Judged, Remedy } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { weigh } from '../finding/weigh';
import { restsBefore } from '../remedies/easing';
import { firstThatClears } from '../remedies/mending';

function findingAt(judged: Judged, { itemId, startMs, bridge }: LineStretch): Finding[] {
  if (!bridge) return [];
  const at = { itemId, atMs: startMs };
  const name = nameOf(judged, itemId);
  if (bridge.led === 'missing')
    return [
      {
        ...at,
        code: 'bridge-missing',
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
  const weighed = weigh(judged, key, bridge.halves, limits);
  if (!weighed) return [];
  return [
    {
      ...at,
      code: 'bridge-long',
      key,
      ...weighed,
      what: `It takes ${bridge.halves} breath halves to step into ${name}.`,
      why: [`${bridge.call}. ${THRESHOLDS.bridgeHalves} halves are let pass between movements that flow on.`],
    },
  ];
}

const look = (judged: Judged): Finding[] => {
  const found = judged.timeline.items.flatMap((visit) => findingAt(judged, visit));
  return found.filter(({ key }, place) => found.findIndex((other) => other.key === key) === place);
};

/** The steps given by hand, in so many halves that the breath keeps its places. */
function byHand(judged: Judged, itemId: string): Remedy[] {
  const bridge = judged.timeline.items.find((visit) => visit.itemId === itemId)?.bridge;
  const most = THRESHOLDS.bridgeHalves;
  const halves = bridge && bridge.halves % 2 === most % 2 ? most : most - 1;
  const steps: HandBridge = { halves, call: bridge?.call || 'Find your place' };
  const label = `Step into ${nameOf(judged, itemId)} in ${halves} breath halves, by hand`;
  return [{ label, edits: [{ kind: 'change', itemId, to: { bridge: steps } }] }];
}

/** Steps between two lines that nobody knows, or that take so long that the class does not flow on. */
export const bridges: Check = {
  codes: ['bridge-missing', 'bridge-long'],
  look,
  remedies: (judged, finding) => {
    const { itemId } = finding;
    if (itemId === null) return [];
    return [
      ...firstThatClears(look, judged, finding, byHand(judged, itemId)),
      ...firstThatClears(look, judged, finding, restsBefore(judged, itemId)),
    ];
  },
};
