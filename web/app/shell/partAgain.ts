import type { ComponentType } from 'react';

/** Each question for a part that did not come has an address of its own. */
let asked = 0;

/** The address of a part that did not come, and what it is called: a part has the name of its file. */
function missingIn(error: unknown): { readonly address: string; readonly name: string } | null {
  if (!(error instanceof TypeError)) return null;
  const [address] = /https?:\/\/\S+\.js/.exec(error.message) ?? [];
  const [, name] = /\/(\w+)-[^/]+\.js$/.exec(address ?? '') ?? [];
  return address && name ? { address, name } : null;
}

/**
 * Asks once more for a part that did not come. Browsers remember for as long as a page stands that a module did not come, so it is
 * asked for under another address. Null where the error is another one, or where it still does not come.
 * @param load fetches a module by its address
 */
export async function partAgain<Props extends object>(
  error: unknown,
  load: (address: string) => Promise<Readonly<Record<string, unknown>>> = (address) =>
    import(/* @vite-ignore */ address),
): Promise<ComponentType<Props> | null> {
  const missing = missingIn(error);
  if (!missing) return null;
  asked += 1;
  const part = await load(`${missing.address}?again=${asked}`).catch(() => null);
  return (part?.[missing.name] as ComponentType<Props> | undefined) ?? null;
}
