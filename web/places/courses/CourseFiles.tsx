import { App, Button, Dropdown, Upload } from 'antd';
import { heldClasses } from '../../../core/course/calendar/courseClasses';
import type { Course } from '../../../core/course/schema/course';
import { courseCsv, courseLines } from '../../../core/formats/courseCsv';
import { readClosures } from '../../../core/formats/readClosures';
import { download, fileName } from '../../app/machine/download';
import { today } from '../../app/words';

interface Props {
  readonly course: Course;
  /** Plans the course anew with other closures. */
  readonly onClosures: (course: Course) => void;
}

/** Closures that are not there yet; the same days with the same reason are the same. */
const merged = (course: Course, read: Course['calendar']['closures']): Course => {
  const { closures } = course.calendar;
  const isThere = (one: (typeof read)[number]) => closures.some(({ from, to }) => from === one.from && to === one.to);
  return {
    ...course,
    calendar: { ...course.calendar, closures: [...closures, ...read.filter((one) => !isThere(one))] },
  };
};

const FILES = [
  { key: 'table', label: 'Table of the weave (CSV)' },
  { key: 'lines', label: 'What is new, a line a week' },
];

/** The course as files, and the days on which its hall is closed read from one. */
export function CourseFiles({ course, onClosures }: Props) {
  const { message } = App.useApp();
  const calendar = {
    key: 'calendar',
    label: (
      <a href={`/api/courses/${course.id}/calendar`} download={`${fileName(course.name)}.ics`}>
        Calendar (iCalendar)
      </a>
    ),
  };
  const save = (kind: string): void => {
    const held = heldClasses(course.calendar, today());
    if (kind === 'table')
      download(new Blob([courseCsv(course, held)], { type: 'text/csv' }), `${fileName(course.name)}.csv`);
    if (kind === 'lines')
      download(new Blob([courseLines(course, held)], { type: 'text/plain' }), `${fileName(course.name)}.txt`);
  };
  const read = async (file: Blob) => {
    const answer = readClosures(await file.text(), course.calendar.firstDay);
    if (answer.ok) onClosures(merged(course, [...answer.closures]));
    else message.error(answer.message, 8);
  };
  return (
    <>
      <Dropdown menu={{ items: [calendar, ...FILES], onClick: ({ key }) => save(key) }} trigger={['click']}>
        <Button>Files</Button>
      </Dropdown>
      <Upload
        accept=".ics,text/calendar"
        showUploadList={false}
        beforeUpload={(file) => {
          void read(file);
          return false;
        }}
      >
        <Button>Read closures</Button>
      </Upload>
    </>
  );
}
