/** Share of the mass that goes where the pelvis goes: all but the lower parts of the legs. The first guess at each step. */
export const CARRIED = 0.86;

/**
 * Where to move the pelvis next so that mass and pressure meet: Broyden's method in the plane. How the mass answers a move is
 * guessed at first and then learnt from every move made, which takes half as many as the guess alone.
 */
export class Approach {
  // The inverse of how the miss answers a move: row by row.
  #a = 1 / CARRIED;
  #b = 0;
  #c = 0;
  #d = 1 / CARRIED;
  #last: { readonly sx: number; readonly sy: number; readonly dx: number; readonly dy: number } | null = null;

  /** The move to make, metres, from how far the pressure now lies from the mass. */
  step(dx: number, dy: number): readonly [x: number, y: number] {
    if (this.#last) this.#learn(this.#last.dx - dx, this.#last.dy - dy, this.#last.sx, this.#last.sy);
    const [sx, sy] = [this.#a * dx + this.#b * dy, this.#c * dx + this.#d * dy];
    this.#last = { sx, sy, dx, dy };
    return [sx, sy];
  }

  /** The last move (sx, sy) carried the mass by (yx, yy). */
  #learn(yx: number, yy: number, sx: number, sy: number): void {
    const hx = this.#a * yx + this.#b * yy;
    const hy = this.#c * yx + this.#d * yy;
    const size = sx * hx + sy * hy;
    if (Math.abs(size) < 1e-14) return;
    const [ux, uy] = [(sx - hx) / size, (sy - hy) / size];
    const [vx, vy] = [sx * this.#a + sy * this.#c, sx * this.#b + sy * this.#d];
    this.#a += ux * vx;
    this.#b += ux * vy;
    this.#c += uy * vx;
    this.#d += uy * vy;
  }
}
