import { Button } from 'antd';
import dayjs from 'dayjs';
import { memo } from 'react';
import { useAppDispatch } from '../../../../app/store';
import { forgetDraft } from '../../../../class/kept/keptDraft';
import { type LeftVersion, leftSettled } from '../draft';
import { selectDraft, useDeskSelector } from '../draftStore';
import { usePutAside } from './usePutAside';
import './conflict.css';

const NONE: readonly LeftVersion[] = [];

/** What other pages of this machine kept of this class and did not save: each can be put aside, or let go. */
export const LeftVersions = memo(function LeftVersions() {
  const classId = useDeskSelector(({ draft }) => draft.openId);
  const left = useDeskSelector((state) => selectDraft(state)?.left ?? NONE);
  const inConflict = useDeskSelector((state) => selectDraft(state)?.saveState.kind === 'conflict');
  const dispatch = useAppDispatch();
  const { putAside, isBusy, isRefused } = usePutAside();
  if (classId === null || left.length === 0 || inConflict) return null;
  const settle = (key: string) => {
    forgetDraft(key);
    dispatch(leftSettled({ classId, key }));
  };
  const keep = async ({ key, session }: LeftVersion) => {
    if (await putAside(session)) settle(key);
  };
  return (
    <section className="left-versions" aria-label="Kept from other windows">
      <p>
        {left.length === 1 ? 'Another window was' : 'Other windows were'} closed with changes of this class that were
        not saved.
      </p>
      {isRefused && <p role="alert">The server does not answer, so it was not put aside. It is kept; try again.</p>}
      <ul>
        {left.map((version) => (
          <li key={version.key}>
            <span className="name">{version.session.title}</span>
            <span className="number faded">
              {version.session.sections.flatMap(({ items }) => items).length} lines
              {version.at > 0 && `, ${dayjs(version.at).format('D MMM, HH:mm')}`}
            </span>
            <Button size="small" type="primary" loading={isBusy} onClick={() => void keep(version)}>
              Put it aside as a class of its own
            </Button>
            <Button size="small" onClick={() => settle(version.key)}>
              Let it go
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
});
