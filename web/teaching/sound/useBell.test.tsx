import { act, render, screen } from '@testing-library/react';
import { beginTeaching } from '../../../core/record/standing/teaching';
import { movement, timelineOfLine } from '../../../core/testing/sample';
import type { Mix } from './mixer';
import { useBell } from './useBell';

/** A browser that holds sound back until somebody touches the page. */
class HeldBack extends EventTarget {
  state: AudioContextState = 'suspended';
  static isTouched = false;
  resume = async () => {
    if (!HeldBack.isTouched) return;
    this.state = 'running';
    this.dispatchEvent(new Event('statechange'));
  };
  close = async () => undefined;
}

const timeline = timelineOfLine(movement(), { count: 2 });
const LOUD: Mix = { muted: false, loud: { breath: 0.7, side: 0.8, minute: 0, section: 0.9 } };

function Bell({ mix }: { readonly mix: Mix }) {
  const isSilent = useBell(timeline, beginTeaching(), 'breath', mix, () => undefined);
  return <p>{isSilent ? 'silent' : 'heard'}</p>;
}
beforeEach(() => {
  HeldBack.isTouched = false;
  Object.assign(globalThis, { AudioContext: HeldBack });
});

test('after a reload it is said that nothing is heard, until the screen is touched', async () => {
  render(<Bell mix={LOUD} />);
  await screen.findByText('silent');
  HeldBack.isTouched = true;
  await act(async () => void window.dispatchEvent(new Event('pointerdown')));
  await screen.findByText('heard');
});

test('where nothing is to be heard nothing is said', async () => {
  render(<Bell mix={{ ...LOUD, muted: true }} />);
  await screen.findByText('heard');
});
