import type { Segment, Timeline } from '../session/timeline/segment';
import type { Spoken } from '../session/words/lineSpeech';
import { timecode } from '../words/clockWords';

/** Words as they may stand in a cue: the three signs that mean something there are written out. */
const plain = (words: string): string => words.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');

/** Segments as they are said: the halves of the steps between two lines are one call. */
function said(segments: readonly Segment[]): Pick<Segment, 'startMs' | 'lengthMs' | 'call'>[] {
  const calls: { startMs: number; lengthMs: number; call: string }[] = [];
  segments.forEach(({ kind, startMs, lengthMs, call }, index) => {
    const last = calls.at(-1);
    const goesOn = kind === 'bridge' && segments[index - 1]?.kind === 'bridge' && last?.call === call;
    if (goesOn && last) last.lengthMs += lengthMs;
    else calls.push({ startMs, lengthMs, call });
  });
  return calls;
}

/**
 * The calls of a class as WebVTT (W3C), each shown while its phase lasts; silence has no cue.
 * `NOTE` lines say which class it is.
 * @param spoken what is said besides the calls, each while it is said
 */
export function classVtt(title: string, { segments }: Timeline, spoken: readonly Spoken[] = []): string {
  const words = spoken.map(({ startMs, lengthMs, say }) => ({ startMs, lengthMs, call: say }));
  const cues = [...said(segments), ...words]
    .toSorted((a, b) => a.startMs - b.startMs)
    .filter(({ call, lengthMs }) => call.trim() !== '' && lengthMs > 0)
    .map(
      ({ startMs, lengthMs, call }) =>
        `${timecode(startMs)} --> ${timecode(startMs + lengthMs)}\n${plain(call.replaceAll(/\s+/g, ' '))}`,
    );
  const name = title.replaceAll(/\s+/g, ' ').replaceAll('-->', '→');
  return `${['WEBVTT', `NOTE ${name}`, ...cues].join('\n\n')}\n`;
}
