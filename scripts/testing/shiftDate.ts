/**
 * Makes `Date` show another time in this realm, for tests that take place on a day of their own. It stands alone: it is also sent to
 * pages as it is.
 * @param aheadMs how far ahead of the real time
 */
export function shiftDate(aheadMs: number): void {
  const Real = Date;
  const realNow = Real.now.bind(Real);
  function Shifted(...given: []) {
    const args = given.length > 0 ? given : [Shifted.now()];
    return new.target ? Reflect.construct(Real, args, new.target) : new Real(Shifted.now()).toString();
  }
  Object.setPrototypeOf(Shifted, Real);
  Shifted.prototype = Real.prototype;
  Shifted.now = () => realNow() + aheadMs;
  // A clock that is set while tests run shows in the time since the start of a process only here.
  Shifted.unshifted = (Real as { unshifted?: () => number }).unshifted ?? realNow;
  Object.assign(globalThis, { Date: Shifted });
}

/** How far `Date` is ahead of the time on the wall, milliseconds. */
export function aheadOfWall(): number {
  const { unshifted = Date.now } = Date as { unshifted?: () => number };
  return Date.now() - unshifted();
}
