import { z } from 'zod';
import { expandedU, length, nonNegativeLength } from '../schema/quantities';
import { touchMethod } from '../schema/touch';

/** Where the contact's centre stood at a touch, mm on the machine's scales. */
export const touchPoint = z.object({ x: length, y: length });

/** Finder, as every feature needs it. */
export const featureContact = z
  .object({
    diameter: nonNegativeLength.meta({ description: 'contact diameter; 0 for a point or an indicator' }),
    feeler: nonNegativeLength.meta({ description: 'thickness of feeler or paper between contact and face' }),
    tir: nonNegativeLength.meta({ description: 'total indicator reading of the contact' }),
    spin: z
      .enum(['turning', 'slow', 'standing'])
      .meta({ description: 'turning as an edge finder does, slowly as a bearing edge finder does, or standing' }),
  })
  .meta({ id: 'Contact' });

/** Backlash of a dial's axis, as it was measured: the value and its U, mm. */
export const backlashSense = z
  .object({ value: nonNegativeLength, U: expandedU })
  .meta({ id: 'LostMotion', description: 'taken off readings that were touched going toward minus' });

/** What is known of the touches of a feature: scatter, display and contact. */
export const featureMethod = z.object({
  contact: featureContact,
  method: touchMethod,
  uTouch: nonNegativeLength.meta({ description: 'standard uncertainty of where it trips, again at each touch, mm' }),
  uSize: nonNegativeLength.meta({
    description: 'standard uncertainty of its effective radius, the same at each touch, mm',
  }),
  tolerance: nonNegativeLength.optional(),
});
