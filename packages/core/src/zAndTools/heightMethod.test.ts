import { GAUGE_FACTS, GAUGE_KINDS } from '../metrology/gauges/gaugeKinds';
import { heightApproach, heightMethod, putWords, touchPlaceOnTool } from './heightMethod';
import { zZero } from './zZero';

const heights = GAUGE_KINDS.filter((kind) => ['heights', 'both'].includes(GAUGE_FACTS[kind].finds));

describe('a gauge under a tool', () => {
  test.each(heights)('%s has its own approach, a finer way, and a caution that is ticked by hand', (kind) => {
    const { words, approach, fine, cautions } = heightMethod(kind);
    expect([words, approach, fine].every((text) => text.length > 3)).toBe(true);
    expect(approach).toMatch(/ until [^.]*\.$/);
    expect(cautions[0].mustTick).toBe(true);
    expect(cautions[0].text).toMatch(/Spindle stopped/);
  });

  test('what does not give is raised onto, never lowered onto; what gives is come down to slowly', () => {
    for (const kind of ['block', 'feeler'] as const)
      expect(heightMethod(kind).cautions[0].text).toMatch(/Never lower a tool onto a gauge/);
    for (const kind of ['setter', 'probe', 'contact-light'] as const)
      expect(heightMethod(kind).cautions[0].text).toMatch(/Come down slowly/);
    expect(heightMethod('touch-plate').cautions.map(({ text }) => text)).toEqual([
      expect.stringMatching(/Touch plate and clip together by hand first/),
      expect.stringMatching(/Clip off the tool/),
    ]);
  });

  test('is come down upon, or raised past: its words and the way of Z go together', () => {
    for (const kind of heights) {
      const { arrives, approach, words, cautions } = heightMethod(kind);
      const raised = arrives === 'raised';
      expect(heightApproach(heightMethod(kind))).toBe(raised ? 1 : -1);
      expect(/^Lower beside it .* raise until/.test(approach)).toBe(raised);
      expect(/^Lower (onto|slowly|by)/.test(approach)).toBe(!raised);
      expect(/Never lower a tool onto/.test(cautions[0].text)).toBe(raised);
      expect(putWords(heightMethod(kind), '10.000 mm')).toBe(
        raised ? `10.000 mm ${words} beside` : `Put the 10.000 mm ${words} under`,
      );
    }
    expect(heights.filter((kind) => heightMethod(kind).arrives === 'raised')).toEqual(['feeler', 'block']);
  });

  test('what is not known is taken as a block, the most careful way', () => {
    expect(heightMethod(undefined)).toBe(heightMethod('block'));
    expect(heightMethod('ring')).toBe(heightMethod('block'));
  });

  test('is touched where no edge is chipped', () => {
    expect(touchPlaceOnTool('end-mill', 3)).toMatch(/lowest cutting edge touches.*from behind it, never against it/);
    expect(touchPlaceOnTool('drill', 2)).toMatch(/its point/);
    expect(touchPlaceOnTool(undefined, undefined)).toBe('Touch with its end.');
  });
});

describe('Z zero in a pass in the air and without a gauge', () => {
  const told = {
    readings: [20],
    gaugeThickness: 10,
    surfaceHeight: 0,
    method: { resolution: 0.005, methodSd: 0.012 },
    uTouch: 0.012,
    uSize: 0,
  };

  test('the lift is taken off what Z is set to, and stands on the tape', () => {
    const lifted = zZero({ ...told, lift: 5 });
    expect(lifted.setZ).toBe(5);
    const lines = lifted.tape.sections.flatMap((section) => section.lines);
    expect(lines).toContainEqual(expect.objectContaining({ label: 'less the lift of the air cut', value: -5 }));
  });

  test('no thickness is refused, unless the tool itself touches the surface', () => {
    expect(() => zZero({ ...told, gaugeThickness: 0 })).toThrow(/thickness is zero/);
    expect(zZero({ ...told, gaugeThickness: 0, direct: true, surfaceHeight: -9.5 }).setZ).toBe(-9.5);
  });
});
