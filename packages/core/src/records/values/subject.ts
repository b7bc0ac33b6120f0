import type { TouchedSubject, DialSubject, SizeSubject, AlignmentTask, Face, Subject } from './subject.schema';

export type { AlignmentTask, Face, TouchedSubject, DialSubject, SizeSubject, Subject };

/** Why a scale's zero is not what it was, though nobody meant to set it. */
export const LOSSES = ['re-homed', 'power-loss', 'by-mistake'] as const;
/** What a reading is of. */
export type Touched = TouchedSubject | DialSubject | SizeSubject;
