import { Button, Input } from 'antd';
import { useState } from 'react';
import type { Group } from '../../../core/group/group';
import { MeetingFields } from '../../fields/MeetingFields';

interface Props {
  readonly group: Group;
  readonly onSave: (group: Group) => void;
  readonly onMore: () => void;
}

/** An empty start: the first group in three fields. All else has a usual value, and can be said later. */
export function FirstGroup({ group, onSave, onMore }: Props) {
  const [now, setNow] = useState(group);
  const change = (part: Partial<Group>) => setNow((before) => ({ ...before, ...part }));
  return (
    <form
      className="place group-form"
      onSubmit={(event) => {
        event.preventDefault();
        if (now.name.trim() !== '') onSave({ ...now, name: now.name.trim() });
      }}
    >
      <div className="first-group">
        <h1>Your first group</h1>
        <p>A group is who you teach: where and when they meet, and how much may be asked of them.</p>
      </div>
      <label htmlFor="first-name">Name</label>
      <Input
        id="first-name"
        maxLength={120}
        value={now.name}
        onChange={({ target }) => change({ name: target.value })}
      />
      <label htmlFor="first-place">Where</label>
      <Input
        id="first-place"
        maxLength={120}
        value={now.place}
        onChange={({ target }) => change({ place: target.value })}
      />
      <span>When</span>
      <MeetingFields meetings={now.meetings} onChange={(meetings) => change({ meetings })} />
      <div className="group-form-acts">
        <Button type="primary" htmlType="submit" disabled={now.name.trim() === ''}>
          Make a group
        </Button>
        <Button onClick={onMore}>Say more</Button>
      </div>
    </form>
  );
}
