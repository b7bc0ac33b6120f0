/** What is wrong with the file of a shop, or with the disk under it: said the same at the start and in an answer. */
export interface DatabaseFault {
  code: 'locked' | 'read-only' | 'disk-full' | 'damaged' | 'disk-trouble';
  title: string;
  /** What happened and what to do, in words that fit any moment. */
  detail: string;
}

/** What is to be done about damage. */
export const HOW_TO_RESTORE =
  'Stop the server and put a backup back: npm run restore -- and the file. The README says where daily copies are kept.';

const FAULTS: readonly [RegExp, DatabaseFault][] = [
  [
    /^SQLITE_(BUSY|LOCKED)/,
    {
      code: 'locked',
      title: 'Database in use',
      detail:
        'Another program holds the shop’s file. Close it; what you logged waits on your device and is sent again.',
    },
  ],
  [
    /^SQLITE_(FULL|TOOBIG)/,
    {
      code: 'disk-full',
      title: 'Disk full',
      detail:
        'The disk with the shop’s file is full. Free some space there; what you logged waits on your device and is sent again.',
    },
  ],
  [
    /^SQLITE_(READONLY|PERM|AUTH)/,
    {
      code: 'read-only',
      title: 'File is read-only',
      detail:
        'The shop’s file, or the folder it lies in, may not be written to. Give this user the right to write there; what you logged waits on your device.',
    },
  ],
  [
    /^SQLITE_(CORRUPT|NOTADB)/,
    {
      code: 'damaged',
      title: 'File is damaged',
      detail: `The shop’s file is damaged; nothing is written to it any more. ${HOW_TO_RESTORE}`,
    },
  ],
  [
    /^SQLITE_(IOERR|CANTOPEN|NOMEM)/,
    {
      code: 'disk-trouble',
      title: 'Disk trouble',
      detail:
        'The disk with the shop’s file did not answer as it should. Look whether it is still there; what you logged waits on your device.',
    },
  ],
];

/** The fault behind an error of the database; undefined for any other error, constraints among them. */
export function databaseFault(error: unknown): DatabaseFault | undefined {
  // By its code alone: the binding's own class of errors is of another realm where tests share it.
  const code = typeof error === 'object' && error !== null && 'code' in error ? String(error.code) : '';
  return FAULTS.find(([pattern]) => pattern.test(code))?.[1];
}

/** A damaged file that is only read from: every write is answered so. */
export const DAMAGED: DatabaseFault | undefined = FAULTS.find(([, { code }]) => code === 'damaged')?.[1];

/** Something needed was changed by another program, and is left out. */
export const leftOut = (what: string): DatabaseFault => ({
  code: 'damaged',
  title: 'Left out',
  detail: `The ${what} was changed outside Zero Point and is left out. ${HOW_TO_RESTORE}`,
});
