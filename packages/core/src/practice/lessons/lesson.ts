import type { Feature } from '../../records/setup/datumPlan';
import type { Entry } from '../../records/kinds/entry';
import type { Snapshot } from '../../records/snapshots/snapshot';
import type { StationName } from '../../records/values/stations';
import type { BadDayTrouble } from '../badDay/trouble';
import type { Mill } from '../mill/mill';
import type { MillSpec } from '../mill/millSpec';

/** Where on the setup's pages a lesson begins. */
export interface LessonPlace {
  station: 'alignment' | 'datum' | 'heights' | 'positions' | 'size' | 'verify' | 'routine';
  /** What is asked after the station's name: `f=face.left`. */
  query: string;
}

/** An axis that a lesson has set, and the answer of the book that says how good that is. */
export type LessonAim = { axis: 'x' | 'y'; by: Feature } | { axis: 'z' };

/** A tool whose length is to be found, and what in the tray it is. */
export interface LessonTool {
  tool: number;
  contact: string;
}

/** Something else that must be right in the end, and was found or made on the way. */
export type LessonThing =
  /** A jaw, a spindle over a bore, or a part in a chuck, lined up; by the alignment of that name. */
  | { thing: 'head' | 'vise' | 'centre' | 'chuck' }
  /** How far the part lies turned. */
  | { thing: 'skew'; at: Feature }
  /** How far a tool runs out. */
  | { thing: 'run-out'; tool: number; contact: string }
  /** What a routine found of a gauge, or of the table's axis. */
  | { thing: 'ball'; gaugeId: string }
  | { thing: 'trigger'; gaugeId: string; between: string }
  | { thing: 'rotary-centre'; along: 'y' | 'z' }
  /** A bore cut to its size, a face cut to its height, holes marked at their places. */
  | { thing: 'bore'; of: string }
  | { thing: 'height'; remove: number }
  | { thing: 'holes' }
  /** The readout's second zero, over the middle of the bore. */
  | { thing: 'second-zero'; of: string };

/** Something to learn by doing: what is on the mill, where its reckoning is, and what must be right in the end. */
export interface Lesson {
  id: string;
  title: string;
  /** The job it is a part of: `J2`. */
  job: string;
  /** What will be done, in a sentence or two. */
  does: string;
  /** `free`: nothing is asked, and what was set is marked. `bad-day`: what went wrong is to be found. A lesson where nothing is said. */
  kind?: 'free' | 'bad-day';
  /** A fair time, minutes, and a fair count of moves and settings; none where nothing is asked. */
  par: { minutes: number; acts: number } | undefined;
  mill: MillSpec;
  /** The setup it is reckoned in, nothing touched yet, under an id of its own. */
  snapshot: (id: string, at: string) => Snapshot;
  begins: LessonPlace;
  /** Pages of its notebook, where it needs more than the one it begins on. */
  pages?: readonly StationName[];
  /** What was done there before, where it does not begin on a mill that nobody touched. */
  before?: (seed: number, id: string, at: string) => { mill: Mill; entries: Entry[] };
  /** What can have gone wrong there, where that is to be found. */
  troubles?: readonly BadDayTrouble[];
  aims: readonly LessonAim[];
  tools?: readonly LessonTool[];
  things?: readonly LessonThing[];
  /** From a nudge to nearly the whole way. */
  hints: readonly [string, string, string];
}
