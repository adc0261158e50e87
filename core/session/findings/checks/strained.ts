import { type RegionStrain, sessionStrain, strainDuring } from '../../load/sessionStrain';
import { strainWords } from '../../report/strainWords';
import { THRESHOLDS } from '../../report/thresholds';
import type { Check, Finding, Judged, Remedy } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { weigh } from '../finding/weigh';
import { easierWays, fewer, joined, leftOut, longerRoundRest, restsBefore } from '../remedies/easing';
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
function bandsOf({ pieces, otherWays, strength }: Judged): Band[] {
  const [led = [], ...others] = [pieces, ...otherWays].map((way) => sessionStrain(way, strength));
  return led.map((strain, region) => {
    const all = [strain, ...others.flatMap((way) => way[region] ?? [])];
    return {
      strain: all.reduce((hardest, one) => (one.percent > hardest.percent ? one : hardest)),
      least: Math.min(...all.map(({ percent }) => percent)),
    };
  });
}

const look = (judged: Judged): Finding[] =>
  bandsOf(judged).flatMap(({ strain, least }) => {
    const key = keyOf(strain);
    const weighed = weigh(judged, key, strain.percent, LIMITS);
    if (!weighed) return [];
    const words = strainWords(strain, judged.strength, (itemId) => nameOf(judged, itemId));
    return [
      {
        code: 'strained',
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
function stillThere({ pieces }: Judged, finding: Finding, { region, atMs }: RegionStrain): Check['look'] {
  const worst = pieces.findLast(({ startMs }) => startMs < atMs)?.itemId;
  const lines = new Set([finding.itemId, worst].flatMap((itemId) => itemId ?? []));
  return (after) => {
    const ways = [after.pieces, ...after.otherWays].map((way) => strainDuring(way, after.strength, region, lines));
    return weigh(after, finding.key, Math.max(...ways), LIMITS) ? [finding] : [];
  };
}

/** A region over the group's ceiling, with the lines it comes from. */
export const strained: Check = {
  codes: ['strained'],
  look,
  remedies: (judged, finding) => {
    const strain = bandsOf(judged).find((band) => keyOf(band.strain) === finding.key)?.strain;
    // The lines that make up most of the worst moment.
    const lines = (strain?.parts ?? []).slice(0, 3).map(({ itemId }) => itemId);
    const [first] = lines;
    if (!strain || !first) return [];
    const still = stillThere(judged, finding, strain);
    const tried = (ways: (judged: Judged, line: string) => Remedy[]): Remedy[] =>
      lines.flatMap((line) => firstThatClears(still, judged, finding, ways(judged, line))).slice(0, 1);
    const rested = firstThatClears(still, judged, finding, restsBefore(judged, first));
    const one = [...rested, ...tried(longerRoundRest), ...tried(fewer), ...tried(easierWays)];
    if (one.length > 0) return one;
    const ways = together(judged, lines, false);
    const [shorter] = firstThatClears(still, judged, finding, ways);
    // Rests as well are only worth it where more of the lines can stay.
    const milder = together(judged, lines, true).slice(0, shorter ? ways.indexOf(shorter) : undefined);
    const both = [...(shorter ? [shorter] : []), ...firstThatClears(still, judged, finding, milder)];
    return both.length > 0 ? both : tried(leftOut);
  },
};

/** How much less of each line is tried where it takes several: so many steps down to its least. */
const STEPS = 10;

/** Where no single change is enough: the largest lines all a little shorter, then more and more, with a rest before each or not. */
function together(judged: Judged, lines: readonly string[], isRested: boolean): Remedy[] {
  const ways = lines.map((line) => fewer(judged, line));
  const rests = isRested ? lines.flatMap((line) => restsBefore(judged, line)[3]?.edits ?? []) : [];
  return Array.from({ length: STEPS }, (_, step) => (step + 1) / STEPS).flatMap((share): Remedy[] => {
    const less = ways.flatMap((way) => way[Math.ceil(share * way.length) - 1] ?? []);
    if (less.length === 0) return [];
    const all = joined(less);
    if (rests.length === 0) return [all];
    return [{ label: `${all.label}; a minute of rest before each`, edits: [...all.edits, ...rests] }];
  });
}
