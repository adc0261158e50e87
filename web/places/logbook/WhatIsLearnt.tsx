import type { LearntPart } from '../../../core/formats/api';
import { api } from '../../app/server/api';

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

/** How long things really take, group by group, by what somebody ended with Next; a class that ran by itself says nothing. */
export function WhatIsLearnt() {
  const { data: learnt = [] } = api.useLearntQuery();
  const { data: groups = [] } = api.useGroupsQuery();
  const told = learnt.filter(({ times }) => Math.abs(times - 1) >= WORTH_SAYING);
  if (told.length === 0) return null;
  return (
    <section className="learnt" aria-labelledby="learnt-title">
      <h2 id="learnt-title">How long it really takes</h2>
      <ul>
        {told.map(({ kind, groupId, times, from }) => (
          <li key={`${groupId} ${kind}`}>
            {KIND_WORDS[kind]} takes <strong className="number">{times.toFixed(2)}</strong> times as long as reckoned
            with {groups.find(({ id }) => id === groupId)?.name ?? 'a group that is put away'}, from {from}{' '}
            {from === 1 ? 'part' : 'parts'} that were ended by hand.
          </li>
        ))}
      </ul>
    </section>
  );
}
