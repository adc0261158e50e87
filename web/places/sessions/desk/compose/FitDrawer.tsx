import { Button, Drawer, InputNumber, Progress } from 'antd';
import { proxy } from 'comlink';
import { useState } from 'react';
import { isSamePlan, planOf } from '../../../../../core/session/edit/planOf';
import type { FitKind } from '../../../../../core/session/fit/buildModel';
import type { FitAnswer } from '../../../../../core/session/fit/fitPlan';
import type { Session } from '../../../../../core/session/plan/session';
import type { AskedOf } from '../../../../class/useAsked';
import { useComposer } from '../../../../class/useComposer';
import { FitProposal } from './FitProposal';
import './compose.css';

interface Props {
  readonly session: Session;
  readonly askedOf: AskedOf;
  readonly onClose: () => void;
}

const KINDS: readonly FitKind[] = ['trim', 'leave-out', 'breath'];
const LENGTHS = [20, 30, 45, 60, 75, 90] as const;

/** Fits the class to a slot: three proposals that differ in kind, worked out while one can go on or cancel. */
export function FitDrawer({ session, askedOf, onClose }: Props) {
  const [minutes, setMinutes] = useState(session.slotMinutes);
  const [answers, setAnswers] = useState<readonly FitAnswer[]>([]);
  const [done, setDone] = useState(0);
  const { isBusy, failure, ask, cancel } = useComposer();
  // What the answers are about: a class that is changed meanwhile is asked for anew.
  const [about, setAbout] = useState<Session | null>(null);

  const fit = async () => {
    const plan = { ...planOf(session), slotMinutes: minutes };
    setAnswers([]);
    setDone(0);
    setAbout(session);
    await ask(async (composer) => {
      for (const [place, kind] of KINDS.entries()) {
        const answer = await composer.fit(
          plan,
          askedOf.asked,
          kind,
          proxy((now: number, of: number) => setDone((place + now / of) / KINDS.length)),
        );
        setDone((place + 1) / KINDS.length);
        setAnswers((before) => [...before, answer]);
      }
      return true;
    });
  };
  // Another slot is what is fitted to.
  const isStale = about !== null && !isSamePlan(about, { ...session, slotMinutes: about.slotMinutes });

  return (
    <Drawer open title="Fit to the slot" size={460} onClose={onClose} className="compose">
      <form
        className="compose-ask"
        onSubmit={(event) => {
          event.preventDefault();
          void fit();
        }}
      >
        <label htmlFor="fit-minutes">To</label>
        <InputNumber
          id="fit-minutes"
          value={minutes}
          min={5}
          max={240}
          precision={0}
          onChange={(value) => value !== null && setMinutes(value)}
        />
        <span>minutes, door to door</span>
        <Button type="primary" htmlType="submit" disabled={isBusy}>
          Fit
        </Button>
        {isBusy && <Button onClick={cancel}>Cancel</Button>}
      </form>
      <p className="compose-lengths">
        {LENGTHS.map((length) => (
          <Button
            key={length}
            size="small"
            type={length === minutes ? 'default' : 'text'}
            onClick={() => setMinutes(length)}
          >
            {length}
          </Button>
        ))}
      </p>
      <p className="faded">
        Counts stay within the range of their movement; pinned lines stay as they are, lines marked as optional may be
        left out. Talk shrinks and grows with the rest; the warm-up keeps most of its share, the cool-down its least.
      </p>
      {failure !== null && (
        <p role="alert" className="compose-stale">
          {failure} Ask once more.
        </p>
      )}
      {isBusy && <Progress percent={Math.round(done * 100)} size="small" aria-label="Fitting" />}
      {isStale && <p className="compose-stale">The class has been changed since. Fit it again.</p>}
      {!isStale &&
        answers.map((answer) => (
          <FitProposal key={answer.kind} answer={answer} minutes={minutes} session={session} onTaken={onClose} />
        ))}
    </Drawer>
  );
}
