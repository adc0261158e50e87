import { Button, Modal } from 'antd';
import dayjs from 'dayjs';
import { memo } from 'react';
import type { Session } from '../../../../../core/session/plan/session';
import { minutes } from '../../../../../core/words/clockWords';
import { useAppDispatch } from '../../../../app/store';
import { forgetSaved } from '../../../../class/kept/keptDraft';
import { useAtRest } from '../../../../class/useAtRest';
import { useTimeline } from '../../../../class/useTimeline';
import { opened, replaced, revisionSet } from '../draft';
import { selectDraft, selectSession, useDeskSelector } from '../draftStore';
import { usePutAside } from './usePutAside';
import './conflict.css';

/** Two versions of one class: either is kept here, and the other is put aside as a class of its own. */
export const ConflictDialog = memo(function ConflictDialog() {
  const dispatch = useAppDispatch();
  const mine = useDeskSelector(selectSession);
  const saveState = useDeskSelector((state) => selectDraft(state)?.saveState);
  const { putAside, isBusy, isRefused } = usePutAside();
  // Whoever is in the middle of a word finishes it: a dialog would take the keys.
  const settled = useAtRest(mine);
  if (saveState?.kind !== 'conflict' || !mine || settled !== mine) return null;
  const { stored } = saveState;
  const classId = mine.id;

  const keepMine = async () => {
    if (!(await putAside(stored.session))) return;
    dispatch(revisionSet({ classId, revision: stored.revision, saveState: { kind: 'unsaved' } }));
    dispatch(replaced({ classId, session: mine }));
  };
  const keepOther = async () => {
    if (!(await putAside(mine))) return;
    forgetSaved(mine);
    dispatch(opened({ session: stored.session, revision: stored.revision, saveState: { kind: 'saved' } }));
  };

  return (
    <Modal open closable={false} footer={null} title="This class was changed elsewhere too" width={620}>
      <p>Keep either one here. The other is put aside under Sessions, so nothing is lost.</p>
      {isRefused && <p role="alert">The server does not answer, so neither was put aside. Both are kept; try again.</p>}
      <div className="conflict-choices">
        <Version label="On this screen" session={mine}>
          <Button type="primary" loading={isBusy} onClick={() => void keepMine()}>
            Keep this one
          </Button>
        </Version>
        <Version label={`Saved at ${dayjs(stored.changedAt).format('HH:mm:ss')}`} session={stored.session}>
          <Button loading={isBusy} onClick={() => void keepOther()}>
            Keep the other one
          </Button>
        </Version>
      </div>
    </Modal>
  );
});

interface VersionProps {
  readonly label: string;
  readonly session: Session;
  readonly children: React.ReactNode;
}

function Version({ label, session, children }: VersionProps) {
  return (
    <section aria-label={label}>
      <p className="faded">{label}</p>
      <h3>{session.title}</h3>
      <Length session={session} />
      {children}
    </section>
  );
}

function Length({ session }: { readonly session: Session }) {
  const timeline = useTimeline(session);
  return (
    <p className="number">
      {session.sections.flatMap(({ items }) => items).length} lines, {minutes(timeline.totalMs)}
    </p>
  );
}
