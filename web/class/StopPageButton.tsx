import dayjs from 'dayjs';
import { useState } from 'react';
import type { Teaching } from '../../core/record/standing/teaching';
import type { Session } from '../../core/session/plan/session';
import { clockAt } from '../../core/words/clockWords';
import { download, fileName } from '../app/machine/download';
import { api } from '../app/server/api';

interface Props {
  readonly session: Session;
  readonly startedAt: string;
  readonly stops: Teaching['stops'];
  /** What a line is called, by its id. */
  readonly titleOf: (itemId: string) => string;
  readonly className?: string;
}

/** Prints the page that is filled in by hand after a stop; nothing where the class was not stopped. */
export function StopPageButton({ session, startedAt, stops, titleOf, className }: Props) {
  const { data: groups } = api.useGroupsQuery();
  const [state, setState] = useState<'ready' | 'printing' | 'failed'>('ready');
  if (stops.length === 0) return null;
  const group = groups?.find(({ id }) => id === session.groupId);
  const print = async () => {
    setState('printing');
    try {
      const [{ printPdf }, { stopPage }] = await Promise.all([
        import('../paper/printPdf'),
        import('../paper/sheets/stopPage'),
      ]);
      const began = dayjs(startedAt);
      const page = stopPage({
        title: session.title,
        group: group?.name ?? '',
        place: group?.place ?? '',
        day: began.format('dddd D MMMM YYYY'),
        stops: stops.map(({ itemId, atMs }) => ({
          clock: clockAt(began.format('HH:mm'), atMs).slice(0, 5),
          line: titleOf(itemId),
        })),
      });
      download(await printPdf(page), `${fileName(`${session.title} stopped`)}.pdf`);
      setState('ready');
    } catch (error) {
      console.error(error);
      setState('failed');
    }
  };
  return (
    <>
      <button type="button" className={className} disabled={state === 'printing'} onClick={() => void print()}>
        Print the page to fill in
      </button>
      {state === 'failed' && <p role="alert">It could not be printed. Write the time and the line down by hand.</p>}
    </>
  );
}
