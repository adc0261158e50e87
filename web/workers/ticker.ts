/** Ticks while the page is out of sight: there the browser draws no frames and slows the page's own timers, but not a worker's. */
const EVERY = 200;

setInterval(() => postMessage(null), EVERY);
