import { App, Button, Drawer, Progress, Segmented, Select } from 'antd';
import { useState } from 'react';
import { usualName } from '../../../../../core/movement/schema/movement';
import type { EditRequest } from '../../../../../core/session/edit/edit';
import type { Session } from '../../../../../core/session/plan/session';
import { AIM_WORDS, AIMS, type Aim } from '../../../../../core/session/propose/aims';
import { type Proposal, TASTE_WORDS } from '../../../../../core/session/propose/preferences';
import type { Draft } from '../../../../../core/session/propose/proposeDraft';
import { minutes } from '../../../../../core/words/clockWords';
import { useRepertoire } from '../../../../app/repertoire';
import type { AskedOf } from '../../../../class/useAsked';
import { useComposer } from '../../../../class/useComposer';
import { useEdits } from '../../draft/useEdits';
import { DraftChoice } from './DraftChoice';
import './compose.css';

interface Props {
  readonly session: Session;
  readonly askedOf: AskedOf;
  /** What is proposed to begin with; as the class stands where nothing is said. */
  readonly first: 'propose' | 'warm-up' | 'cool-down';
  readonly onClose: () => void;
}

type What = 'warm-up' | 'cool-down' | 'draft';

const LEVELS = [
  { value: 1, label: 'From the first class on' },
  { value: 2, label: 'Some practice' },
  { value: 3, label: 'Seasoned' },
];

/** Proposes a warm-up, a cool-down or a whole class. Nothing is done until it is taken. */
export function ProposeDrawer({ session, askedOf, first, onClose }: Props) {
  const hasMain = session.sections.some(({ kind, items }) => kind === 'main' && items.length > 0);
  const [what, setWhat] = useState<What>(!hasMain ? 'draft' : first === 'propose' ? 'warm-up' : first);
  const [level, setLevel] = useState(1);
  const [aim, setAim] = useState<Aim>('whole');
  const [proposals, setProposals] = useState<readonly Proposal[]>([]);
  const [draft, setDraft] = useState<Draft | null>(null);
  /** The class as it was when that was asked. */
  const [madeFor, setMadeFor] = useState(session);
  const { isBusy, failure, ask, cancel } = useComposer();
  const edit = useEdits();
  const { message } = App.useApp();
  const { forms } = useRepertoire();

  const propose = async () => {
    setProposals([]);
    setDraft(null);
    setMadeFor(session);
    const preferences = { recent: askedOf.recent, level };
    const { slotMinutes, doors, schools, takes } = session;
    await ask(async (composer) => {
      if (what === 'draft')
        setDraft(await composer.draft(askedOf.asked, { aim, slotMinutes, doors, preferences, schools, takes, forms }));
      else if (what === 'warm-up') setProposals(await composer.warmUp(session, askedOf.asked, preferences));
      else setProposals(await composer.coolDown(session, askedOf.asked, preferences));
      return true;
    });
  };
  const take = (proposal: Proposal) => {
    if (!edit(proposal.edits, madeFor)) return;
    message.success('Taken. Undo takes it back.');
    onClose();
  };
  const takeDraft = ({ plan }: Draft) => {
    const edits: EditRequest[] = [
      { kind: 'sections', sections: plan.sections },
      { kind: 'head', to: { setAside: [] } },
    ];
    if (!edit(edits, madeFor)) return;
    message.success('The draft is on the desk. Undo takes it back.');
    onClose();
  };

  return (
    <Drawer open title="Propose" size={480} onClose={onClose} className="compose">
      <Segmented<What>
        block
        value={what}
        options={[
          { value: 'warm-up', label: 'A warm-up', disabled: !hasMain },
          { value: 'cool-down', label: 'A cool-down', disabled: !hasMain },
          { value: 'draft', label: 'A whole class' },
        ]}
        onChange={(next) => {
          cancel();
          setProposals([]);
          setDraft(null);
          setWhat(next);
        }}
      />
      <form
        className="compose-ask"
        onSubmit={(event) => {
          event.preventDefault();
          void propose();
        }}
      >
        {what === 'draft' && (
          <Select<Aim>
            value={aim}
            options={AIMS.map((value) => ({ value, label: AIM_WORDS[value] }))}
            popupMatchSelectWidth={false}
            onChange={setAim}
            aria-label="What the class is for"
          />
        )}
        <Select
          value={level}
          options={LEVELS}
          popupMatchSelectWidth={false}
          onChange={setLevel}
          aria-label="How much practice is asked for"
        />
        <Button type="primary" htmlType="submit" disabled={isBusy}>
          Propose
        </Button>
        {isBusy && <Button onClick={cancel}>Cancel</Button>}
      </form>
      <p className="faded">
        {what === 'warm-up'
          ? 'Worked out backwards from the rest of the class: what it asks for is made ready, in good order.'
          : what === 'cool-down'
            ? 'What worked hardest is looked after, breath and stance come down, and it ends still.'
            : `A first draft for ${session.slotMinutes} minutes. It takes the place of everything in the class.`}
      </p>
      {failure !== null && (
        <p role="alert" className="compose-stale">
          {failure} Ask once more.
        </p>
      )}
      {isBusy && <Progress percent={100} status="active" showInfo={false} size="small" aria-label="Working it out" />}
      {proposals.map((proposal) => (
        <section key={proposal.taste} className="compose-choice" data-proposal={proposal.taste}>
          <header>
            <h3>{TASTE_WORDS[proposal.taste]}</h3>
            <span className="number">{minutes(proposal.seconds * 1000)}</span>
          </header>
          <p>{proposal.movements.map(usualName).join(', ')}.</p>
          {proposal.reasons.map((reason) => (
            <p key={reason} className="faded">
              {reason}
            </p>
          ))}
          <p className="compose-acts">
            <Button type="primary" size="small" onClick={() => take(proposal)}>
              Take it
            </Button>
          </p>
        </section>
      ))}
      {draft && <DraftChoice draft={draft} onTake={() => takeDraft(draft)} />}
    </Drawer>
  );
}
