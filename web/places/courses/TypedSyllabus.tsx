import { Button, Input, Upload } from 'antd';
import { useState } from 'react';
import type { SyllabusRead } from '../../../core/course/syllabus/readSyllabus';
import { type CsvProblem, readCourseCsv } from '../../../core/formats/course/readCourseCsv';

interface Props {
  readonly text: string;
  readonly read: SyllabusRead;
  readonly onChange: (text: string) => void;
}

const MOST_TYPED = 8000;
const EXAMPLE =
  '1: raise and sink; slow walking\n2: clouds in place, arms\n3: clouds in place, waist; brush knee, arms';

/** A term written a line a week; what is not understood is said with its line, and nothing of it is lost. */
export function TypedSyllabus({ text, read, onChange }: Props) {
  const [problems, setProblems] = useState<readonly CsvProblem[]>([]);
  // What is typed stays as it is where a file cannot be read.
  const readFile = (name: string, words: string) => {
    const table = name.toLowerCase().endsWith('.csv') ? readCourseCsv(words) : { ok: true as const, lines: words };
    setProblems(table.ok ? [] : table.problems);
    if (table.ok) onChange(table.lines.slice(0, MOST_TYPED));
  };
  return (
    <div className="typed-syllabus">
      <Input.TextArea
        id="course-typed"
        aria-label="The syllabus, a line a week"
        aria-describedby="course-typed-read"
        placeholder={EXAMPLE}
        autoSize={{ minRows: 5, maxRows: 16 }}
        maxLength={MOST_TYPED}
        value={text}
        onChange={({ target }) => onChange(target.value)}
      />
      <Upload
        accept=".csv,.txt,text/csv,text/plain"
        showUploadList={false}
        beforeUpload={(file) => {
          void file.text().then((words) => readFile(file.name, words));
          return false;
        }}
      >
        <Button>Read it from a table or a text</Button>
      </Upload>
      {problems.length > 0 && (
        <ul className="typed-faults" role="alert">
          {problems.map(({ line, field, message }) => (
            <li key={`${line} ${field}`}>
              Line {line} of the file, {field}: {message}
            </li>
          ))}
        </ul>
      )}
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
