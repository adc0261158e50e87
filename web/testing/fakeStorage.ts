/** A browser's storage, with room for so many letters. */
export function fakeStorage(letters = Number.POSITIVE_INFINITY): Storage {
  const kept = new Map<string, string>();
  return {
    get length() {
      return kept.size;
    },
    key: (place) => [...kept.keys()][place] ?? null,
    getItem: (key) => kept.get(key) ?? null,
    removeItem: (key) => void kept.delete(key),
    clear: () => kept.clear(),
    setItem: (key, text) => {
      const others = [...kept].reduce((sum, [other, { length }]) => sum + (other === key ? 0 : length), 0);
      if (others + text.length > letters) throw new DOMException('full', 'QuotaExceededError');
      kept.set(key, text);
    },
  };
}
