import { Input, Segmented, Select } from 'antd';
import { useState } from 'react';
import type { SessionsWhen } from '../../../../core/formats/api/api';
import type { Group } from '../../../../core/group/group';
import type { SessionsAsked } from '../../../app/server/api';
import type { Wanted } from './useAskedFor';

const WHEN: readonly { readonly value: SessionsWhen; readonly label: string }[] = [
  { value: 'all', label: 'All' },
  { value: 'week', label: 'This week' },
  { value: 'coming', label: 'Coming' },
  { value: 'past', label: 'Past' },
];

interface Props {
  readonly asked: SessionsAsked;
  readonly groups: readonly Group[];
  readonly onWant: (wanted: Wanted) => void;
}

/** Narrows the list of classes: by when, by group, by words of their name. */
export function Narrow({ asked, groups, onWant }: Props) {
  // Kept here first: while the address is on its way a further letter must not be lost.
  const [words, setWords] = useState(asked.words ?? '');
  return (
    <search className="sessions-narrow">
      <Segmented
        aria-label="When"
        options={[...WHEN]}
        value={asked.when}
        onChange={(when) => onWant({ when: when === 'all' ? '' : when })}
      />
      <Select
        aria-label="Group"
        allowClear
        placeholder="Any group"
        value={asked.group}
        options={groups.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(group?: string) => onWant({ group: group ?? '' })}
      />
      <Input
        allowClear
        aria-label="Words of the name"
        placeholder="Words of the name"
        value={words}
        onChange={({ target }) => {
          setWords(target.value);
          onWant({ words: target.value.trim() });
        }}
      />
    </search>
  );
}
