import { Severity } from '../../../words/severity';
import type { Finding } from './finding';

const gravity = ({ severity }: Finding): number => Severity.options.indexOf(severity);

/** The gravest first, then in the order of the class. */
export const inOrder = (findings: readonly Finding[]): Finding[] =>
  findings.toSorted((a, b) => gravity(a) - gravity(b) || (a.atMs ?? 0) - (b.atMs ?? 0));
