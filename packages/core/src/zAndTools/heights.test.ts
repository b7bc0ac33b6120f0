import fc from 'fast-check';
import { touchHeight } from '../../testing/closedForms/touch';
import { toolLength } from './toolLength';
import { zZero } from './zZero';

const method = { resolution: 0.005, methodSd: 0.012 };

describe('Z zero on a gauge block', () => {
  test('a 10 mm block slipped under on the top face sets Z to 10', () => {
    const result = zZero({
      readings: [37.42],
      gaugeThickness: 10,
      surfaceHeight: 0,
      method,
      uTouch: 0.012,
      uSize: 0,
      tolerance: 0.1,
    });
    expect(result.setZ).toBe(10);
    expect(result.workOffset).toBeCloseTo(27.42, 12);
    expect(result.cautions.find(({ mustTick }) => mustTick)?.text).toMatch(/Never lower a tool onto a gauge/);
  });

  test('a probe 12.5 longer than the reference tool stands for it: that tool would be so much higher', () => {
    const probe = {
      readings: [52.3],
      gaugeThickness: 0,
      direct: true,
      surfaceHeight: 0,
      method,
      uTouch: 0.003,
      uSize: 0,
    };
    const result = zZero({ ...probe, longer: 12.5 });
    expect(result.setZ).toBe(12.5);
    expect(result.workOffset).toBeCloseTo(39.8, 12);
    // The same part zero as the tool itself finds on a block.
    const tool = touchHeight({ surface: 0, gauge: 10, toolLength: 80 });
    const touched = touchHeight({ surface: 0, gauge: 0, toolLength: 92.5 });
    const byTool = zZero({ readings: [tool], gaugeThickness: 10, surfaceHeight: 0, method, uTouch: 0.012, uSize: 0 });
    expect(zZero({ ...probe, readings: [touched], longer: 12.5 }).workOffset).toBeCloseTo(byTool.workOffset, 9);
  });

  test('a block on a ledge 4.5 below zero', () => {
    expect(
      zZero({ readings: [1], gaugeThickness: 10, surfaceHeight: -4.5, method, uTouch: 0.012, uSize: 0 }).setZ,
    ).toBe(5.5);
  });

  test('raising in steps of 0.1 is known to a uniform tenth, half of it taken back where asked', () => {
    const search = { step: 0.1, takeHalf: true };
    const result = zZero({
      readings: [20],
      gaugeThickness: 10,
      surfaceHeight: 0,
      search,
      method: { resolution: 0, methodSd: 0 },
      uTouch: 0,
      uSize: 0,
    });
    expect(result.setZ).toBeCloseTo(10.05, 12);
    expect(result.uncertainty.u).toBeCloseTo(0.1 / Math.sqrt(12), 12);
    expect(result.uncertainty.U).toBeCloseTo(0.0475, 9);
  });
});

describe('tool length against a reference tool', () => {
  test('12.310 shorter is an offset of -12.310, whether Z was set on the block or not', () => {
    const afterSetting = toolLength({
      reference: { tool: 1, z: { setTo: 10 } },
      tool: 2,
      readings: [-2.31],
      method,
      uTouch: 0.012,
    });
    const before = toolLength({
      reference: { tool: 1, z: { readings: [37.42, 37.425] } },
      tool: 2,
      readings: [25.1125],
      method,
      uTouch: 0.012,
    });
    for (const result of [afterSetting, before]) {
      expect(result.offset).toBeCloseTo(-12.31, 9);
      expect(result.comparison).toBe('shorter');
    }
  });

  test('longer is positive, equal is said to be the same', () => {
    const against = (z: number) =>
      toolLength({ reference: { tool: 1, z: { setTo: 10 } }, tool: 7, readings: [z], method, uTouch: 0.012 });
    expect(against(14.2)).toMatchObject({ comparison: 'longer' });
    expect(against(14.2).offset).toBeCloseTo(4.2, 12);
    expect(against(10)).toMatchObject({ comparison: 'same', offset: 0 });
  });

  test('the reference tool against itself is refused with the remedy', () => {
    expect(() =>
      toolLength({ reference: { tool: 3, z: { setTo: 0 } }, tool: 3, readings: [1], method, uTouch: 0.012 }),
    ).toThrow(/Choose another tool/);
  });

  test('with Z set and offsets used, every simulated tip comes to the same part height', () => {
    const length = fc.double({ min: 20, max: 180, noNaN: true });
    fc.assert(
      fc.property(
        length,
        length,
        fc.double({ min: 1, max: 50, noNaN: true }),
        length,
        (reference, tool, gauge, surface) => {
          const zReference = touchHeight({ surface, gauge, toolLength: reference });
          const zTool = touchHeight({ surface, gauge, toolLength: tool });
          const { workOffset } = zZero({
            readings: [zReference],
            gaugeThickness: gauge,
            surfaceHeight: 0,
            method,
            uTouch: 0,
            uSize: 0,
          });
          const { offset } = toolLength({
            reference: { tool: 1, z: { readings: [zReference] } },
            tool: 2,
            readings: [zTool],
            method,
            uTouch: 0,
          });
          const spindleForTipAtZero = workOffset + offset;
          expect(spindleForTipAtZero - tool - surface).toBeCloseTo(0, 9);
        },
      ),
    );
  });
});
