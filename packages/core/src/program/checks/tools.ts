import type { SetTool } from '../checkContext';
import type { ProgramRule, CheckOf } from './check';

/** Tools, their lengths and the H words: what is called must be there, measured, and compensated before Z goes down. */
export function toolsCheck({ set, findings, at }: CheckOf): ProgramRule {
  const byNumber = new Map<number, SetTool>(set.tools.map((tool) => [tool.number, tool]));
  /** A change after which nothing was stopped for yet: where there is no table, the tool must be touched again. */
  let touched = true;
  let first = true;
  /** H that was in force at the last tool change, until another is called: it is of the tool before. */
  let lengthOfOther = NaN;
  return {
    change: (line, { tool, length }) => {
      lengthOfOther = length;
      const known = byNumber.get(tool);
      if (!known) findings.add('tool-unknown', line, { tool }, String(tool), at());
      else if (set.keepsTable && tool !== set.referenceTool && (known.length === null || known.stale))
        findings.add('tool-no-length', line, { tool, stale: known.stale }, String(tool), at());
      // The tool that Z was set with has been touched; where nobody knows which, it is taken to be the first.
      touched = first && (set.zSetWith === undefined || tool === set.zSetWith);
      first = false;
    },
    stop: () => {
      touched = true;
    },
    length: (H, line, { tool }) => {
      lengthOfOther = NaN;
      if (H === 0) return;
      if (!set.keepsTable) findings.add('no-table', line, { H: Number.isNaN(H) ? 0 : H }, '', at());
      else if (Number.isNaN(H)) findings.add('length-unnamed', line, { tool }, String(tool), at());
      else if (H !== tool) findings.add('length-other', line, { tool, H }, `${tool} ${H}`, at());
    },
    move: ({ z, line }, state) => {
      if (Number.isNaN(z) || z === state.z) return;
      // The length of the tool before, still in force.
      if (
        set.keepsTable &&
        state.tool !== 0 &&
        state.length !== 0 &&
        state.length !== state.tool &&
        state.length === lengthOfOther
      )
        findings.add(
          'length-other',
          line,
          { tool: state.tool, H: state.length },
          `${state.tool} ${state.length}`,
          at(),
        );
      if (set.keepsTable && state.length === 0 && state.tool !== 0)
        findings.add('no-compensation', line, { tool: state.tool }, String(state.tool), at());
      if (!set.keepsTable && !touched) {
        findings.add('no-stop', line, { tool: state.tool }, String(state.tool), at());
        touched = true;
      }
    },
  };
}
