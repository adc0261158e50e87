/**
 * The header by which a house says which data it has: another after data was brought back from a backup. A page sends the one it began
 * with, so that what was made of the data before is not written over that.
 */
export const EPOCH_HEADER = 'x-vesperum-epoch';
