import { useState } from 'react';
import { z } from 'zod';
import type { Sound } from '../../../core/record/running/soundsBetween';
import { machineShelf } from '../../app/machine/storage';

/** How loud each sound is, 0 to 1, and whether all of them are off. */
export interface Mix {
  readonly muted: boolean;
  readonly loud: Readonly<Record<Sound, number>>;
}

const KEPT = 'vesperum.teach-sound';
const USUAL: Mix = { muted: false, loud: { breath: 0.7, side: 0.8, minute: 0, section: 0.9 } };
const level = z.number().min(0).max(1);
const Kept = z.object({
  muted: z.boolean(),
  loud: z.object({ breath: level, side: level, minute: level, section: level }),
});

/** The mix this machine was left with; what cannot be read is as usual. */
function keptMix(): Mix {
  try {
    return Kept.parse(JSON.parse(machineShelf.find(KEPT) ?? ''));
  } catch {
    return USUAL;
  }
}

/** The one mixer of a class: how loud what is, and all of it off. */
export function useMixer() {
  const [mix, setMix] = useState(keptMix);
  const change = (next: Mix) => {
    machineShelf.keep(KEPT, JSON.stringify(next));
    setMix(next);
  };
  return {
    mix,
    mute: () => change({ ...mix, muted: !mix.muted }),
    turn: (sound: Sound, loudness: number) => change({ ...mix, loud: { ...mix.loud, [sound]: loudness } }),
  };
}

/** What a sound is called. */
export const SOUND_WORDS: Readonly<Record<Sound, string>> = {
  breath: 'Each breath',
  side: 'Change of side',
  minute: 'Each minute',
  section: 'New section',
};
