import type { LengthMethod } from '../../zAndTools/schools';
import type { GaugeSits } from '../../records/setup/datumPlan';
import type { HoleStep } from '../../records/values/holeSteps';
import type { AlignmentTask } from '../../records/values/subject';

/** What each task of lining up is called. */
export const TASK_TITLES: Readonly<Record<AlignmentTask, string>> = {
  vise: 'Vise or fence',
  head: 'Head tram',
  centre: 'Centre under the spindle',
  chuck: 'Part in a chuck',
  level: 'Level on a rotary axis',
  skew: 'Part skew',
};

/** Where a gauge sits when it finds a height. */
export const SITS_NAMES: Readonly<Record<GaugeSits, string>> = {
  spindle: 'in the spindle',
  arm: 'on an arm beside the cutter',
  under: 'under the tool',
};

/** What each step of a hole is called. */
export const STEP_NAMES: Readonly<Record<HoleStep, string>> = {
  spot: 'Spot',
  drill: 'Drill',
  ream: 'Ream',
  tap: 'Tap',
  bore: 'Bore',
};

/** What has been done to a hole once its step is logged. */
export const STEPS_DONE: Readonly<Record<HoleStep, string>> = {
  spot: 'spotted',
  drill: 'drilled',
  ream: 'reamed',
  tap: 'tapped',
  bore: 'bored',
};

/** How a machine’s table counts tool lengths. */
export const LENGTH_METHOD_NAMES: Readonly<Record<LengthMethod, string>> = {
  'reference-tool': 'against a reference tool',
  'touch-part': 'touched off the part',
  'true-length': 'true length, from a master',
  'touch-every-change': 'touched again at every change',
};
