import { FIRST_EPOCH } from '@zero-point/core/records/values/place';
import type { RowEntry } from '@zero-point/core/records/kinds/entry';
import type { NewReading } from '@zero-point/core/records/log/reading';
import { placeOf, textOf, unitOf } from '@zero-point/core/records/values/source';
import type { Dial } from '@zero-point/core/units/dial';
import { parseLength } from '@zero-point/core/units/parseLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { HttpProblem, invalid } from '../http/problem';
import type { Store } from '../store/store';

const TEXT_MATCHES = 1e-9;

/** What a row must hold beside its own schema, by what is in the record already. @throws HttpProblem 422 naming the field */
export function guardRow(store: Store, { kind, setupId, body }: RowEntry): void {
  if (kind === 'reading') checkTime(store, 'takenAt', body.takenAt);
  else checkTime(store, 'at', body.at);
  switch (kind) {
    case 'reading':
      checkText(body, () => dialOf(store, setupId, body));
      if (body.on === 'scale' && !countsFromSetting(store, setupId, body))
        checkEpoch(store, setupId, body.axis, body.place.scale, body.epoch, 'epoch');
      return;
    case 'zeroing':
      checkEpoch(store, setupId, body.axis, body.place.scale, body.began, 'began');
      if (body.opens === FIRST_EPOCH)
        throw invalid([{ field: 'opens', message: `must not be “${FIRST_EPOCH}”, which every scale starts with` }]);
      return;
    case 'strike':
      if (store.readings.get(body.readingId)?.setupId !== setupId)
        throw invalid([{ field: 'readingId', message: 'names no reading of this setup' }]);
      return;
    default:
      return;
  }
}

/** Clocks of two devices may be so far apart, ms; more is a wrong day. */
const CLOCKS = 86_400_000;

/** Nothing was logged before: an earlier time is that of a clock that was never set. */
const FIRST_DAY = '2020-01-01T00:00:00.000Z';

/**
 * A time that cannot be is asked about: before this program, or in the future, where it would count before it was made. This
 * computer's own clock may be the wrong one: what it received last was not after now.
 *
 * @throws HttpProblem 422 naming the field, and whose clock is to be set
 */
function checkTime(store: Store, field: 'at' | 'takenAt', at: string): void {
  const time = Date.parse(at);
  const day = at.slice(0, 10);
  if (time < Date.parse(FIRST_DAY))
    throw wrongTime(field, `The clock of this device said ${day}: it was not set. ${SAY_WHEN}`);
  const now = Date.now();
  const last = Date.parse(store.lastReceivedAt() ?? at);
  if (time <= Math.max(now, last) + CLOCKS) return;
  throw wrongTime(
    field,
    last > now + CLOCKS
      ? `The clock of the shop’s computer says ${new Date(now).toISOString().slice(0, 10)}, before its own last entry. Set the clock of the shop’s computer, then send this again.`
      : `The clock of this device said ${day}, which is still to come. ${SAY_WHEN}`,
  );
}

const SAY_WHEN = 'Set the clock, then put the time right, as 2026-12-02T09:30:00Z.';

/** What is wrong with a time, in a sentence of its own. */
const wrongTime = (field: string, message: string): HttpProblem =>
  new HttpProblem(422, 'wrong-time', 'Another day', `${message} Nothing was stored.`, [{ field, message }]);

/** @throws HttpProblem 422 when nobody opened the epoch: its zero is of a setting that is not in the record */
function checkEpoch(store: Store, setupId: string, axis: string, scale: string, epoch: string, field: string): void {
  if (epoch === FIRST_EPOCH || store.entries.isOpened(setupId, axis, scale, epoch)) return;
  throw invalid([
    {
      field,
      message: `names a zero of ${axis.toUpperCase()} on the scale “${scale}” that no setting opened; send the setting first`,
    },
  ]);
}

/** A reading at the tool touch-off point counts from the setting of Z it names, on a scale in machine coordinates too. */
const countsFromSetting = (
  store: Store,
  setupId: string,
  { subject, axis, epoch }: Extract<NewReading, { on: 'scale' }>,
): boolean => subject.kind === 'tool-spot' && store.entries.isSetting(setupId, axis, epoch);

/** The handwheel a reading may have been typed from, as turns and lines. */
function dialOf(store: Store, setupId: string, reading: NewReading): Dial | undefined {
  const plan = store.documents.get('plan', setupId, '');
  const machine = plan && store.documents.get('machine', '', plan.body.machineId);
  return reading.on === 'scale' ? machine?.body.axes[reading.axis].dial : undefined;
}

/** @throws HttpProblem 422 when the text typed is not the value sent */
function checkText(reading: NewReading, dial: () => Dial | undefined): void {
  const { source, value, subject } = reading;
  const [text, unit] = [textOf(source), unitOf(source)];
  if (text === undefined || unit === undefined) return;
  const check = (textField: string, valueField: string, typed: string, mm: number) => {
    const read = meaning(typed, unit, dial);
    if (!read.ok) throw invalid([{ field: textField, message: `is not a length: ${read.message}` }]);
    if (Math.abs(read.mm - mm) > TEXT_MATCHES)
      throw invalid([{ field: valueField, message: `is ${mm} mm, but the text “${typed}” means ${read.mm} mm` }]);
  };
  check('source.text', 'value', text, value - placeOf(source));
  if (reading.on === 'scale' && reading.across)
    check('across.text', 'across.value', reading.across.text, reading.across.value);
  if (subject.kind === 'bore-size' && subject.set !== undefined)
    check('subject.setText', 'subject.set', subject.setText ?? '', subject.set);
}

function meaning(typed: string, unit: LengthUnit, dial: () => Dial | undefined) {
  const plain = parseLength(typed, unit);
  return plain.ok ? plain : parseLength(typed, unit, dial());
}
