import { z } from 'zod';

const detailPart = z.union([z.string(), z.object({ length: z.number() }), z.object({ angle: z.number() })]);

const tapeLine = z.object({
  label: z.string(),
  value: z.number(),
  detail: z.array(detailPart).optional(),
});

/** The reckoning behind an answer. */
export const working = z
  .object({
    sections: z.array(
      z.object({
        title: z.string(),
        how: z.enum(['sum', 'mean', 'ratio']),
        quantity: z.enum(['length', 'angle']),
        lines: z.array(tapeLine),
        total: tapeLine,
      }),
    ),
  })
  .meta({ id: 'Tape' });

/** A stated uncertainty at 95 %. */
export const uncertainty = z
  .object({
    u: z.number(),
    k: z.number(),
    U: z.number(),
    dof: z.number().nullable(),
    parts: z.array(
      z.object({
        name: z.string(),
        u: z.number(),
        shape: z.enum(['normal', 'uniform', 'arcsine']),
        dof: z.number().optional(),
      }),
    ),
  })
  .meta({ id: 'Uncertainty' });

/** How the two coordinates of a point hang together, mm². */
export const covariance = z.object({ xx: z.number(), xy: z.number(), yy: z.number() }).meta({ id: 'Covariance' });

export const verdict = z.enum(['good', 'marginal', 'poor']).nullable().meta({
  id: 'Verdict',
  description: 'against the tolerance: U within a quarter, within, or beyond it; null where no tolerance was given',
});

export const repeatsResult = z
  .object({
    n: z.number(),
    mean: z.number(),
    sd: z.number(),
    range: z.number(),
    wild: z.array(z.number()),
  })
  .meta({ id: 'Repeats', description: 'lengths in mm; wild holds indexes of readings to look at again' });

export const cautions = z
  .array(z.object({ id: z.string(), text: z.string(), mustTick: z.boolean() }))
  .meta({ id: 'Cautions' });

export const inLineState = z.enum(['within', 'off', 'unsure']).meta({
  id: 'InLine',
  description:
    'within: error and U together inside what is allowed; off: to be corrected; unsure: the readings cannot tell',
});
