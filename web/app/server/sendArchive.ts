import { AGREED, ARCHIVE_PATH, ARCHIVE_TYPE, BroughtBack, Comparison } from '../../../core/formats/api/keepingApi';
import { adoptEpoch } from './epoch';
import { whyRefused } from './problemIn';

/** The reason an answer was refused for, in words; also where nobody answered. */
const refusal = async (answer: Response | null): Promise<Error> =>
  new Error(whyRefused({ data: await answer?.json().catch(() => null) }));

/** Everything as an archive, once it is packed. @throws with the reason in words where it cannot be, or was cancelled */
export async function fetchArchive(): Promise<{ readonly content: Blob; readonly name: string }> {
  const answer = await fetch(ARCHIVE_PATH).catch(() => null);
  if (!answer?.ok) throw await refusal(answer);
  const [, name = 'vesperum.zip'] = /filename="([^"]+)"/.exec(answer.headers.get('Content-Disposition') ?? '') ?? [];
  return { content: await answer.blob(), name };
}

/** Sends an archive to one of its addresses. @throws with the reason in words where it is refused, or nobody answers */
async function send(address: string, file: File): Promise<unknown> {
  const answer = await fetch(`${ARCHIVE_PATH}/${address}`, {
    method: 'POST',
    headers: { 'Content-Type': ARCHIVE_TYPE },
    body: file,
  }).catch(() => null);
  if (!answer?.ok) throw await refusal(answer);
  adoptEpoch(answer);
  return answer.json();
}

/** What would change if an archive were brought back. */
export const compareArchive = async (file: File): Promise<Comparison> =>
  Comparison.parse(await send('difference', file));

/** @param agreed so many rows that cannot be read were seen, and may come along */
export const restoreArchive = async (file: File, agreed: number): Promise<BroughtBack> =>
  BroughtBack.parse(await send(`restore?${AGREED}=${agreed}`, file));
