import { useState } from 'react';
import type { z } from 'zod';
import { classMark } from '../../core/formats/pocket/recordCode';
import { tallyAfter } from '../../core/practice/ownPractice';
import { EMPTY_TALLY, Tally, TallyAim } from '../../core/practice/tally';
import type { Session } from '../../core/session/plan/session';
import { download } from '../app/machine/download';
import { machineShelf } from '../app/machine/storage';
import { AimFields, USUAL_AIMS } from '../practice/AimFields';
import { TallyDays } from '../practice/TallyDays';
import { TallyTap } from '../practice/TallyTap';

/** What this device keeps under a key, and how it is kept; what cannot be read is begun anew. */
function useHere<Thing>(key: string, schema: z.ZodType<Thing>, begin: Thing): [Thing, (to: Thing) => void] {
  const [thing, setThing] = useState((): Thing => {
    try {
      return schema.parse(JSON.parse(machineShelf.find(key) ?? ''));
    } catch {
      return begin;
    }
  });
  const change = (to: Thing) => {
    machineShelf.keep(key, JSON.stringify(to));
    setThing(to);
  };
  return [thing, change];
}

/** A daily number of something easy, or minutes that grow: taken back as easily, kept on this device, given back if wished. */
export function TallyHere({ session }: { readonly session: Session }) {
  const key = `vesperum.tally.${classMark(session)}`;
  const [aim, setAim] = useHere<TallyAim>(`${key}.aim`, TallyAim, USUAL_AIMS.times);
  const [times, setTimes] = useHere<Tally>(key, Tally, EMPTY_TALLY);
  const [seconds, setSeconds] = useHere<Tally>(`${key}.seconds`, Tally, EMPTY_TALLY);
  const [tally, setTally] = aim.by === 'times' ? [times, setTimes] : [seconds, setSeconds];
  const save = () =>
    download(new Blob([JSON.stringify(tally.days, null, 2)], { type: 'application/json' }), 'tally.json');
  return (
    <section className="tally" aria-label="A tally of the day">
      <TallyTap aim={aim} tally={tally} onAct={(act) => setTally(tallyAfter(tally, act))} />
      <AimFields aim={aim} onAim={setAim} />
      <button type="button" className="tally-press" onClick={save}>
        Save it
      </button>
      <TallyDays aim={aim} tally={tally} />
    </section>
  );
}
