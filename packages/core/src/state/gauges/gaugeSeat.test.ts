import type { DatumPlan } from '../../records/setup/datumPlan';
import { EMPTY_DATUM_PLAN } from '../../records/setup/datumPlan';
import { airCut } from '../zAndTools/airCut';
import { gapOf, gaugeSits, gaugeSeatPlaces } from './gaugeSeat';
import { bookOf, presetDone, plateSnapshot, caseReading, rowOf } from '../basis/snapshot.case';
import { zZeroAnswer } from '../zAndTools/zZero';

type Heights = NonNullable<DatumPlan['heights']>;

const planned = (heights: Partial<Heights>): { datumPlan: DatumPlan } => ({
  datumPlan: { ...EMPTY_DATUM_PLAN, heights: { surface: 0, lift: 0, ...heights } },
});

const probe = { id: 'probe', name: 'Probe', kind: 'probe', nominal: 4 } as const;
const ball = { id: 'ball', name: 'Contact ball', kind: 'contact-light', nominal: 8 } as const;
const block = { id: 'block', name: 'Block', kind: 'block', nominal: 10 } as const;

describe('where a gauge sits decides what stands between tool and surface', () => {
  test('a block sits under the tool, whatever is said; a probe and a ball are asked', () => {
    expect(gaugeSeatPlaces(block)).toEqual(['under']);
    expect(gaugeSits(planned({ sits: 'arm' }), block)).toBe('under');
    expect(gaugeSits(planned({}), probe)).toBeUndefined();
    expect(gaugeSits(planned({}), ball)).toBeUndefined();
    // A probe cannot lie under a tool.
    expect(gaugeSits(planned({ sits: 'under' }), probe)).toBeUndefined();
  });

  test('in the spindle nothing, under the tool its thickness, on an arm its measured offset and not half the ball', () => {
    expect(gapOf(planned({ sits: 'spindle' }), ball)).toBe(0);
    expect(gapOf(planned({ sits: 'under' }), ball)).toBe(8);
    expect(gapOf(planned({ sits: 'arm', armOffset: 4.37 }), ball)).toBe(4.37);
    expect(gapOf(planned({ sits: 'arm' }), ball)).toBeUndefined();
    expect(gapOf(planned({}), block)).toBe(10);
  });

  const answerOf = (heights: Partial<Heights>) =>
    zZeroAnswer(
      bookOf(
        {
          ...plateSnapshot,
          ...planned(heights),
          gauges: [...plateSnapshot.gauges, ball],
          setup: { ...plateSnapshot.setup, heightGaugeId: 'ball' },
        },
        [rowOf('reading', caseReading({ kind: 'z-zero', tool: 1 }, 37.42, { gaugeId: 'ball' }))],
      ),
    );

  const zOf = (heights: Partial<Heights>) => answerOf(heights)?.result.setZ;

  test('in the spindle it sets no Z until its length against the tools is known, and then with that ±', () => {
    expect(answerOf({ sits: 'spindle' })?.longer).toBeUndefined();
    expect(answerOf({ sits: 'spindle', probeLonger: 0 })?.longer).toBe(0);
    expect(answerOf({ sits: 'spindle', probeLonger: 12.5 })?.longer).toBe(12.5);
    expect(answerOf({ sits: 'under' })?.longer).toBe(0);
    const U = (probeLongerU: number) =>
      answerOf({ sits: 'spindle', probeLonger: 12.5, probeLongerU })?.result.uncertainty.U ?? 0;
    expect(U(0.1)).toBeGreaterThan(U(0.01));
    expect(U(0.1)).toBeGreaterThan(0.09);
  });

  test('Z is set to the height of the surface and what stands between', () => {
    expect(zOf({ sits: 'spindle' })).toBe(0);
    expect(zOf({ sits: 'spindle', probeLonger: 12.5 })).toBe(12.5);
    expect(zOf({ sits: 'arm', armOffset: 4.37 })).toBeCloseTo(4.37, 12);
    expect(zOf({ sits: 'arm' })).toBeUndefined();
    expect(zOf({ sits: 'under', surface: -9.5 })).toBeCloseTo(-1.5, 12);
  });
});

describe('a pass in the air', () => {
  const Z = { kind: 'z-zero', tool: 1 } as const;
  const set = (id: string, lift?: number) =>
    rowOf('zeroing', { ...presetDone(Z, 'z', 10, id), ...(lift !== undefined && { lift }) });
  const lifted = (asked: number, ...entries: ReturnType<typeof set>[]) =>
    airCut(bookOf({ ...plateSnapshot, ...planned({ lift: asked }) }, entries));

  test('asked for is not lifted', () => expect(lifted(5)).toEqual({ set: 0, asked: 5 }));

  test('lifted once Z was set with it, and until Z was set without', () => {
    expect(lifted(5, set('a', 5))).toEqual({ set: 5, asked: 5 });
    expect(lifted(0, set('a', 5))).toEqual({ set: 5, asked: 0 });
    expect(lifted(0, set('a', 5), set('b', 0))).toEqual({ set: 0, asked: 0 });
  });

  test('a setting of an older record is taken to have had what was asked', () => {
    expect(lifted(5, set('a'))).toEqual({ set: 5, asked: 5 });
  });
});
