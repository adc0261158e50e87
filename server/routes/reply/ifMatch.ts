import type { Context } from 'hono';
import { contentTag } from '../../../core/words/contentTag';
import { Refusal } from './problem';

/**
 * Refuses a write that was made from another version than the one that is there, by what HTTP has for it: `If-Match` names the version
 * it was made from, `If-None-Match: *` says it is new. What is there comes along, so that nobody has to choose blindly.
 * @param what how the thing is called: "group"
 */
export function mustMatch(context: Context, current: object | null, what: string): void {
  const [match, none] = [context.req.header('If-Match'), context.req.header('If-None-Match')];
  const isOther = match !== undefined && match !== (current === null ? null : contentTag(current));
  if (!isOther && !(none === '*' && current !== null)) return;
  throw new Refusal(
    409,
    current === null
      ? `This ${what} was deleted elsewhere.`
      : `This ${what} was changed elsewhere since you opened it.`,
    { stored: current },
  );
}
