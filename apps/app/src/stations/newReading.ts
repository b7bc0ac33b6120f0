import type { NewReading, Reading, ReadingScale, Subject, Touched } from '@zero-point/core/contract/ledger';
import type { Approach, Axis } from '@zero-point/core/contract/quantities';
import type { Snapshot } from '@zero-point/core/contract/setup';
import { currentEpoch, scaleOf } from '@zero-point/core/ledger/inForce';
import type { Mend } from '@zero-point/core/ledger/mends';
import type { AnswerForm } from '@zero-point/core/contract/shop';
import { parseLength, type ParsedLength } from '@zero-point/core/units/parseLength';
import { uuidv7 } from 'uuidv7';
import { logEntry } from './useSetup';

interface Touch {
  subject: Touched;
  axis: Axis;
  approach: Approach;
  gaugeId: string;
  feeler: number;
  tool?: number;
  ticked: string[];
  /** An indicator is a scale of its own, with the pass as its epoch; else the machine's scale as it stands. */
  own?: { scale: ReadingScale; epoch: number };
}

const FULL = 'This device has no room left to keep the reading. Free some space, then log it again.';

/** A length as typed; on a dial turns and lines count too. */
export function readLength(snapshot: Snapshot, axis: Axis, text: string): ParsedLength {
  const { setup, machine } = snapshot;
  return parseLength(text, setup.units, scaleOf(snapshot) === 'dial' ? machine.axes[axis].dial : undefined);
}

const wrongWith = (read: ParsedLength, what: string): string | undefined =>
  read.ok ? undefined : read.code === 'empty' ? `Type ${what}, then log it.` : `${read.message} (place ${read.at + 1})`;

/** Logs what was typed as a reading; gives back what is wrong with it instead, and then logs nothing. */
export function logReading(
  snapshot: Snapshot,
  { own, ...touch }: Touch,
  text: string,
  acrossText?: string,
): string | undefined {
  const read = readLength(snapshot, touch.axis, text);
  const other = touch.axis === 'x' ? 'y' : 'x';
  const across = acrossText === undefined ? undefined : readLength(snapshot, other, acrossText);
  if (!read.ok) return wrongWith(read, 'what it shows');
  if (across && !across.ok) return wrongWith(across, `where ${other.toUpperCase()} stands`);
  const body: NewReading = {
    ...touch,
    id: uuidv7(),
    scale: own?.scale ?? scaleOf(snapshot),
    epoch: own?.epoch ?? currentEpoch(snapshot, touch.axis),
    text: text.trim(),
    unit: snapshot.setup.units,
    value: read.mm,
    ...(across?.ok && acrossText !== undefined && { across: { text: acrossText.trim(), value: across.mm } }),
    takenAt: new Date().toISOString(),
  };
  return kept(() => logEntry({ kind: 'reading', setupId: snapshot.setup.id, body }));
}

function kept(log: () => void): string | undefined {
  try {
    log();
    return undefined;
  } catch {
    return FULL;
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

/** Writes a mend into the ledger: the slip struck out, and what it should have been logged beside it. */
export function logMend(snapshot: Snapshot, mend: Mend, reason: string): void {
  for (const reading of mend.strike) logStrike(snapshot, reading, 'strike', reason);
  for (const { from, change } of mend.again) {
    const { seq: _, receivedAt: _received, struckBy: _by, struckReason: _reason, ...reading } = from;
    const body: NewReading = { ...reading, ...change, id: uuidv7(), takenAt: new Date().toISOString() };
    logEntry({ kind: 'reading', setupId: snapshot.setup.id, body });
  }
}

/**
 * Logs that the person has set an axis. A preset or move gives the scale a new zero. A work offset leaves it, and so
 * does everything else in machine coordinates: there the controller sets its own offset.
 */
export function logZeroing(snapshot: Snapshot, subject: Subject, axis: Axis, form: AnswerForm, value: number): void {
  const scale = scaleOf(snapshot);
  const stays = form === 'work-offset' || scale === 'machine';
  const epoch = currentEpoch(snapshot, axis) + (stays ? 0 : 1);
  logEntry({
    kind: 'zeroing',
    setupId: snapshot.setup.id,
    body: { id: uuidv7(), subject, axis, epoch, form, value, scale, at: new Date().toISOString() },
  });
}

/** Logs that an axis' zero is not what it was: readings taken after it are of a new one, and the axis is to be set anew. */
export function logLoss(
  snapshot: Snapshot,
  axis: Axis,
  why: Extract<Subject, { kind: 'lost' }>['why'],
  scale: ReadingScale = scaleOf(snapshot),
): void {
  logEntry({
    kind: 'zeroing',
    setupId: snapshot.setup.id,
    body: {
      id: uuidv7(),
      subject: { kind: 'lost', why },
      axis,
      epoch: currentEpoch(snapshot, axis, scale) + 1,
      form: 'lost',
      value: 0,
      scale,
      at: new Date().toISOString(),
    },
  });
}
