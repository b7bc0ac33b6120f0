import fc from 'fast-check';
import { BETWEENS, BORE, kneeMill, TRAY } from '../lessons/practiceShop';
import { act } from './reduceMill';
import { boxOf, isOnPart } from './box';
import { feel, nearest } from './contact';
import { tipOf } from './toolTip';
import { hide, trueRadius } from './hiddenTruth';
import { createMill, type Mill } from './mill';
import type { MillAct } from './millAct';
import { quillElsewhere } from './quill';
import { shows } from './scaleReading';
import type { MillSpec } from './millSpec';

/** How the part and the spindle are held: what lies turned, off its parallels, loose on the table, or let down. */

const seed = fc.integer({ min: 1, max: 1_000_000 });
const length = (min: number, max: number) => fc.double({ min, max, noNaN: true });

const at = (spec: MillSpec, of: number, ...acts: MillAct[]): Mill => acts.reduce(act, createMill(spec, hide(spec, of)));

const kinds = ({ events }: Mill) => events.map(({ kind }) => kind);

describe('a part that lies turned', () => {
  const spec: MillSpec = { ...kneeMill([TRAY.springFinder]), turned: true };

  test('its front face is as far as a line through its corner, at its angle', () => {
    fc.assert(
      fc.property(seed, length(8, 52), length(-9, -6), (of, x, y) => {
        const start = at(spec, of, { do: 'hold', contact: TRAY.springFinder.id });
        const { hidden } = start;
        const turn = ((hidden.turned ?? 0) * Math.PI) / 180;
        const mill = { ...start, at: { x: hidden.corner.x + x, y: hidden.corner.y + y, z: hidden.top - 4 + 80 } };
        // From a line through the corner, along its normal.
        const away = x * Math.sin(turn) - y * Math.cos(turn);
        expect(nearest(mill)).toEqual({
          surface: 'front',
          gap: expect.closeTo(away - trueRadius(hidden, TRAY.springFinder), 9),
        });
      }),
    );
  });

  test('its far front corner is its length along its own side', () => {
    fc.assert(
      fc.property(seed, (of) => {
        const mill = at(spec, of);
        const { corner, size, turned = 0 } = mill.hidden;
        const turn = (turned * Math.PI) / 180;
        const far = { x: corner.x + size.x * Math.cos(turn), y: corner.y + size.x * Math.sin(turn) };
        const box = boxOf(mill);
        if (!box) throw new Error('it stands');
        const on = isOnPart(mill, box, far);
        expect(on.x).toBeCloseTo(size.x, 9);
        expect(on.y).toBeCloseTo(0, 9);
      }),
    );
  });
});

describe('a part on parallels', () => {
  const spec: MillSpec = { ...kneeMill([TRAY.cutter], [BETWEENS.block]), work: 'seat' };
  const blow = (side: 'left' | 'right'): MillAct => ({ do: 'blow', side });

  test('tightening lifts it, blows bring it down, and a parallel slides only under what stands off it', () => {
    fc.assert(
      fc.property(seed, (of) => {
        const tight = at(spec, of, { do: 'bolts', tight: true });
        const lifted = (boxOf(tight)?.top ?? NaN) - tight.hidden.top;
        expect(lifted).toBeGreaterThan(0.04);
        expect(lifted).toBeLessThan(0.21);
        const tried = act(tight, { do: 'try' });
        expect(tried.work).toMatchObject({ tried: { left: true, right: true } });
        const down = Array.from({ length: 8 }, (_, i) => blow(i % 2 === 0 ? 'left' : 'right')).reduce(act, tight);
        expect((boxOf(down)?.top ?? NaN) - down.hidden.top).toBeLessThan(0.008);
        expect(act(down, { do: 'try' }).work).toMatchObject({ tried: { left: false, right: false } });
      }),
    );
  });

  test('let go it falls down, and tightened again it is lifted again', () => {
    const tight = at(spec, 5, { do: 'bolts', tight: true });
    const again = [{ do: 'bolts', tight: false } as const, { do: 'bolts', tight: true } as const].reduce(act, tight);
    expect(boxOf(again)?.top).not.toBe(boxOf(tight)?.top);
    expect(boxOf(act(tight, { do: 'bolts', tight: false }))?.top).toBe(tight.hidden.top);
  });

  test('Z set on a part that stands off, or lies loose, is noticed; on one that is seated it is not', () => {
    const set: MillAct = { do: 'set', axis: 'z', value: 10 };
    expect(kinds(at(spec, 5, set))).toContain('unseated');
    const tight = at(spec, 5, { do: 'bolts', tight: true });
    expect(kinds(act(tight, set))).toContain('unseated');
    const down = [blow('left'), blow('right'), blow('left'), blow('right'), blow('left')].reduce(act, tight);
    expect(kinds(act(down, set))).not.toContain('unseated');
  });
});

describe('a plug', () => {
  const spec: MillSpec = {
    ...kneeMill([TRAY.plug, TRAY.chucked, TRAY.indicator]),
    bore: { x: BORE.x, y: BORE.y, diameter: BORE.diameter },
    work: 'table',
  };

  /** Over the bore's middle but for so much, a plug let down until it sits. */
  const seated = (of: number, contact: string, off: { x: number; y: number }, start = at(spec, of)): Mill => {
    const held = act(start, { do: 'hold', contact });
    const { hidden } = held;
    const { bore = { x: 0, y: 0 } } = hidden;
    const over = {
      x: hidden.corner.x + bore.x + off.x,
      y: hidden.corner.y + bore.y + off.y,
      z: hidden.top + 10 + (held.held?.length ?? 0),
    };
    let mill: Mill = { ...held, at: over, screw: over };
    for (let i = 0; feel(mill) !== 'found' && !mill.broken && i < 4000; i += 1)
      mill = act(mill, { do: 'move', axis: 'z', by: -0.02 });
    return mill;
  };

  /** From the bore's middle to the spindle. */
  const beside = (mill: Mill): number => {
    const box = boxOf(mill);
    const { bore } = mill.hidden;
    if (!box || !bore) throw new Error('it stands');
    return Math.hypot(mill.at.x - box.corner.x - bore.x, mill.at.y - box.corner.y - bore.y);
  };

  test('draws a loose table under the spindle, to a few hundredths', () => {
    fc.assert(
      fc.property(seed, length(-0.5, 0.5), length(-0.5, 0.5), (of, x, y) => {
        const mill = seated(of, TRAY.plug.id, { x, y });
        expect(mill.broken).toBeUndefined();
        expect(beside(mill)).toBeLessThan(0.12);
      }),
      { numRuns: 40 },
    );
  });

  test('in a drill chuck it draws it as far beside as it runs out', () => {
    const far = Array.from({ length: 30 }, (_, i) => beside(seated(i + 1, TRAY.chucked.id, { x: 0.2, y: 0.1 })));
    const near = Array.from({ length: 30 }, (_, i) => beside(seated(i + 1, TRAY.plug.id, { x: 0.2, y: 0.1 })));
    const mean = (all: number[]) => all.reduce((sum, one) => sum + one, 0) / all.length;
    expect(mean(far)).toBeGreaterThan(3 * mean(near));
  });

  test('a bolted table does not come to it: it sits higher, and the table stays', () => {
    const bolted = at(spec, 9, { do: 'bolts', tight: true });
    const mill = seated(9, TRAY.plug.id, { x: 0.5, y: 0 }, bolted);
    expect(mill.work).toEqual(bolted.work);
    expect(tipOf(mill)).toBeGreaterThan(tipOf(seated(9, TRAY.plug.id, { x: 0.5, y: 0 })) + 5);
  });

  test('bolts move the table a little, and it is told whether it was swept since', () => {
    const mill = seated(4, TRAY.plug.id, { x: 0.2, y: 0 });
    const bolted = act(mill, { do: 'bolts', tight: true });
    expect(Math.abs(beside(bolted) - beside(mill))).toBeGreaterThan(0);
    expect(bolted.work).toMatchObject({ tight: true, swept: false });
  });

  test('beside the bore it lands on the part, and driven on it digs in', () => {
    const mill = seated(4, TRAY.plug.id, { x: 12, y: 0 });
    expect(tipOf(mill)).toBeGreaterThan(mill.hidden.top - 0.1);
    expect(act(mill, { do: 'move', axis: 'z', by: -1 }).broken).toBe('dug-in');
  });
});

describe('a quill', () => {
  const spec: MillSpec = { ...kneeMill([TRAY.cutter, TRAY.drill], [BETWEENS.block]), quill: true };
  const hold = (contact: string): MillAct => ({ do: 'hold', contact });
  const set: MillAct = { do: 'set', axis: 'z', value: 0 };

  test('lets the tool down, and the scale sees nothing of it', () => {
    const start = at(spec, 3, hold(TRAY.cutter.id), set);
    const down = act(start, { do: 'quill', by: 10 });
    expect(tipOf(start) - tipOf(down)).toBeCloseTo(10, 9);
    expect(shows(down, 'z')).toBe(shows(start, 'z'));
    expect(act(down, { do: 'quill', by: -200 }).quill).toBe(0);
  });

  test('meets the part as the knee would', () => {
    const start = at(spec, 3, hold(TRAY.cutter.id));
    const { corner, top } = start.hidden;
    const over = { x: corner.x + 30, y: corner.y + 20, z: top + 20 + 65 + start.quill };
    const down = act({ ...start, at: over, screw: over }, { do: 'quill', by: 40 });
    expect(down.broken).toBe('dug-in');
    expect(tipOf(down)).toBeGreaterThan(top - 1);
  });

  test('loose it sinks as a tool is changed; locked it stays; noticed only once Z was set', () => {
    const loose = at(spec, 3, hold(TRAY.cutter.id));
    expect(loose.quill).toBeGreaterThan(createMill(spec, hide(spec, 3)).quill);
    expect(kinds(loose)).toEqual([]);
    const changed = act(act(loose, set), hold(TRAY.drill.id));
    expect(changed.quill).toBeGreaterThan(loose.quill);
    expect(quillElsewhere(changed)).toBe(true);
    const locked = [{ do: 'quill-lock', on: true } as const, set, hold(TRAY.drill.id)].reduce<Mill>(act, loose);
    expect(locked.quill).toBe(loose.quill);
    expect(quillElsewhere(locked)).toBe(false);
    expect(act(locked, { do: 'quill', by: -5 })).toEqual(locked);
  });
});

test('a quill that was let down and is up again is where it was; touched from above meanwhile, that is noticed', () => {
  const spec: MillSpec = { ...kneeMill([TRAY.cutter], [BETWEENS.paper]), quill: true };
  const up: MillAct = { do: 'quill', by: -200 };
  const start = at(spec, 3, { do: 'hold', contact: TRAY.cutter.id }, up, { do: 'set', axis: 'z', value: 0 });
  expect(quillElsewhere(act(start, up))).toBe(false);
  const down = act(start, { do: 'quill', by: 5 });
  expect(quillElsewhere(down)).toBe(true);
  expect(quillElsewhere(act(down, up))).toBe(false);
  const { corner, top } = start.hidden;
  const over = { x: corner.x + 30, y: corner.y + 20, z: top + 76 };
  const touched = (mill: Mill): Mill => {
    let now = act({ ...mill, at: over, screw: over }, { do: 'put', between: BETWEENS.paper.id });
    for (let i = 0; feel(now) !== 'found' && !now.broken && i < 9000; i += 1)
      now = act(now, { do: 'move', axis: 'z', by: -0.005 });
    return now;
  };
  expect(kinds(touched(down))).toContain('quill-moved');
  expect(kinds(touched(start))).not.toContain('quill-moved');
});

test('what homing was off by last does not stay: the next one is off by its own', () => {
  const spec: MillSpec = { ...kneeMill([TRAY.cutter]), homes: 0.012 };
  const homed = Array.from({ length: 200 }).reduce<Mill>((mill) => act(mill, { do: 'home' }), at(spec, 8));
  // Two hundred times over it would have wandered off by 0.17.
  for (const axis of ['x', 'y', 'z'] as const) expect(Math.abs(homed.zero[axis])).toBeLessThan(0.06);
  expect(homed.zero).toEqual({
    x: expect.closeTo(homed.homedOff.x, 9),
    y: expect.closeTo(homed.homedOff.y, 9),
    z: expect.closeTo(homed.homedOff.z, 9),
  });
});
