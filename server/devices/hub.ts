import type { HallSound, Press } from '../../core/formats/devices';

type Told = (said: string) => void;

/** What goes between a class being taught and the devices around it: presses one way, sounds the other. Nothing of it is kept. */
export interface DeviceHub {
  press(press: Press): number;
  sound(sound: HallSound): number;
  /** Tells of every press, or sound, until the answer is called. */
  onPress(told: Told): () => void;
  onSound(told: Told): () => void;
}

function channel() {
  const listening = new Set<Told>();
  return {
    say(what: object): number {
      const said = JSON.stringify(what);
      for (const told of listening) told(said);
      return listening.size;
    },
    listen(told: Told): () => void {
      listening.add(told);
      return () => listening.delete(told);
    },
  };
}

export function deviceHub(): DeviceHub {
  const [presses, sounds] = [channel(), channel()];
  return { press: presses.say, sound: sounds.say, onPress: presses.listen, onSound: sounds.listen };
}
