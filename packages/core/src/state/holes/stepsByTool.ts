import { HOLE_STEPS, type HoleStep } from '../../records/values/holeSteps';
import type { Hole } from './holes';

/** A step at a hole, as far as its order matters. */
export type StepOfHole = Pick<Hole, 'hole' | 'steps'> & { pattern: Pick<Hole['pattern'], 'id'>; step: HoleStep };

/**
 * Steps of holes put together by tool, so that no hole sees a later step of its own before an earlier one: a topological
 * order of (hole, step). Of the tools that could go on, the one whose step is usually done first does, then the one that
 * came first; it does every hole that is ready for it.
 *
 * @param toolOf the tool of a step, by a name of its own; two steps never share one
 * @returns the steps of each tool change in turn, each in the order they came
 */
export function stepsByTool<S extends StepOfHole>(stops: readonly S[], toolOf: (stop: S) => string): S[][] {
  const left = new Map<string, S[]>();
  for (const stop of stops) {
    const hole = `${stop.pattern.id} ${stop.hole}`;
    const steps = left.get(hole);
    if (steps) steps.push(stop);
    else left.set(hole, [stop]);
  }
  for (const steps of left.values()) steps.sort((a, b) => a.steps.indexOf(a.step) - b.steps.indexOf(b.step));
  const place = new Map(stops.map((stop, i) => [stop, i]));
  const tool = new Map(stops.map((stop) => [stop, toolOf(stop)]));
  const firstSeen = new Map<string, number>();
  stops.forEach((stop, i) => {
    const name = tool.get(stop) ?? '';
    if (!firstSeen.has(name)) firstSeen.set(name, i);
  });
  const groups: S[][] = [];
  const queues = [...left.values()];
  for (let ready = heads(queues); ready.length > 0; ready = heads(queues)) {
    const rank = (stop: S) =>
      HOLE_STEPS.indexOf(stop.step) * (stops.length + 1) + (firstSeen.get(tool.get(stop) ?? '') ?? 0);
    const next = ready.reduce((best, stop) => (rank(stop) < rank(best) ? stop : best));
    const name = tool.get(next);
    const group: S[] = [];
    for (const steps of queues) {
      const [head] = steps;
      if (head === undefined || tool.get(head) !== name) continue;
      steps.shift();
      group.push(head);
    }
    groups.push(group.sort((a, b) => (place.get(a) ?? 0) - (place.get(b) ?? 0)));
  }
  return groups;
}

/** What each hole is ready for. */
const heads = <S>(queues: readonly (readonly S[])[]): S[] =>
  queues.flatMap(([head]) => (head === undefined ? [] : head));
