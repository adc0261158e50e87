/** How ready a region is for work, 0 cold to 1: it rises while the region is moved gently and fades slowly. Conventions. */
export const WARMING = 30;
/** Half of it is gone after so many idle seconds. */
export const FADING = 900;
/** Moving a joint this fast, degrees a second, warms it as quickly as it can be warmed. */
const WARMING_SPEED = 20;

/** How fully a joint is moved that turned by so many degrees in so many seconds, 0 to 1: from 20 degrees a second on fully. */
export const mobilisedBy = (moved: number, seconds: number): number =>
  Math.min(1, moved / (Math.max(0.1, seconds) * WARMING_SPEED));
/** While demand is over this, moving warms only half as much: it is work, not preparation. */
export const WORKING = 0.35;

/**
 * Readiness after a stretch of constant mobilising, exactly: dR/dt = (1 - R) u / K - R ln 2 / h.
 * `readied(0, 1, 32)` is 0.6492; left alone for 900 s it is 0.3246.
 * @param mobilised u, 0 to 1
 */
export const readied = (ready: number, mobilised: number, seconds: number): number =>
  readiedBy(ready, mobilised, keptReady(mobilised, seconds));

/** How much of what it still lacks, or has too much, is left after so many seconds: e^(-(u / K + ln 2 / h) t). */
export const keptReady = (mobilised: number, seconds: number): number =>
  Math.exp(-(mobilised / WARMING + Math.LN2 / FADING) * seconds);

/** The same as `readied`, where `keptReady` is known already. */
export function readiedBy(ready: number, mobilised: number, kept: number): number {
  const warm = mobilised / WARMING;
  const settled = warm / (warm + Math.LN2 / FADING);
  return settled + (ready - settled) * kept;
}

/** How much may be asked of a region that is so ready. */
export const allowedDemand = (ready: number): number => 0.15 + 0.85 * ready;
