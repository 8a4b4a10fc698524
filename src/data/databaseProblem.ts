/** Why the database cannot be used, in words that say what to do. */
export class DatabaseProblem extends Error {
  readonly code:
    | 'damaged'
    | 'newer'
    | 'locked'
    | 'full'
    | 'not-writable'
    | 'not-openable'
    | 'moved';

  constructor(code: DatabaseProblem['code'], message: string, cause?: unknown) {
    super(message, { cause });
    this.code = code;
  }
}

/**
 * What SQLite (its result codes) or the file system says, for people; `null` where it is no failure of the file.
 * @param file as it was named.
 */
export function problemIn(error: unknown, file: string): DatabaseProblem | null {
  if (error instanceof DatabaseProblem) return error;
  switch (kindOf(error)) {
    case 'NOTADB':
    case 'CORRUPT':
      return new DatabaseProblem(
        'damaged',
        `${file} is damaged, or is no database of Grozer. Move it to another folder and put the last backup back with: npm run -s restore -- BACKUP.zip`,
        error,
      );
    case 'BUSY':
    case 'LOCKED':
      return new DatabaseProblem(
        'locked',
        `Another program holds ${file}. Close it (a second Grozer, a database viewer, a copying cloud folder) and try again.`,
        error,
      );
    case 'FULL':
    case 'ENOSPC':
    case 'EDQUOT':
      return new DatabaseProblem(
        'full',
        `The disk is full, so nothing can be saved in ${file}. Make room and try again; what is there can be looked at.`,
        error,
      );
    case 'READONLY':
    case 'IOERR':
    case 'EROFS':
    case 'EACCES':
    case 'EPERM':
      return new DatabaseProblem(
        'not-writable',
        `Nothing can be saved in ${file}: the file, its folder or the disk cannot be written. What is there can be looked at.`,
        error,
      );
    case 'CANTOPEN':
    case 'PERM':
    case 'AUTH':
      return new DatabaseProblem(
        'not-openable',
        `${file} cannot be opened. Does its folder exist, and may you write there? GROZER_DB names another file.`,
        error,
      );
    default:
      return null;
  }
}

/** The kind of a failure of SQLite or of the file system; empty where it is neither. */
function kindOf(error: unknown): string {
  const code: unknown = Object(error).code;
  if (typeof code !== 'string') return '';
  return /^SQLITE_([A-Z]+)/.exec(code)?.[1] ?? code;
}

/** What is written to a file that has no name any more is lost with it. */
export function movedProblem(file: string): DatabaseProblem {
  return new DatabaseProblem(
    'moved',
    `${file} was moved, deleted or exchanged while Grozer runs: nothing is saved any more. Put it back, or stop Grozer and start it again.`,
  );
}

export function newerProblem(file: string): DatabaseProblem {
  return new DatabaseProblem(
    'newer',
    `${file} was written by a newer Grozer than this one. Start that one, or name another file with GROZER_DB.`,
  );
}
