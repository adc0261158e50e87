import { Button } from 'antd';
import { type KeyboardEvent, useRef } from 'react';
import type { HeldClass } from '../../../core/course/calendar/courseClasses';
import { DECISIONS, type Decision, decideNext, decisionOf } from '../../../core/course/classes/decideNext';
import type { Course } from '../../../core/course/schema/course';
import { topicKind } from '../../../core/course/schema/topicKinds';

interface Props {
  readonly course: Course;
  readonly held: readonly HeldClass[];
  /** The place of the next class. */
  readonly next: number;
  readonly isPlanning: boolean;
  /** Plans the course anew with what was decided, and offers what would be different. */
  readonly onDecide: (course: Course) => void;
}

const WORDS: Readonly<Record<Decision, string>> = { on: 'Go on', stay: 'Stay', back: 'Go back' };
const KEYS: Readonly<Record<string, Decision>> = { g: 'on', s: 'stay', b: 'back' };

/** Before the next class, for each thing that is taught in steps: go on, stay or go back, by one press or one key each. */
export function NextDecisions({ course, held, next, isPlanning, onDecide }: Props) {
  const list = useRef<HTMLUListElement>(null);
  const rows = course.threads
    .filter((thread) => !topicKind(thread).isKept && !topicKind(thread).isOnlySaid)
    .map((thread) => ({ thread, now: decisionOf(course, held, next, thread.id) }))
    .filter(({ thread, now }) => now !== null || decideNext(course, held, next, thread.id, 'stay') !== null);
  if (rows.length === 0) return null;
  const decide = (threadId: string, decision: Decision) => {
    const decided = isPlanning ? null : decideNext(course, held, next, threadId, decision);
    if (decided) onDecide(decided);
  };
  const pressed = (event: KeyboardEvent, row: number, threadId: string) => {
    const decision = KEYS[event.key];
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    if (decision) decide(threadId, decision);
    else if (step) (list.current?.children[row + step] as HTMLElement | undefined)?.focus();
    else return;
    event.preventDefault();
  };
  return (
    <details className="next-decisions">
      <summary>Go on, stay or go back</summary>
      <p className="faded">Arrows go from row to row; g goes on, s stays, b goes back.</p>
      <ul ref={list} aria-label="What the next class does">
        {rows.map(({ thread, now }, row) => (
          <li
            key={thread.id}
            // biome-ignore lint/a11y/noNoninteractiveTabindex: a row has keys of its own, and says what it is.
            tabIndex={0}
            aria-label={`${thread.title}: ${now ? WORDS[now] : 'not in this class'}`}
            onKeyDown={(event) => pressed(event, row, thread.id)}
          >
            <span className="name">{thread.title}</span>
            {DECISIONS.map((decision) => (
              <Button
                key={decision}
                size="small"
                type={decision === now ? 'primary' : 'default'}
                aria-pressed={decision === now}
                aria-label={`${thread.title}: ${WORDS[decision]}`}
                tabIndex={-1}
                disabled={isPlanning || decideNext(course, held, next, thread.id, decision) === null}
                onClick={() => decide(thread.id, decision)}
              >
                {WORDS[decision]}
              </Button>
            ))}
          </li>
        ))}
      </ul>
    </details>
  );
}
