import { App, Button, Dropdown, Upload } from 'antd';
import { useState } from 'react';
import { heldClasses } from '../../../core/course/calendar/courseClasses';
import { schemeOf } from '../../../core/course/classes/scheme';
import type { Course } from '../../../core/course/schema/course';
import { courseCsv, courseLines } from '../../../core/formats/course/courseCsv';
import { writeCourse } from '../../../core/formats/course/courseJson';
import { readClosures } from '../../../core/formats/course/readClosures';
import type { Group } from '../../../core/group/group';
import { today } from '../../app/machine/clock';
import { download, fileName } from '../../app/machine/download';
import { useRepertoire } from '../../app/repertoire';

interface Props {
  readonly course: Course;
  readonly group: Group;
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
  { key: 'sheet', label: 'Term sheet (PDF)' },
  { key: 'scheme', label: 'Scheme of work (PDF)' },
  { key: 'table', label: 'Table of the weave (CSV)' },
  { key: 'lines', label: 'What is new, a line a week' },
  { key: 'json', label: 'The whole course (JSON)' },
];

/** The course as files, and the days on which its hall is closed read from one. */
export function CourseFiles({ course, group, onClosures }: Props) {
  const { message } = App.useApp();
  const { find, forms } = useRepertoire();
  const [isBusy, setBusy] = useState(false);
  const calendar = {
    key: 'calendar',
    label: (
      <a href={`/api/courses/${course.id}/calendar`} download={`${fileName(course.name)}.ics`}>
        Calendar (iCalendar)
      </a>
    ),
  };
  const print = async (kind: 'sheet' | 'scheme') => {
    setBusy(true);
    try {
      const held = heldClasses(course.calendar, today());
      const { printPdf } = await import('../../paper/printPdf');
      if (kind === 'sheet') {
        const { termSheet } = await import('../../paper/sheets/termSheet');
        download(await printPdf(termSheet(course, held, group, today())), `${fileName(course.name)}.term.pdf`);
      } else {
        const { schemeOfWork } = await import('../../paper/sheets/schemeOfWork');
        const weeks = schemeOf(course, held, find, forms);
        download(await printPdf(schemeOfWork(course, weeks, group)), `${fileName(course.name)}.scheme.pdf`);
      }
    } catch (error) {
      console.error(error);
      message.error('It could not be printed. Try again, or take the table.');
    } finally {
      setBusy(false);
    }
  };
  const save = (kind: string): void => {
    const held = heldClasses(course.calendar, today());
    if (kind === 'sheet' || kind === 'scheme') void print(kind);
    if (kind === 'json')
      download(new Blob([writeCourse(course, find)], { type: 'application/json' }), `${fileName(course.name)}.json`);
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
        <Button loading={isBusy}>Files</Button>
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
