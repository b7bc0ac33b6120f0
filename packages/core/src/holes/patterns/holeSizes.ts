import type { HoleStep } from '../../records/values/holeSteps';

/** A hole as its drawing has it: a thread by its nominal size and pitch. Lengths in mm. */
export interface WantedHole {
  diameter: number;
  steps: readonly HoleStep[];
  /** Pitch of the thread, where it is tapped. */
  pitch?: number | undefined;
}

/** The size a tool must have to do a step: near `aim`, and within both ends. mm. */
export interface WantedSize {
  aim: number;
  least: number;
  most: number;
}

/** Sizes this close are the same size, mm. */
const SAME = 0.01;

/** A tap drill may be off by this: drills come in tenths, and nominal less pitch may fall between. mm. */
const TAP_DRILL = 0.06;

/** Least that a boring bar is left to take, mm on the diameter. */
const BORE_STOCK = 0.5;

/** What a drill leaves for the reamer, mm on the diameter: a tenth up to 5, two to 15, three to 30, half a millimetre above. */
export const reamAllowance = (diameter: number): number =>
  diameter <= 5 ? 0.1 : diameter <= 15 ? 0.2 : diameter <= 30 ? 0.3 : 0.5;

/** Drill before a tap that cuts, mm: nominal less pitch leaves about three quarters of the thread. */
export const tapDrill = (nominal: number, pitch: number): number => nominal - pitch;

/** Coarse pitches by nominal size, mm (ISO 261). */
const COARSE: Readonly<Record<string, number>> = {
  1.6: 0.35,
  2: 0.4,
  2.5: 0.45,
  3: 0.5,
  3.5: 0.6,
  4: 0.7,
  5: 0.8,
  6: 1,
  7: 1,
  8: 1.25,
  10: 1.5,
  12: 1.75,
  14: 2,
  16: 2,
  18: 2.5,
  20: 2.5,
  24: 3,
};

/** The coarse pitch of a metric size, mm; undefined where the series has none. */
export const coarsePitch = (nominal: number): number | undefined => COARSE[String(Number(nominal.toFixed(3)))];

/**
 * The size of the tool that does a step of a hole: any spot drill (undefined); a drill by what comes after it, before a
 * reamer, a tap or a boring bar smaller than the hole, else the hole's own size; a reamer or tap by the hole's size.
 *
 * @throws never; a tap or its drill without a pitch gets no size, since none is right
 * @example wantedSize('drill', { diameter: 3, steps: ['drill', 'tap'], pitch: 0.5 })?.aim // 2.5
 */
export function wantedSize(step: HoleStep, { diameter, steps, pitch }: WantedHole): WantedSize | undefined {
  const exactly = (aim: number, off = SAME): WantedSize => ({ aim, least: aim - off, most: aim + off });
  switch (step) {
    case 'spot':
      return undefined;
    case 'bore':
      return { aim: diameter, least: 0, most: diameter - BORE_STOCK };
    case 'ream':
    case 'tap':
      return exactly(diameter);
    case 'drill':
      if (steps.includes('tap')) return pitch === undefined ? undefined : exactly(tapDrill(diameter, pitch), TAP_DRILL);
      if (steps.includes('ream')) {
        const left = reamAllowance(diameter);
        return { aim: diameter - left, least: diameter - 2 * left - SAME, most: diameter - left / 2 };
      }
      if (steps.includes('bore')) return { aim: diameter - BORE_STOCK, least: 0, most: diameter - BORE_STOCK };
      return exactly(diameter);
  }
}
