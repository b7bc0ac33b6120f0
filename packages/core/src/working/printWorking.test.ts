import fc from 'fast-check';
import { edge } from '../datum/faces/edge';
import { edgeCase } from '../datum/faces/edge.case';
import { toolLength } from '../zAndTools/toolLength';
import { zZero } from '../zAndTools/zZero';
import { boltCircle } from '../holes/patterns/boltCircle';
import { formatAngle, formatLength, type LengthFormat } from '../units/formatLength';
import { printWorking, type PrintedSection } from './printWorking';
import type { Working } from './working';

const FORMATS: LengthFormat[] = [{ unit: 'mm' }, { unit: 'in' }, { unit: 'mm', decimals: 2 }];

/** What a person gets who adds the figures on the strip, in whole counts of the last digit. */
const count = (figure: string) => Number(figure.replace('−', '-').replace('.', ''));
const added = (section: PrintedSection) => section.lines.reduce((sum, { figure }) => sum + count(figure), 0);
const printed = (tape: Working, format: LengthFormat, total: string) => {
  const found = printWorking(tape, format).find((section) => section.total.label === total);
  if (!found) throw new Error(`no section ends in ${total}`);
  return found;
};

const length = fc.double({ min: -900, max: 900, noNaN: true });
const size = fc.double({ min: 0.001, max: 60, noNaN: true });
const format = fc.constantFrom(...FORMATS);

describe('the tape adds up, digit for digit, to the answer shown', () => {
  test('edge: face, preset, move and work offset', () => {
    fc.assert(
      fc.property(
        fc.array(length, { minLength: 1, maxLength: 5 }),
        size,
        size,
        length,
        fc.constantFrom(1, -1),
        format,
        (readings, diameter, feeler, nominal, approach, shown) => {
          const result = edge({
            ...edgeCase,
            readings,
            nominal,
            approach: approach as 1 | -1,
            contact: { diameter, feeler, tir: 0.013, spin: 'turning' },
          });
          const answers = {
            face: result.edge,
            'set to': result.preset,
            'move by': result.move,
            'part zero at': result.workOffset,
          };
          for (const [label, value] of Object.entries(answers)) {
            const section = printed(result.tape, shown, label);
            expect(section.total.figure).toBe(formatLength(value, shown));
            expect(added(section)).toBe(count(section.total.figure));
          }
        },
      ),
    );
  });

  test('heights: Z zero and tool length', () => {
    fc.assert(
      fc.property(length, length, size, size, format, (zRef, zTool, gauge, step, shown) => {
        const method = { resolution: 0.005, methodSd: 0.012 };
        const zero = zZero({
          readings: [zRef],
          gaugeThickness: gauge,
          surfaceHeight: zTool,
          search: { step, takeHalf: true },
          method,
          uTouch: 0.012,
          uSize: 0,
        });
        const set = printed(zero.tape, shown, 'set Z to');
        expect(set.total.figure).toBe(formatLength(zero.setZ, shown));
        expect(added(set)).toBe(count(set.total.figure));
        const tool = toolLength({
          reference: { tool: 1, z: { readings: [zRef] } },
          tool: 2,
          readings: [zTool],
          method,
          uTouch: 0.01,
        });
        const offset = printed(tool.tape, shown, 'offset of tool 2');
        expect(offset.total.figure).toBe(formatLength(tool.offset, shown));
        expect(added(offset)).toBe(count(offset.total.figure));
      }),
    );
  });

  test('bolt circle: angle, X and Y of any hole', () => {
    fc.assert(
      fc.property(
        length,
        length,
        size,
        fc.integer({ min: 1, max: 40 }),
        fc.double({ min: -360, max: 360, noNaN: true }),
        format,
        (x, y, diameter, holes, firstAngle, shown) => {
          const result = boltCircle({
            centre: { x, y },
            diameter,
            holes,
            firstAngle,
            direction: 'clockwise',
            tapeFor: holes,
          });
          const hole = result.positions[holes - 1];
          for (const [label, value] of [
            ['X', hole?.x],
            ['Y', hole?.y],
          ] as const) {
            const section = printed(result.tape, shown, label);
            expect(section.total.figure).toBe(formatLength(value ?? NaN, shown));
            expect(added(section)).toBe(count(section.total.figure));
          }
          const turned = printed(result.tape, shown, 'angle');
          expect(`${turned.total.figure}°`).toBe(formatAngle(hole?.angle ?? NaN));
          expect(added(turned)).toBe(count(turned.total.figure));
        },
      ),
    );
  });

  test('a thousandth that rounding leaves over is named, not hidden', () => {
    const result = edge({ ...edgeCase, readings: [-5.0105], contact: { ...edgeCase.contact, diameter: 10.0009 } });
    const section = printed(result.tape, { unit: 'mm' }, 'face');
    expect(section.lines.map(({ label, figure }) => [label, figure])).toEqual([
      ['mean of the readings', '−5.011'],
      ['half the finder', '+5.000'],
      ['left over by rounding', '+0.001'],
    ]);
    expect(section.total.figure).toBe('−0.010');
  });
});
