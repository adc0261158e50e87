import { App, Button, Modal, Select, Upload } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { type ReadCourse, readCourse } from '../../../core/formats/course/courseJson';
import type { Group } from '../../../core/group/group';
import { usualName } from '../../../core/movement/schema/movement';
import { freshId } from '../../app/machine/freshId';
import { useRepertoire } from '../../app/repertoire';
import { api } from '../../app/server/api';
import { whyRefused } from '../../app/server/problemIn';

interface Chosen {
  readonly text: string;
  readonly id: string;
  readonly groupId: string;
}

/** A course read from a file: what it brings is seen first, and for which group it is. Nothing that is here is overwritten. */
export function ReadCourseFile({ groups }: { readonly groups: readonly Group[] }) {
  const { find, forms } = useRepertoire();
  const { message } = App.useApp();
  const navigate = useNavigate();
  const [bringCourse] = api.useBringCourseMutation();
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const read: ReadCourse | null = chosen && readCourse(chosen.text, find, forms, chosen.id, chosen.groupId);
  const bring = async () => {
    if (!chosen) return;
    try {
      await bringCourse(chosen).unwrap();
      navigate(`/courses/${chosen.id}`);
    } catch (error) {
      message.error(whyRefused(error));
    }
  };
  return (
    <>
      <Upload
        accept=".json,application/json"
        showUploadList={false}
        beforeUpload={(file) => {
          const [first] = groups;
          void file.text().then((text) => first && setChosen({ text, id: freshId('course'), groupId: first.id }));
          return false;
        }}
      >
        <Button>Read a course</Button>
      </Upload>
      <Modal
        open={chosen !== null}
        title={read?.ok ? `“${read.course.name}”` : 'This file cannot be read'}
        okText="Add it"
        okButtonProps={{ disabled: !read?.ok }}
        onCancel={() => setChosen(null)}
        onOk={() => void bring()}
      >
        {read?.ok && chosen && (
          <>
            <p>
              {read.course.threads.length} {read.course.threads.length === 1 ? 'thing is' : 'things are'} taught in it:{' '}
              {read.course.threads.map(({ title }) => title).join(', ')}.
            </p>
            {read.brings.length > 0 && (
              <p>
                It brings {read.brings.map(usualName).join(', ')}
                {read.renamed.length > 0 && ', where the name is taken beside what is here'}.
              </p>
            )}
            <label htmlFor="read-course-group">For whom </label>
            <Select
              id="read-course-group"
              value={chosen.groupId}
              options={groups.map(({ id, name }) => ({ value: id, label: name }))}
              onChange={(groupId) => setChosen({ ...chosen, groupId })}
            />
          </>
        )}
        {read && !read.ok && (
          <ul className="typed-faults">
            {read.problems.map(({ path, message: what }) => (
              <li key={path.join('.') + what}>
                {path.length > 0 && `${path.join(' ')}: `}
                {what}
              </li>
            ))}
          </ul>
        )}
      </Modal>
    </>
  );
}
