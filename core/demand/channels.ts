import { Region } from '../body/written/region';
import type { Side } from '../body/written/side';
import { numberAt } from '../numbers/numberAt';

/** The regions that have a left and a right. */
export const PAIRED: readonly Region[] = [
  'shoulders',
  'elbows',
  'wrists',
  'hips',
  'thighs',
  'knees',
  'calves',
  'ankles',
];

/** Demand is reckoned for each side of a paired region by itself. */
export interface Channel {
  readonly region: Region;
  readonly side: Side | null;
}

export const CHANNELS: readonly Channel[] = Region.options.flatMap((region): Channel[] =>
  PAIRED.includes(region)
    ? [
        { region, side: 'left' },
        { region, side: 'right' },
      ]
    : [{ region, side: null }],
);

/** One number for each channel, in the order of {@link CHANNELS}. */
export type ChannelValues = readonly number[];

/** Nothing for each channel, to be filled in. A plain array: small typed ones are slower to make. */
export const channelZeros = (): number[] => new Array<number>(CHANNELS.length).fill(0);

const placesOf = (region: Region) => {
  const at = (side: Side | null) => CHANNELS.findIndex((channel) => channel.region === region && channel.side === side);
  return { left: at('left'), right: at('right'), middle: at(null) };
};
const PLACES = Object.fromEntries(Region.options.map((region) => [region, placesOf(region)])) as Readonly<
  Record<Region, ReturnType<typeof placesOf>>
>;

/** Where a channel stands in the list; -1 where a region has no such side. */
export const channelIndex = (region: Region, side: Side | null): number => PLACES[region][side ?? 'middle'];

/** A channel's other side; itself where it has none. */
export const MIRRORED: readonly number[] = CHANNELS.map(({ region, side }) =>
  side === null ? channelIndex(region, null) : channelIndex(region, side === 'left' ? 'right' : 'left'),
);

/** What a mirrored body has: left and right have changed places. */
export function mirrorChannels(values: ChannelValues): ChannelValues {
  const mirrored = channelZeros();
  for (let channel = 0; channel < mirrored.length; channel += 1)
    mirrored[channel] = numberAt(values, numberAt(MIRRORED, channel));
  return mirrored;
}

/** How quickly a region tires and recovers, seconds: legs, arms, trunk. Conventions. */
export const FAST_TAU: Readonly<Record<Region, number>> = {
  neck: 60,
  shoulders: 45,
  elbows: 45,
  wrists: 45,
  'upper-back': 60,
  'low-back': 60,
  hips: 75,
  thighs: 75,
  knees: 75,
  calves: 75,
  ankles: 75,
};
/** The slow compartment, the same for all regions, seconds. Convention. */
export const SLOW_TAU = 900;
