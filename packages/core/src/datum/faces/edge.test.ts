import fc from 'fast-check';
import { touchFace } from '../../../testing/closedForms/touch';
import { edge } from './edge';
import { edgeCase } from './edge.case';

describe('a face by touching', () => {
  test('touching the left face with a 10 mm finder presets -5', () => {
    const result = edge(edgeCase);
    expect(result.repeats.mean).toBeCloseTo(-5.01, 12);
    expect(result.repeats.sd).toBeCloseTo(0.002, 12);
    expect(result.repeats.range).toBeCloseTo(0.004, 12);
    expect(result.edge).toBeCloseTo(-0.01, 12);
    expect(result.preset).toBe(-5);
    expect(result.move).toBe(5);
    expect(result.workOffset).toBeCloseTo(-0.01, 12);
    expect(result.repeats.wild).toEqual([]);
    expect(result.verdict).toBe('good');
  });

  test('a 6 mm pin and 0.05 feeler on the right face', () => {
    const result = edge({
      ...edgeCase,
      readings: [187.062],
      approach: -1,
      nominal: 184,
      contact: { diameter: 6, feeler: 0.05, tir: 0, spin: 'standing' },
      uTouch: 0.012,
      uSize: 0,
    });
    expect(result.edge).toBeCloseTo(184.012, 12);
    expect(result.preset).toBeCloseTo(187.05, 12);
    expect(result.move).toBeCloseTo(-3.05, 12);
    expect(result.workOffset).toBeCloseTo(0.012, 12);
  });

  test('a 22 mm bearing edge finder turning with 0.020 run-out', () => {
    const result = edge({
      ...edgeCase,
      readings: [61.31],
      contact: { diameter: 22, feeler: 0, tir: 0.02, spin: 'turning' },
    });
    expect(result.radius).toBeCloseTo(11.01, 12);
    expect(result.edge).toBeCloseTo(72.32, 12);
  });

  test('run-out of a standing contact widens the answer instead of shifting it', () => {
    const still = edge({ ...edgeCase, contact: { diameter: 10, feeler: 0, tir: 0.04, spin: 'standing' } });
    expect(still.radius).toBe(5);
    expect(still.uncertainty.parts).toContainEqual({
      name: 'run-out, standing',
      u: 0.04 / Math.sqrt(8),
      shape: 'arcsine',
    });
    expect(still.uncertainty.U).toBeGreaterThan(edge(edgeCase).uncertainty.U);
  });

  test('one wild reading among five is flagged and still counted', () => {
    const result = edge({ ...edgeCase, readings: [-5.01, -5.005, -4.01, -5.01, -5.015] });
    expect(result.repeats.wild).toEqual([2]);
    expect(result.repeats.mean).toBeCloseTo(-4.81, 12);
  });

  test('readings exactly at the limit are believed', () => {
    const quiet = { resolution: 0.005, methodSd: 0.001 };
    expect(edge({ ...edgeCase, method: quiet, readings: [1, 1, 1.015] }).repeats.wild).toEqual([]);
    expect(edge({ ...edgeCase, method: quiet, readings: [1, 1, 1.016] }).repeats.wild).toEqual([2]);
  });

  test('after any of the three answers the scale shows the face where it is on the part', () => {
    const length = fc.double({ min: -500, max: 500, noNaN: true });
    const small = fc.double({ min: 0, max: 20, noNaN: true });
    fc.assert(
      fc.property(
        length,
        length,
        small,
        small,
        fc.constantFrom(1 as const, -1 as const),
        (at, nominal, diameter, feeler, approach) => {
          const radius = diameter / 2 + feeler;
          const face = { at, approach, radius };
          const reading = touchFace(face, 0, 0);
          const result = edge({
            ...edgeCase,
            readings: [reading],
            approach,
            nominal,
            contact: { diameter, feeler, tir: 0, spin: 'standing' },
          });
          const presetShift = result.preset - reading;
          expect(at + presetShift).toBeCloseTo(nominal, 9);
          const spindleAfterMove = reading + result.move;
          expect(spindleAfterMove).toBeCloseTo(at, 9);
          expect(at - result.workOffset).toBeCloseTo(nominal, 9);
        },
      ),
    );
  });
});
