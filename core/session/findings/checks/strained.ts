import { THRESHOLDS } from '../../limits/thresholds';
import { type RegionStrain, sessionStrain, strainDuring } from '../../load/sessionStrain';
import { strainWords } from '../../report/strainWords';
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
import { easierWays, fewer, higher, joined, leftOut, longerRoundRest, notLower, restsBefore } from '../remedies/easing';
import { firstThatClears } from '../remedies/mending';

/** A region is said once, with the line it mostly comes from: what is left when that is mended is another finding. */
const keyOf = ({ region, parts }: RegionStrain) => `strained ${region} ${parts[0]?.itemId ?? ''}`;

const LIMITS = { limit: THRESHOLDS.strainWarn, grave: THRESHOLDS.strainStop };

interface Band {
  /** Of those who have it hardest. */
  readonly strain: RegionStrain;
  /** Percent of the ceiling for those who have it easiest; the same where nothing is offered. */
  readonly least: number;
}

/** The strain of every region as a band: each person takes one of the ways that are offered, and the hardest of them counts. */
function bandsOf({ pieces, otherWays, limits }: AnalysedClass): Band[] {
  const [led = [], ...others] = [pieces, ...otherWays].map((way) => sessionStrain(way, limits.ceilings));
  return led.map((strain, region) => {
    const all = [strain, ...others.flatMap((way) => way[region] ?? [])];
    return {
      strain: all.reduce((hardest, one) => (one.percent > hardest.percent ? one : hardest)),
      least: Math.min(...all.map(({ percent }) => percent)),
    };
  });
}

/** The lines that make up most of the worst moment, and the one at whose end it was worst. */
const evidenceOf = (
  { pieces }: AnalysedClass,
  { region, parts, atMs, percent }: RegionStrain,
): Evidence['strained'] => ({
  region,
  // The first is told as what it comes from; of the others those that matter.
  lines: parts
    .filter((part, place) => place === 0 || part.percent > THRESHOLDS.strainPart * percent)
    .slice(0, 3)
    .map(({ itemId }) => itemId),
  worst: pieces.findLast(({ startMs }) => startMs < atMs)?.itemId ?? null,
});

const look = (analysed: AnalysedClass): FindingOf<'strained'>[] =>
  bandsOf(analysed).flatMap(({ strain, least }) => {
    const key = keyOf(strain);
    const over = weigh(analysed, key, strain.percent, LIMITS);
    if (!over) return [];
    // A few percent over a convention are worth knowing and no more.
    const weighed = strain.percent < THRESHOLDS.strainNear ? { ...over, severity: 'notice' as const } : over;
    const words = strainWords(strain, analysed.limits.strength, (itemId) => nameOf(analysed, itemId));
    return [
      {
        code: 'strained',
        evidence: evidenceOf(analysed, strain),
        key,
        ...weighed,
        itemId: strain.parts[0]?.itemId ?? null,
        atMs: strain.atMs,
        what: `${words.charAt(0).toUpperCase()}${words.slice(1)}.`,
        why: [
          ...(least < strain.percent - 1
            ? [
                `${Math.round(least)} to ${Math.round(strain.percent)} %, by the way each person takes of those that are offered.`,
              ]
            : []),
          strain.compartment === 'fast' ? 'It tires within a minute or two.' : 'It adds up over a quarter of an hour.',
          'An index, not a measurement. A rest, a loosening or a higher stance before it brings it down.',
        ],
      },
    ];
  });

/**
 * Looks whether the strain that was found is still there: at the line it comes from and in the one at whose end it was worst. That
 * another line is the worst by now mends nothing.
 */
function stillThere(finding: FindingOf<'strained'>): Check['look'] {
  const { region, worst } = finding.evidence;
  const lines = new Set([finding.itemId, worst].flatMap((itemId) => itemId ?? []));
  return (after) => {
    const ways = [after.pieces, ...after.otherWays].map((way) =>
      strainDuring(way, after.limits.ceilings, region, lines),
    );
    return weigh(after, finding.key, Math.max(...ways), LIMITS) ? [finding] : [];
  };
}

/** A region over the group's ceiling, with the lines it comes from. */
export const strained: Check = checkFor({
  codes: ['strained'],
  look,
  remedies: (analysed, finding) => {
    const { lines } = finding.evidence;
    const [first] = lines;
    if (!first) return [];
    const still = stillThere(finding);
    const tried = (ways: (analysed: AnalysedClass, line: string) => Remedy[]): Remedy[] =>
      lines.flatMap((line) => firstThatClears(still, analysed, finding, ways(analysed, line))).slice(0, 1);
    // In the order an instructor would: stand higher, go no lower from round to round, another way, a rest, and fewer at last.
    const rested = firstThatClears(still, analysed, finding, restsBefore(analysed, first));
    const one = [
      ...tried(higher),
      ...tried(notLower),
      ...tried(easierWays),
      ...rested,
      ...tried(longerRoundRest),
      ...tried(fewer),
    ];
    if (one.length > 0) return one;
    // All of them a little higher is milder than any of them shorter.
    const raised = lines.map((line) => higher(analysed, line));
    const allHigher = [0, 1, 2].flatMap((step): Remedy[] => {
      const some = raised.flatMap((way) => way[step] ?? []);
      return some.length > 1 ? [joined(some)] : [];
    });
    const stood = firstThatClears(still, analysed, finding, allHigher);
    const ways = together(analysed, lines, false);
    const [shorter] = firstThatClears(still, analysed, finding, ways);
    // Rests as well are only worth it where more of the lines can stay.
    const milder = together(analysed, lines, true).slice(0, shorter ? ways.indexOf(shorter) : undefined);
    const both = [...stood, ...(shorter ? [shorter] : []), ...firstThatClears(still, analysed, finding, milder)];
    return both.length > 0 ? both : tried(leftOut);
  },
});

/** How much less of each line is tried where it takes several: so many steps down to its least. */
const STEPS = 10;

/** Where no single change is enough: the largest lines all a little shorter, then more and more, with a rest before each or not. */
function together(analysed: AnalysedClass, lines: readonly string[], isRested: boolean): Remedy[] {
  const ways = lines.map((line) => fewer(analysed, line));
  const rests = isRested ? lines.flatMap((line) => restsBefore(analysed, line)[3]?.edits ?? []) : [];
  return Array.from({ length: STEPS }, (_, step) => (step + 1) / STEPS).flatMap((share): Remedy[] => {
    const less = ways.flatMap((way) => way[Math.ceil(share * way.length) - 1] ?? []);
    if (less.length === 0) return [];
    const all = joined(less);
    if (rests.length === 0) return [all];
    return [{ label: `${all.label}; a minute of rest before each`, edits: [...all.edits, ...rests] }];
  });
}
