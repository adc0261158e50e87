import type { z } from 'zod';

type Issue = z.core.$ZodIssue;

const counted = (many: number | bigint, one: string, more: string): string =>
  `${many} ${Number(many) === 1 ? one : more}`;

/** A limit of a length, or of a number. */
function limitWords(origin: string, limit: number | bigint, is: 'above' | 'below'): string {
  const than = is === 'above' ? 'has more than' : 'has less than';
  if (origin === 'string') return `${than} ${counted(limit, 'letter', 'letters')}`;
  if (origin === 'array' || origin === 'set') return `${than} ${counted(limit, 'entry', 'entries')}`;
  return `is ${is} ${limit}`;
}

function wordsOf(issue: Issue): string {
  switch (issue.code) {
    case 'too_big':
      return limitWords(issue.origin, issue.maximum, 'above');
    case 'too_small':
      return limitWords(issue.origin, issue.minimum, 'below');
    case 'invalid_type':
      if (/received undefined/.test(issue.message)) return 'is missing';
      return issue.expected === 'int' ? 'is no whole number' : `is no ${issue.expected}`;
    case 'invalid_value':
      return `is none of ${issue.values.map(String).join(', ')}`;
    case 'not_multiple_of':
      return `is no multiple of ${issue.divisor}`;
    case 'unrecognized_keys':
      return `has what this version doesn’t know: ${issue.keys.join(', ')}`;
    case 'custom':
      return issue.message;
    case 'invalid_format':
      return 'is not written as it has to be';
    case 'invalid_union':
    case 'invalid_key':
    case 'invalid_element':
      return 'is none of what it may be';
  }
}

/** What is wrong with something that was written, in words: "calls.0.call has more than 80 letters". */
export const faultWords = ({ issues }: z.core.$ZodError): string =>
  issues.map((issue) => `${issue.path.join('.') || 'it'} ${wordsOf(issue)}`).join('; ');
