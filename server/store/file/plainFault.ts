/** What SQLite or the file system call a fault; empty for another. */
export const faultCode = (error: unknown): string =>
  typeof error === 'object' && error !== null && 'code' in error ? String(error.code) : '';

/** The data cannot be opened; the message says in plain words what to do. Nothing was changed. */
export class UnusableDataError extends Error {}

const BRING_BACK = 'Bring a backup back with npm run restore -- FILE, or set VESPERUM_DATA to another folder.';

/** What is wrong with a file that does not open, and what to do; the error itself where it is something else. */
export function inPlainWords(error: unknown, file: string): unknown {
  const code = faultCode(error);
  if (/^SQLITE_(NOTADB|CORRUPT)/.test(code))
    return new UnusableDataError(`The data in ${file} is damaged and was left as it is. ${BRING_BACK}`);
  if (/^(SQLITE_(READONLY|CANTOPEN|PERM|AUTH)|EACCES|EPERM|EROFS|EISDIR|ENOTDIR|EEXIST)/.test(code))
    return new UnusableDataError(
      `The data in ${file} cannot be written by this user: see that the folder and the file belong to you, and that the disk is not read-only.`,
    );
  if (/^(SQLITE_(FULL|IOERR)|ENOSPC)/.test(code))
    return new UnusableDataError(
      `The disk that holds ${file} is full or failing. Make some room on it, and start again.`,
    );
  if (code === 'ERR_DLOPEN_FAILED')
    return new UnusableDataError(
      `The database was compiled for another version of Node than this one (${process.version}). Start Vesperum with npm start: it is compiled once more, and your data stays as it is.`,
    );
  return error;
}

/** The file is there, but nothing is in it: a copy or a synchronising program that stopped half way leaves that. */
export const emptiedFile = (file: string): UnusableDataError =>
  new UnusableDataError(
    `The file with your data, ${file}, is empty (0 bytes), but there are backups beside it. ${BRING_BACK} To begin with nothing, delete the empty file.`,
  );
