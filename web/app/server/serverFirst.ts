/**
 * What the server says goes first, whatever is kept here: an old build never hides a new one, nor an old answer the newest. What was
 * kept is only for when the server cannot be asked.
 * @throws what asking threw, where nothing was kept
 */
export async function serverFirst<Answer>(
  ask: () => Promise<Answer>,
  kept: () => Promise<Answer | undefined>,
): Promise<Answer> {
  try {
    return await ask();
  } catch (away) {
    const answer = await kept();
    if (answer === undefined) throw away;
    return answer;
  }
}
