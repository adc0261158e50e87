import { App, Button, Checkbox, Input } from 'antd';
import { useState } from 'react';
import { ruleFor } from '../../../../../core/session/findings/aside';
import type { Finding } from '../../../../../core/session/findings/finding/finding';
import type { Session } from '../../../../../core/session/plan/session';
import { api } from '../../../../app/server/api';
import { useEdits } from '../../draft/useEdits';

/** Sets a finding aside, with a reason: in this class, or for good. A grave one only here. */
export function SetAsideForm({ finding, session }: { readonly finding: Finding; readonly session: Session }) {
  const edit = useEdits();
  const { message } = App.useApp();
  const [setForGood] = api.useSetAsideForGoodMutation();
  const [reason, setReason] = useState('');
  const [isForGood, setIsForGood] = useState(false);
  const { key, severity, amount } = finding;
  const said = reason.trim();

  const put = async () => {
    if (said === '') return;
    if (!isForGood) edit([{ kind: 'leave', aside: { key, severity, amount, reason: said } }]);
    else if ((await setForGood(ruleFor(finding, session, said))).error)
      message.error('The server does not answer, so nothing was set aside.');
  };

  return (
    <form
      className="set-aside"
      onSubmit={(event) => {
        event.preventDefault();
        void put();
      }}
    >
      <Input
        size="small"
        value={reason}
        maxLength={200}
        placeholder="Set it aside, because …"
        aria-label="Reason to set it aside"
        onChange={({ target }) => setReason(target.value)}
      />
      {severity !== 'stop' && (
        <Checkbox checked={isForGood} onChange={({ target }) => setIsForGood(target.checked)}>
          for good
        </Checkbox>
      )}
      <Button size="small" htmlType="submit" disabled={said === ''}>
        Set aside
      </Button>
    </form>
  );
}
