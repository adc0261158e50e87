import { rememberFor } from '../../../remember/rememberFor';

/** What of a class says which way its lines are turned. */
type Lines = readonly { readonly items: readonly { readonly id: string; readonly facing?: number }[] }[];

const facingsIn = rememberFor(
  (sections: Lines): ReadonlyMap<string, number> =>
    new Map(
      sections.flatMap(({ items }) =>
        items.flatMap(({ id, facing = 0 }) => (facing === 0 ? [] : [[id, facing] as const])),
      ),
    ),
);

/** Which way each line of a class is turned, degrees clockwise from the front; those that face it are not in it. */
export const facingsOf = ({ sections }: { readonly sections: Lines }): ReadonlyMap<string, number> =>
  facingsIn(sections);

const EIGHTHS: Readonly<Record<number, string>> = {
  0: 'to the front',
  45: 'to the front right',
  90: 'to the right',
  135: 'to the back right',
  180: 'to the back',
  [-135]: 'to the back left',
  [-90]: 'to the left',
  [-45]: 'to the front left',
  [-180]: 'to the back',
};

/** The eighths of a turn a line may be turned to, the front first. */
export const FACINGS: readonly number[] = [0, 45, 90, 135, 180, -135, -90, -45];

/** A way in words: "to the right", "60° to the left". */
export const facingWords = (facing: number): string =>
  EIGHTHS[facing] ?? `${Math.abs(facing)}° to the ${facing > 0 ? 'right' : 'left'}`;
