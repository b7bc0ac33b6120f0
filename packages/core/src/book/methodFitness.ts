import { roundsOf } from '../datum/shapes';
import { GAUGE_FACTS, isRound } from '../metrology/gaugeKinds';
import type { Feature } from '../record/datumPlan';
import type { Machine } from '../record/machine';
import type { Part } from '../record/part';
import { formatLengthUnit } from '../units/formatLength';
import type { Book } from './book';
import { sizeOf } from './gaugeUse';
import type { KnownGauge } from './known';

/** Most speed of a turning finder where its maker says nothing, rev/min. */
const MOST_RPM = { turning: 1000, slow: 150 } as const;

/** What conducts nothing: a lamp stays dark there. */
const INSULATORS = ['wood', 'walnut', 'oak', 'ply', 'mdf', 'plastic', 'acetal', 'nylon', 'acrylic', 'board', 'foam'];

/** Room that what touches needs in a bore to come off one wall and reach the other, mm. */
const ROOM = 0.5;

/**
 * Why a gauge cannot be used here at all: this spindle would throw it, the part conducts nothing, it does not go into the
 * bore. Undefined where nothing speaks against it.
 *
 * @param feature what is to be found; nothing of its size is asked where it is left out
 */
export function unfitReason(
  { machine, part, setup }: { machine: Pick<Machine, 'limits'>; part: Part; setup: Pick<Book['setup'], 'units'> },
  gauge: KnownGauge,
  feature?: Feature,
): string | undefined {
  const { spin } = GAUGE_FACTS[gauge.kind];
  const leastRpm = machine.limits?.leastRpm ?? 0;
  if (spin !== 'standing') {
    const most = gauge.maxRpm ?? MOST_RPM[spin];
    if (leastRpm > most)
      return `This spindle runs no slower than ${leastRpm} rpm, and this finder no faster than ${most}: it would be thrown.`;
  }
  const material = part.material.toLowerCase();
  if (gauge.kind === 'contact-light' && INSULATORS.some((word) => material.includes(word)))
    return `${part.material.charAt(0).toUpperCase()}${part.material.slice(1)} does not conduct: its lamp stays dark.`;
  if (feature?.kind === 'round' && isRound(gauge.kind)) {
    const round = roundsOf(part).find(({ id }) => id === feature.of);
    const say = (mm: number) => formatLengthUnit(mm, { unit: setup.units });
    if (round?.kind === 'bore' && sizeOf(gauge) + ROOM > round.diameter)
      return `It is ${say(sizeOf(gauge))} wide and does not fit into a bore of ${say(round.diameter)}.`;
  }
  return undefined;
}
