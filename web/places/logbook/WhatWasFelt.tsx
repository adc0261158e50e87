import { App, Button, Input, Select } from 'antd';
import { useState } from 'react';
import { comesOn } from '../../../core/group/person';
import type { ClassLog } from '../../../core/record/classLog';
import { FELT_SIDES, FELT_WORDS, type Felt } from '../../../core/record/felt';
import { localDay } from '../../../core/words/localDay';
import { freshId } from '../../app/machine/freshId';
import { api } from '../../app/server/api';
import { logbookApi } from '../../app/server/logbookApi';
import { whyRefused } from '../../app/server/problemIn';
import { Rows } from '../../class/Rows';
import { REGION_OPTIONS } from '../../class/words/regionOptions';
import './felt.css';

const optionsOf = (words: Readonly<Record<string, string>>) =>
  Object.entries(words).map(([value, label]) => ({ value, label }));
const KINDS = optionsOf(FELT_WORDS);
const SIDES = optionsOf(FELT_SIDES);

const fresh = (): Felt => ({
  id: freshId('felt'),
  what: 'tight',
  region: null,
  side: null,
  itemId: null,
  personId: null,
  words: '',
});

/** What was felt in a class, row by row: a click, a tight side, whose and in which line. Followed under Over time. */
export function WhatWasFelt({ log }: { readonly log: ClassLog }) {
  const { data: all } = logbookApi.useFeltQuery();
  return all ? <Written key={log.id} log={log} felt={all.filter(({ logId }) => logId === log.id)} /> : null;
}

function Written({ log, felt }: { readonly log: ClassLog; readonly felt: readonly Felt[] }) {
  const [rows, setRows] = useState<readonly Felt[]>(felt);
  const [say, { isLoading }] = logbookApi.useSayFeltMutation();
  const [isChanged, setChanged] = useState(false);
  const { data: group } = api.usePeopleQuery(log.plan.groupId ?? '', { skip: log.plan.groupId === null });
  const { message } = App.useApp();
  const day = localDay(log.startedAt);
  const people = (group?.people ?? []).filter((person) => comesOn(person, day));
  const lines = log.items.map(({ itemId, title }) => ({ value: itemId, label: title }));
  const save = async () => {
    const { error } = await say({ id: log.id, felt: rows });
    if (error) message.error(whyRefused(error));
    else setChanged(false);
  };
  return (
    <section className="felt" aria-label="What was felt">
      <h2>What was felt</h2>
      <Rows
        label="A click, a tight side, something easier than before"
        rows={rows}
        most={100}
        fresh={fresh}
        add="Something was felt"
        onRows={(to) => {
          setRows(to);
          setChanged(true);
        }}
      >
        {(row, change, place) => (
          <FeltRow
            row={row}
            place={place + 1}
            lines={lines}
            people={people.map(({ id, called }) => ({ value: id, label: called }))}
            onChange={change}
          />
        )}
      </Rows>
      {isChanged && (
        <Button type="primary" loading={isLoading} onClick={() => void save()}>
          Write down what was felt
        </Button>
      )}
      <p className="faded">
        Say whose it was only where they agree to it; it goes with them when they are forgotten. Pain is a stop sign,
        and what stays is for their own doctor.
      </p>
    </section>
  );
}

interface Choice {
  readonly value: string;
  readonly label: string;
}

interface RowProps {
  readonly row: Felt;
  readonly place: number;
  readonly lines: readonly Choice[];
  readonly people: readonly Choice[];
  readonly onChange: (to: Felt) => void;
}

function FeltRow({ row, place, lines, people, onChange }: RowProps) {
  const field = <Key extends keyof Felt>(key: Key, label: string, options: readonly Choice[], any: string) => (
    <Select
      value={(row[key] as string | null) ?? undefined}
      placeholder={any}
      options={[...options]}
      allowClear={key !== 'what'}
      popupMatchSelectWidth={false}
      aria-label={`${label} ${place}`}
      onChange={(value) => onChange({ ...row, [key]: value ?? null })}
    />
  );
  return (
    <div className="felt-row">
      {field('what', 'What was felt', KINDS, 'what')}
      {field('side', 'Which side', SIDES, 'no side')}
      {field('region', 'Where', REGION_OPTIONS, 'where')}
      {field('itemId', 'In which line', lines, 'in which line')}
      {people.length > 0 && field('personId', 'Whose', people, 'whose')}
      <Input
        value={row.words}
        maxLength={200}
        placeholder="in a few words"
        aria-label={`Words ${place}`}
        onChange={({ target }) => onChange({ ...row, words: target.value })}
      />
    </div>
  );
}
