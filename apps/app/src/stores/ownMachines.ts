import type { Calibration } from '@zero-point/core/records/shop/calibration';
import type { Machine } from '@zero-point/core/records/shop/machine';
import { ownPlay, type OwnMachine } from '@zero-point/core/practice/lessons/ownPlay';
import type { Lesson } from '@zero-point/core/practice/lessons/lesson';
import { COPIES } from '../cache/deviceStorage';
import { hasFields, isListOf, isRecord, isText } from '../cache/shapes';
import { readStoredJson, storeLocally } from '../cache/storedJson';

const OWN = 'own-';
const KEPT = `${COPIES}.practice-machine.`;

const A = 'a'.charCodeAt(0);

/** A name in letters alone for a machine, whatever its id is: as a lesson's address has it. */
function lettersOf(id: string): string {
  let hash = 0x811c9dc5;
  for (const sign of id) hash = Math.imul(hash ^ (sign.codePointAt(0) ?? 0), 0x01000193) >>> 0;
  return Array.from({ length: 7 }, (_, i) => String.fromCharCode(A + (Math.floor(hash / 26 ** i) % 26))).join('');
}

/** Lessons of free play on the shop's machines that are in use; copies of these are kept, so that a lesson can be gone on with. */
export function ownLessons(shop: { machines: readonly Machine[]; calibrations: readonly Calibration[] }): Lesson[] {
  return shop.machines
    .filter((machine) => machine.retiredOn === undefined)
    .map((machine) => {
      const own: OwnMachine = {
        machine,
        calibrations: shop.calibrations.filter(({ of }) => 'machineId' in of && of.machineId === machine.id),
      };
      const id = OWN + lettersOf(machine.id);
      storeLocally(KEPT + id, own);
      return ownPlay(id, own);
    });
}

const isOwnMachine = (value: unknown): value is OwnMachine =>
  hasFields(value, {
    machine: (one) => hasFields(one, { id: isText, name: isText, kind: isText, units: isText, axes: isRecord }),
    calibrations: isListOf(isRecord),
  });

/** The machine that a lesson's name stands for, as it was kept; undefined where it is no such name, or nothing was kept. */
export const keptMachine = (lesson: string): OwnMachine | undefined =>
  lesson.startsWith(OWN) ? readStoredJson<OwnMachine | undefined>(KEPT + lesson, undefined, isOwnMachine) : undefined;
