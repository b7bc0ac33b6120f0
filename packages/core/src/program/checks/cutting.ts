import { FEED } from '../motion/path';
import type { ProgramRule, CheckOf } from './check';

/** A feed slower than this is one per turn, faster than that one per minute. mm/min and mm. */
const LEAST_A_MINUTE = 1;
const MOST_A_TURN = 5;

/** A tap's feed may be off by so much of it: what figures leave. */
const TAP_SHARE = 0.01;

/** Spindle and feed: turning while it feeds, the right way, within what the machine does. */
export function cuttingCheck({ set, findings, at }: CheckOf): ProgramRule {
  const { leastRpm = 0, mostRpm = Infinity, mostFeed = Infinity } = set.limits;
  const pitches = new Map(
    set.tools.flatMap(({ number, pitch }) => (pitch === undefined ? [] : [[number, pitch] as const])),
  );
  /** What touched last is in the spindle until a tool is changed for it, or the program stops so that it can be. */
  let gauge = set.gaugeIn;
  const out = (): void => {
    gauge = undefined;
  };
  return {
    change: out,
    stop: out,
    spindle: (line, { speed, spindle, tool, motion }) => {
      // What must stand must not turn at all, whatever speed is left from before.
      if (gauge && spindle !== 'stopped' && (gauge.mostRpm === 0 || speed > gauge.mostRpm))
        findings.add('gauge-in-spindle', line, { name: gauge.name, rpm: speed, most: gauge.mostRpm }, '', at());
      if (speed > mostRpm) findings.add('speed-over', line, { rpm: speed, most: mostRpm }, String(speed), at());
      if (speed > 0 && speed < leastRpm)
        findings.add('speed-under', line, { rpm: speed, least: leastRpm }, String(speed), at());
      // A left-hand thread is cut the other way round.
      if (spindle === 'anticlockwise' && motion !== 74)
        findings.add('spindle-reversed', line, { tool }, String(tool), at());
    },
    hole: (_x, _y, _bottom, line, { motion, tool, speed, feed, feedMode }) => {
      const pitch = pitches.get(tool);
      if ((motion !== 84 && motion !== 74) || pitch === undefined || feedMode === 93 || feed <= 0) return;
      const wanted = feedMode === 95 ? pitch : pitch * speed;
      if (Math.abs(feed - wanted) > TAP_SHARE * wanted)
        findings.add('tap-feed', line, { tool, feed, wanted, mode: feedMode }, String(tool), at());
    },
    move: ({ kind, line }, state) => {
      if (kind !== FEED) return;
      if (state.spindle === 'stopped' || state.speed <= 0)
        findings.add('spindle-stopped', line, { tool: state.tool }, String(state.tool), at());
      if (state.feed <= 0) findings.add('feed-missing', line, {}, '', at());
      else if (state.feedMode === 94 && state.feed < LEAST_A_MINUTE)
        findings.add('feed-mode', line, { feed: state.feed, mode: 94 }, String(state.feed), at());
      else if (state.feedMode === 95 && state.feed > MOST_A_TURN)
        findings.add('feed-mode', line, { feed: state.feed, mode: 95 }, String(state.feed), at());
      else if (state.feedMode === 94 && state.feed > mostFeed + 1e-6)
        findings.add('feed-over', line, { feed: state.feed, most: mostFeed }, String(state.feed), at());
    },
  };
}
