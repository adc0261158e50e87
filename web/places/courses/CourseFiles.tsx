import { App, Button, Upload } from 'antd';
import type { Course } from '../../../core/course/schema/course';
import { readClosures } from '../../../core/formats/readClosures';

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

/** The course as a calendar file, and the days on which its hall is closed read from one. */
export function CourseFiles({ course, onClosures }: Props) {
  const { message } = App.useApp();
  const read = async (file: Blob) => {
    const answer = readClosures(await file.text(), course.calendar.firstDay);
    if (answer.ok) onClosures(merged(course, [...answer.closures]));
    else message.error(answer.message, 8);
  };
  return (
    <>
      <Button href={`/api/courses/${course.id}/calendar`} download={`${course.id}.ics`}>
        Calendar file
      </Button>
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
