import type { Interpreter } from '../interpreter/interpret';
import type { ProgramRule, CheckOf } from './check';

/** Units, work offset and what is left in force: what a program says of itself against what was set. */
export function modesCheck({ set, findings, at }: CheckOf, of: () => Interpreter): ProgramRule {
  let moved = false;
  const left = (line: number, where: 'end' | 'change') => {
    const { state, incrementalSince } = of();
    if (state.incremental) findings.add('incremental-left', incrementalSince(), { where }, where, at());
    if (state.plane !== 17) findings.add('plane-left', line, { plane: `G${state.plane}`, where }, where, at());
    if (state.radius !== 0) findings.add('radius-left', line, { code: `G${state.radius}`, where }, where, at());
  };
  return {
    move: ({ line }) => {
      if (moved) return;
      moved = true;
      const { unit, workOffset } = of().state;
      if (unit === undefined) findings.add('unit-unsaid', line, { taken: set.unit });
      else if (unit !== set.unit) findings.add('unit-other', line, { program: unit, setup: set.unit });
      if (workOffset === undefined && set.workOffset !== undefined)
        findings.add('offset-unsaid', line, { set: set.workOffset });
    },
    offset: (name, line) => {
      if (set.workOffset !== undefined && name !== set.workOffset)
        findings.add('offset-other', line, { program: name, set: set.workOffset }, name, at());
    },
    change: (line) => left(line, 'change'),
    end: (line) => {
      left(line, 'end');
      if (set.unset.length > 0) findings.add('zero-not-set', 0, { axes: set.unset.join(', ') });
      if (set.zToolChanged !== undefined) findings.add('z-tool-changed', 0, { tool: set.zToolChanged });
      if (set.inDoubt) findings.add('zero-in-doubt', 0, {});
      if (set.lift > 0) findings.add('air-pass', 0, { lift: set.lift });
    },
  };
}
