import { LARGEST_TABLE, tableChanges, toolTableFromCsv, type TableChange } from '@zero-point/core/formats/toolTable';
import { readText } from '../files/readText';
import { serveWork } from './serveWork';
import type { ToolTableJob } from './toolTableJob';

/** Reads a tool table and holds it against what is kept, away from the screen. */
serveWork<ToolTableJob, TableChange[]>(async ({ file, unit, now }) =>
  tableChanges(now, toolTableFromCsv(await readText(file, LARGEST_TABLE), unit)),
);
