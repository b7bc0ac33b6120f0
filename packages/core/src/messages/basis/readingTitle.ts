import { featureName, roundName } from '../../datum/feature';
import type { SetupState } from '../../state/basis/setupState';
import { epochPlace } from '../../state/basis/activeRecords';
import type { Reading, TouchReading } from '../../records/log/reading';
import { unitOf } from '../../records/values/source';
import { formatLengthUnit } from '../../units/formatLength';
import type { LengthUnit } from '../../units/unit';
import { TASK_TITLES } from './labels';

/** What a reading is of, in a few words: `X, left face`, `Z, tool 2`, `Bearing bore, measured`. */
export function readingTitle(book: SetupState, reading: Reading): string {
  const unit = unitOf(reading.source) ?? book.setup.units;
  switch (reading.on) {
    case 'scale':
      return onScale(book, reading, touchTitle(book, reading, unit));
    case 'dial':
      return dialTitle(book, reading.subject, unit);
    case 'gauge': {
      const { of, set } = reading.subject;
      const name = book.cutPlan.bores.find(({ id }) => id === of)?.name ?? 'Bore';
      return set === undefined ? `${name}, measured` : `${name}, set ${formatLengthUnit(set, { unit })}, measured`;
    }
  }
}

function touchTitle({ part }: SetupState, { subject, axis, across }: TouchReading, unit: LengthUnit): string {
  switch (subject.kind) {
    case 'face':
    case 'round': {
      const place = across ? `, ${axis === 'x' ? 'Y' : 'X'} at ${formatLengthUnit(across.value, { unit })}` : '';
      return `${axis.toUpperCase()}, ${featureName(part, subject)}${place}`;
    }
    case 'return':
      return `${axis.toUpperCase()}, ${featureName(part, { ...subject, kind: 'face' })} once more`;
    case 'return-round':
      return `${axis.toUpperCase()}, ${featureName(part, { kind: 'round', of: subject.of })} once more`;
    case 'return-z':
      return `Z, tool ${subject.tool} once more`;
    case 'standing':
      return `${axis.toUpperCase()}, over ${roundName(part, subject.of)}`;
    case 'master':
      return 'Z, master tool';
    case 'alignment':
      return `${TASK_TITLES[subject.task]}, pass ${subject.pass}`;
    case 'z-zero':
      return `Z, tool ${subject.tool}, reference`;
    case 'tool-spot':
      return `Z, ${subject.tool === undefined ? 'probe' : `tool ${subject.tool}`} on the tool touch-off point`;
    case 'tool-length':
      return `Z, tool ${subject.tool}`;
  }
}

function dialTitle(
  { part }: SetupState,
  subject: Extract<Reading, { on: 'dial' }>['subject'],
  unit: LengthUnit,
): string {
  switch (subject.kind) {
    case 'alignment':
      return `${TASK_TITLES[subject.task]}, pass ${subject.pass}`;
    case 'sweep':
      return `Dial at ${subject.place}°, ${roundName(part, subject.of)}, pass ${subject.pass}`;
    case 'run-out':
      return `Run-out of tool ${subject.tool}, ${subject.place}°, ${formatLengthUnit(subject.height, { unit })} above its tip`;
  }
}

/** Which zero of the scale it stands on, from the second on. */
function onScale(book: SetupState, { axis, place, epoch, subject }: TouchReading, what: string): string {
  const zero = epochPlace(book, axis, place.scale, epoch);
  return zero < 1 || subject.kind === 'alignment' ? what : `${what}, zero ${zero + 1}`;
}
