import type { NewReading, Reading, ReadingScale, Subject, Touched } from '@zero-point/core/contract/ledger';
import type { Approach, Axis } from '@zero-point/core/contract/quantities';
import type { Snapshot } from '@zero-point/core/contract/setup';
import { currentEpoch } from '@zero-point/core/ledger/inForce';
import type { AnswerForm } from '@zero-point/core/contract/shop';
import { parseLength } from '@zero-point/core/units/parseLength';
import { uuidv7 } from 'uuidv7';
import { logEntry } from './useSetup';

interface Touch {
  subject: Touched;
  axis: Axis;
  approach: Approach;
  gaugeId: string;
  feeler: number;
  ticked: string[];
  /** An indicator is a scale of its own, with the pass as its epoch; else the machine's scale as it stands. */
  own?: { scale: ReadingScale; epoch: number };
}

/** Logs what was typed as a reading; gives back what is wrong with it instead, and then logs nothing. */
export function logReading(snapshot: Snapshot, { own, ...touch }: Touch, text: string): string | undefined {
  const unit = snapshot.setup.units;
  const read = parseLength(text, unit);
  if (!read.ok)
    return read.code === 'empty' ? 'Type what it shows, then log it.' : `${read.message} (place ${read.at + 1})`;
  const body: NewReading = {
    ...touch,
    id: uuidv7(),
    scale: own?.scale ?? snapshot.machine.scale,
    epoch: own?.epoch ?? currentEpoch(snapshot, touch.axis),
    text: text.trim(),
    unit,
    value: read.mm,
    takenAt: new Date().toISOString(),
  };
  try {
    logEntry({ kind: 'reading', setupId: snapshot.setup.id, body });
    return undefined;
  } catch {
    return 'This device has no room left to keep the reading. Free some space, then log it again.';
  }
}

/** Strikes a reading out, or takes it back in. */
export function logStrike(snapshot: Snapshot, reading: Reading, action: 'strike' | 'restore', reason: string): void {
  logEntry({
    kind: 'strike',
    setupId: snapshot.setup.id,
    body: { id: uuidv7(), readingId: reading.id, action, reason, at: new Date().toISOString() },
  });
}

/** Logs that the person has set an axis. A preset or move gives the scale a new zero; a work offset leaves it. */
export function logZeroing(snapshot: Snapshot, subject: Subject, axis: Axis, form: AnswerForm, value: number): void {
  const epoch = currentEpoch(snapshot, axis) + (form === 'work-offset' ? 0 : 1);
  logEntry({
    kind: 'zeroing',
    setupId: snapshot.setup.id,
    body: { id: uuidv7(), subject, axis, epoch, form, value, at: new Date().toISOString() },
  });
}
