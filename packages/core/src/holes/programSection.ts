import type { HoleStep } from '../records/values/holeSteps';

/** One step by one tool, as a program has it. Lengths in mm. */
export interface ProgramSection {
  step: HoleStep;
  tool: {
    /** Its number in the machine's table; not needed where the machine keeps none. */
    number?: number | undefined;
    name: string;
    diameter: number;
  };
  /** Places in the work offset, and how far the tool's point goes below the part's top. */
  holes: readonly { x: number; y: number; tip: number }[];
  rpm: number;
  /** mm/min. */
  feed: number;
}
