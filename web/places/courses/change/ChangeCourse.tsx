import { Button, Drawer, Input, Tabs } from 'antd';
import { useState } from 'react';
import { Course } from '../../../../core/course/schema/course';
import type { Group } from '../../../../core/group/group';
import { CalendarTab } from './CalendarTab';
import { FamilyTab } from './FamilyTab';
import { RulesTab } from './RulesTab';
import { ThreadsTab } from './ThreadsTab';
import './change.css';

interface Props {
  readonly course: Course;
  readonly group: Group;
  readonly isPlanning: boolean;
  /** Plans the course as it would be, and offers what would be different. */
  readonly onPlan: (course: Course) => void;
}

/** Where in a course something is wrong: "threads 3, layers 1, minutes". */
const whereWords = (path: readonly PropertyKey[]): string =>
  path.map((part) => (typeof part === 'number' ? part + 1 : String(part))).join(' ');

/** Everything about a course: when it is, what is taught in it, by which figures it is planned. Nothing changes until it is planned. */
export function ChangeCourse({ course, group, isPlanning, onPlan }: Props) {
  const [isOpen, setOpen] = useState(false);
  const [draft, setDraft] = useState<Course | null>(null);
  const now = draft ?? course;
  const answer = Course.safeParse(now);
  const tabs = [
    { key: 'threads', label: 'What is taught', children: <ThreadsTab course={now} onChange={setDraft} /> },
    { key: 'calendar', label: 'When', children: <CalendarTab course={now} onChange={setDraft} /> },
    {
      key: 'warm-up',
      label: 'Warm-ups',
      children: <FamilyTab part="warmUp" course={now} group={group} onChange={setDraft} />,
    },
    {
      key: 'cool-down',
      label: 'Cool-downs',
      children: <FamilyTab part="coolDown" course={now} group={group} onChange={setDraft} />,
    },
    { key: 'rules', label: 'By which figures', children: <RulesTab course={now} onChange={setDraft} /> },
  ];
  return (
    <>
      <Button onClick={() => setOpen(true)}>Change</Button>
      <Drawer
        title="Change the course"
        open={isOpen}
        size={820}
        onClose={() => setOpen(false)}
        footer={
          <div className="change-course-acts">
            <Button
              type="primary"
              loading={isPlanning}
              disabled={draft === null || !answer.success}
              onClick={() => {
                if (!answer.success) return;
                setOpen(false);
                onPlan(answer.data);
              }}
            >
              See what would be different
            </Button>
            {draft && (
              <Button
                onClick={() => {
                  setDraft(null);
                }}
              >
                Begin again from the course as it is
              </Button>
            )}
          </div>
        }
      >
        <div className="change-course">
          <label htmlFor="change-course-name">Called</label>
          <Input
            id="change-course-name"
            maxLength={120}
            value={now.name}
            onChange={({ target }) => setDraft({ ...now, name: target.value })}
          />
        </div>
        <ul className="typed-faults" aria-live="polite">
          {answer.error?.issues.map(({ path, message }) => (
            <li key={path.join('.') + message}>
              {whereWords(path)}: {message}
            </li>
          ))}
        </ul>
        <Tabs items={tabs} />
      </Drawer>
    </>
  );
}
