import { roundsOf } from '../../datum/shapes';
import { GAUGE_FACTS, isRound } from '../../metrology/gauges/gaugeKinds';
import type { Feature } from '../../records/setup/datumPlan';
import type { Machine } from '../../records/shop/machine';
import type { Obstacle, Obstacles } from '../../records/setup/obstacles';
import type { Part } from '../../records/shop/part';
import { formatLengthUnit } from '../../units/formatLength';
import type { SetupState } from '../basis/setupState';
import { MOST_RPM } from './gaugeInSpindle';
import { sizeOf } from './contactSize';
import type { KnownGauge } from '../basis/calibratedGauge';

/** What conducts nothing: a lamp stays dark there. */
const INSULATORS = ['wood', 'walnut', 'oak', 'ply', 'mdf', 'plastic', 'acetal', 'nylon', 'acrylic', 'board', 'foam'];

/** Room that what touches needs in a bore to come off one wall and reach the other, mm. */
const ROOM = 0.5;

/** Where a gauge is to be used. */
interface Room {
  machine: Pick<Machine, 'limits'>;
  part: Part;
  setup: Pick<SetupState['setup'], 'units'>;
  obstacles?: Obstacles;
}

/**
 * Why a gauge cannot be used here at all: this spindle would throw it, the part conducts nothing, it does not go into the
 * bore. Undefined where nothing speaks against it.
 *
 * @param feature what is to be found; nothing of its size is asked where it is left out
 */
export function unfitReason(
  { machine, part, setup, obstacles }: Room,
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
  if (GAUGE_FACTS[gauge.kind].needsConduction && INSULATORS.some((word) => material.includes(word)))
    return `${part.material.charAt(0).toUpperCase()}${part.material.slice(1)} does not conduct: its lamp stays dark.`;
  if (feature?.kind === 'round' && isRound(gauge.kind)) {
    const round = roundsOf(part).find(({ id }) => id === feature.of);
    const say = (mm: number) => formatLengthUnit(mm, { unit: setup.units });
    if (round?.kind === 'bore' && sizeOf(gauge) + ROOM > round.diameter)
      return `It is ${say(sizeOf(gauge))} wide and does not fit into a bore of ${say(round.diameter)}.`;
  }
  return reachReason({ part, obstacles, setup }, gauge, feature);
}

/** A body wider than its tip meets what stands so near beside a face, mm. */
const BESIDE = 25;

/** So far below the top a tip touches, mm. */
const BELOW = 2;

/** Why the tip does not come down to a face of the stock: something beside it stands higher than the tip reaches. */
function reachReason(
  { part, obstacles, setup }: Pick<Room, 'part' | 'obstacles' | 'setup'>,
  { reach }: KnownGauge,
  feature: Feature | undefined,
): string | undefined {
  if (reach === undefined || feature?.kind !== 'face' || feature.of !== undefined) return undefined;
  const along = feature.face === 'left' || feature.face === 'right' ? 'x' : 'y';
  const place = feature.face === 'right' ? part.size.x : feature.face === 'back' ? part.size.y : 0;
  const high = (obstacles?.boxes ?? [])
    .filter(({ from, to }) => from[along] - BESIDE < place && place < to[along] + BESIDE)
    .reduce<Obstacle | undefined>((most, box) => (most && most.to.z >= box.to.z ? most : box), undefined);
  if (!high || high.to.z + BELOW <= reach) return undefined;
  const say = (mm: number) => formatLengthUnit(mm, { unit: setup.units });
  return `${high.name} is ${say(high.to.z)} above the part beside this face; its tip reaches only ${say(reach)} below its body.`;
}
