import { Input } from 'antd';
import type { SyllabusRead } from '../../../core/course/syllabus/readSyllabus';

interface Props {
  readonly text: string;
  readonly read: SyllabusRead;
  readonly onChange: (text: string) => void;
}

const EXAMPLE =
  '1: raise and sink; slow walking\n2: clouds in place, arms\n3: clouds in place, waist; brush knee, arms';

/** A term written a line a week; what is not understood is said with its line, and nothing of it is lost. */
export function TypedSyllabus({ text, read, onChange }: Props) {
  return (
    <div className="typed-syllabus">
      <Input.TextArea
        id="course-typed"
        aria-label="The syllabus, a line a week"
        aria-describedby="course-typed-read"
        placeholder={EXAMPLE}
        autoSize={{ minRows: 5, maxRows: 16 }}
        maxLength={8000}
        value={text}
        onChange={({ target }) => onChange(target.value)}
      />
      <div id="course-typed-read" aria-live="polite">
        {read.threads.length > 0 && (
          <p className="faded">
            Understood: {read.threads.map(({ title, pins }) => `${title} (${pins.length})`).join(', ')}. What is written
            stays in its class; second showings and reviews are added.
          </p>
        )}
        <ul className="typed-faults">
          {read.faults.map(({ line, text: words, message }) => (
            <li key={`${line} ${words}`}>
              Line {line}, “{words}”: {message}
            </li>
          ))}
        </ul>
      </div>
    </div>
  );
}
