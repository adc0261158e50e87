import { besideServer } from './askThread';

/** Faces as style rules, or why there are none. */
export type CutFaces = { readonly ok: true; readonly css: string } | { readonly ok: false; readonly why: string };

/** Cuts the Kai face down to the letters of a text, in a thread beside the server. */
export function facesBeside(): (text: string) => Promise<string> {
  const { ask } = besideServer<string, CutFaces>(
    'facesWorker',
    'The letters could not be cut out: what does it stopped.',
  );
  return async (text) => {
    const answer = await ask(text);
    if (!answer.ok) throw new Error(answer.why);
    return answer.css;
  };
}
