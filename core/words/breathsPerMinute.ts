/** Breaths a minute to one decimal, without a needless ".0". */
export const breathsPerMinute = (pace: number): string => String(Math.round(pace * 10) / 10);
