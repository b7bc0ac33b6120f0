import type { FindingFigures } from '../../../program/finding';
import type { LengthUnit } from '../../../units/unit';

/** A finding as a person reads it: what it is, and what to do about it. */
export interface FindingWords {
  said: string;
  remedy: string;
}

/** How lengths are said: in the setup's unit. */
export interface Say {
  unit: LengthUnit;
  mm: (value: number) => string;
}

/** The words of some kinds of finding, each from its own figures. */
export type WordsOf<C extends keyof FindingFigures> = {
  readonly [Code in C]: (figures: FindingFigures[Code], say: Say) => FindingWords;
};
