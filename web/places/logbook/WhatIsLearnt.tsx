import { App, Button } from 'antd';
import type { LearntPart } from '../../../core/formats/api/api';
import type { Group } from '../../../core/group/group';
import { RECKONED, type Reckoned, type Takes } from '../../../core/session/plan/takes';
import { api } from '../../app/server/api';
import { whyRefused } from '../../app/server/problemIn';

const KIND_WORDS: Readonly<Record<LearntPart['kind'], string>> = {
  naming: 'Naming a movement',
  showing: 'Showing it',
  steps: 'Steps into a line',
  moving: 'What is moved',
  change: 'Changing sides',
  rest: 'Rests',
  talk: 'Talk',
  settling: 'Settling',
};

/** Nearer than this to what is reckoned nothing is said. */
const WORTH_SAYING = 0.05;

const isReckoned = (kind: string): kind is Reckoned => RECKONED.some((one) => one === kind);
const inHundredths = (times: number): number => Math.round(100 * times) / 100;

/**
 * How long things really take, group by group, by what somebody ended with Next; a class that ran by itself says nothing. Taken over
 * only when that is agreed to, for one group, and taken back as easily.
 */
export function WhatIsLearnt() {
  const { data: learnt = [] } = api.useLearntQuery();
  const { data: groups = [] } = api.useGroupsQuery();
  const told = learnt.filter(({ times, kind, groupId }) => {
    const takes = groups.find(({ id }) => id === groupId)?.takes;
    return Math.abs(times - 1) >= WORTH_SAYING || (isReckoned(kind) && takes?.[kind] !== undefined);
  });
  if (told.length === 0) return null;
  return (
    <section className="learnt" aria-labelledby="learnt-title">
      <h2 id="learnt-title">How long it really takes</h2>
      <ul>
        {told.map((part) => (
          <LearntLine
            key={`${part.groupId} ${part.kind}`}
            part={part}
            group={groups.find(({ id }) => id === part.groupId) ?? null}
          />
        ))}
      </ul>
    </section>
  );
}

function LearntLine({ part, group }: { readonly part: LearntPart; readonly group: Group | null }) {
  const { kind, times, from } = part;
  const [reckon, { isLoading }] = api.useReckonGroupMutation();
  const { message } = App.useApp();
  const now = group && isReckoned(kind) ? group.takes[kind] : undefined;
  const change = async (of: Group, takes: Takes, said: string) => {
    try {
      const { classes } = await reckon({ id: of.id, takes }).unwrap();
      message.open({
        content: (
          <>
            {said} {classes === 0 ? 'No class to come is changed by it.' : `${classes} to come have other minutes.`}{' '}
            <Button size="small" onClick={() => void change(of, of.takes, 'As it was before.')}>
              Undo
            </Button>
          </>
        ),
        duration: 8,
      });
    } catch (error) {
      message.error(whyRefused(error));
    }
  };
  return (
    <li>
      {KIND_WORDS[kind]} takes <strong className="number">{times.toFixed(2)}</strong> times as long as reckoned with{' '}
      {group?.name ?? 'a group that is put away'}, from {from} {from === 1 ? 'part' : 'parts'} that were ended by hand.{' '}
      {now !== undefined && <span className="faded">Its classes are reckoned with {now.toFixed(2)}. </span>}
      {group && isReckoned(kind) && now !== inHundredths(times) && (
        <Button
          size="small"
          disabled={isLoading}
          onClick={() =>
            void change(group, { ...group.takes, [kind]: inHundredths(times) }, 'Reckoned so from now on.')
          }
        >
          Reckon so from now on
        </Button>
      )}{' '}
      {group && now !== undefined && (
        <Button
          size="small"
          disabled={isLoading}
          onClick={() => void change(group, { ...group.takes, [kind]: undefined }, 'Reckoned as usual again.')}
        >
          As usual again
        </Button>
      )}
    </li>
  );
}
