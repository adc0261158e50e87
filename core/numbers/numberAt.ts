/**
 * A number of a list at a place that is known to be in it. Loops that run by the million ask for no more; there is one of these for
 * each kind of list, because an engine that meets all kinds in one function reads each of them slowly.
 * @param place from 0 to one less than the list is long
 * @example numberAt([3, 5], 1) // 5
 */
export const numberAt = (list: readonly number[], place: number): number => list[place] as number;
export const floatAt = (list: Float64Array, place: number): number => list[place] as number;
export const intAt = (list: Int32Array, place: number): number => list[place] as number;
export const shortAt = (list: Int16Array, place: number): number => list[place] as number;
export const byteAt = (list: Int8Array, place: number): number => list[place] as number;
