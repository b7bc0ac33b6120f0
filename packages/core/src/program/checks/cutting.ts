import { FEED } from '../path';
import type { Check, CheckOf } from './check';

/** Spindle and feed: turning while it feeds, the right way, within what the machine does. */
export function cuttingCheck({ set, findings, at }: CheckOf): Check {
  const { leastRpm = 0, mostRpm = Infinity, mostFeed = Infinity } = set.limits;
  return {
    spindle: (line, { speed, spindle, tool, motion }) => {
      if (speed > mostRpm) findings.add('speed-over', line, { rpm: speed, most: mostRpm }, String(speed), at());
      if (speed > 0 && speed < leastRpm)
        findings.add('speed-under', line, { rpm: speed, least: leastRpm }, String(speed), at());
      // A left-hand thread is cut the other way round.
      if (spindle === 'anticlockwise' && motion !== 74)
        findings.add('spindle-reversed', line, { tool }, String(tool), at());
    },
    move: ({ kind, line }, state) => {
      if (kind !== FEED) return;
      if (state.spindle === 'stopped' || state.speed <= 0)
        findings.add('spindle-stopped', line, { tool: state.tool }, String(state.tool), at());
      if (state.feed <= 0) findings.add('feed-missing', line, {}, '', at());
      else if (state.feedMode === 94 && state.feed > mostFeed + 1e-6)
        findings.add('feed-over', line, { feed: state.feed, most: mostFeed }, String(state.feed), at());
    },
  };
}
