import { nanoid } from '@reduxjs/toolkit';
import { App, Input, Modal } from 'antd';
import { useState } from 'react';
import { takeLines, whyNotTogether } from '../../../../core/session/edit/editLines';
import type { Session } from '../../../../core/session/plan/session';
import { api } from '../../../app/server/api';
import { whyRefused } from '../../../app/server/problemIn';
import { useEdits } from '../draft/useEdits';

interface Props {
  readonly session: Session;
  readonly ids: ReadonlySet<string>;
  readonly onDone: () => void;
  readonly onLeave: () => void;
}

/** Chosen lines kept under a name, to be put into other classes; where they stand together they remember it. */
export function KeepPassage({ session, ids, onDone, onLeave }: Props) {
  const edit = useEdits();
  const { message } = App.useApp();
  const [keep, { isLoading }] = api.useKeepPassageMutation();
  const [name, setName] = useState('');
  const role = session.sections.find(({ items }) => items.some(({ id }) => ids.has(id)))?.kind ?? 'main';

  const submit = async () => {
    if (name.trim() === '') return;
    const id = `passage-${nanoid(8).toLowerCase().replaceAll('_', '-')}`;
    const answer = await keep({ id, name: name.trim(), role, version: 1, lines: takeLines(session, ids) });
    if (answer.error) {
      void message.error(whyRefused(answer.error));
      return;
    }
    if (whyNotTogether(session, ids) === null) {
      edit([{ kind: 'together', itemIds: [...ids], as: { name: name.trim(), origin: { passageId: id, version: 1 } } }]);
    }
    void message.success(`“${name.trim()}” is kept.`);
    onDone();
  };

  return (
    <Modal
      open
      title="Keep as a passage"
      okText="Keep it"
      cancelText="Leave it"
      okButtonProps={{ disabled: name.trim() === '', loading: isLoading }}
      onOk={submit}
      onCancel={onLeave}
    >
      <p>Under this name every class can take these lines over, and later changes to them.</p>
      <Input
        value={name}
        maxLength={80}
        autoFocus
        aria-label="Name of the passage"
        placeholder="Loosening, standing"
        onChange={({ target }) => setName(target.value)}
        onPressEnter={submit}
      />
    </Modal>
  );
}
