import { KNOWN_U, type CrossCheck } from './check';

/** The stock by caliper against the drawing. */
export const caliperCheck: CrossCheck = {
  of: 'caliper',
  features: () => [
    { kind: 'middle', axis: 'x' },
    { kind: 'middle', axis: 'y' },
  ],
  at: ({ setup, part }, feature) => {
    if (feature.kind !== 'middle' || feature.of !== undefined) return undefined;
    const measured = setup.caliper?.[feature.axis];
    if (measured === undefined || part.untold?.includes(feature.axis)) return undefined;
    return {
      against: 'drawing',
      measured,
      known: part.size[feature.axis],
      measuredU: KNOWN_U,
      U: Math.hypot(KNOWN_U, KNOWN_U),
      suspects: [],
    };
  },
};
