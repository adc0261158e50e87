import dayjs from 'dayjs';

/**
 * The day of a moment where this machine is, YYYY-MM-DD: shortly after midnight in summer it is not the day of UTC.
 * @param moment ISO 8601
 * @example localDay('2027-06-15T23:10:00Z') // "2027-06-16" in London
 */
export const localDay = (moment: string): string => dayjs(moment).format('YYYY-MM-DD');
