/** Kinds of cutter. */
export const TOOL_KINDS = [
  'end-mill',
  'ball-mill',
  'face-mill',
  'drill',
  'spot-drill',
  'reamer',
  'tap',
  'boring-bar',
  'other',
] as const;

export type ToolKind = (typeof TOOL_KINDS)[number];
