import { AGREED, ARCHIVE_PATH, ARCHIVE_TYPE, BroughtBack, Comparison } from '../../../core/formats/api/keepingApi';
import { adoptEpoch } from './epoch';
import { whyRefused } from './problemIn';

/** Sends an archive to one of its addresses. @throws with the reason in words where it is refused, or nobody answers */
async function send(address: string, file: File): Promise<unknown> {
  const answer = await fetch(`${ARCHIVE_PATH}/${address}`, {
    method: 'POST',
    headers: { 'Content-Type': ARCHIVE_TYPE },
    body: file,
  }).catch(() => null);
  if (answer?.ok) adoptEpoch(answer);
  const data: unknown = await answer?.json().catch(() => null);
  if (!answer?.ok) throw new Error(whyRefused({ data }));
  return data;
}

/** What would change if an archive were brought back. */
export const compareArchive = async (file: File): Promise<Comparison> =>
  Comparison.parse(await send('difference', file));

/** @param agreed so many rows that cannot be read were seen, and may come along */
export const restoreArchive = async (file: File, agreed: number): Promise<BroughtBack> =>
  BroughtBack.parse(await send(`restore?${AGREED}=${agreed}`, file));
