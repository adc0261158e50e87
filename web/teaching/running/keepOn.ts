/**
 * Keeps something at once, every so often, and when the page goes away. Answers how to stop it.
 * @param every milliseconds
 */
export function keepOn(keep: () => void, every: number): () => void {
  keep();
  const timer = setInterval(keep, every);
  window.addEventListener('pagehide', keep);
  return () => {
    clearInterval(timer);
    window.removeEventListener('pagehide', keep);
  };
}
