/** Sentences that hurt where their order, sign or condition is wrong. */
import { EDGE_CAUTIONS, HEIGHT_CAUTIONS, METHOD_CAUTIONS, POSITION_CAUTIONS } from '../../cautions/caution';
import { GAUGE_KINDS } from '../../metrology/gauges/gaugeKinds';
import { heightMethod, putWords, touchPlaceOnTool } from '../../zAndTools/heightMethod';
import { METHOD_FACTS } from '../../methods/method';
import { badDayTroubleText } from '../../practice/badDay/troubleText';
import { TOOL_KINDS } from '../../records/values/toolKinds';
import { DEFAULT_WORKHOLDING } from '../../workholding/defaultHoldings';
import { unloadingSteps } from '../../workholding/unloading';
import { STATE } from '../program/finding/state';

/** Where a text says one thing and then another; fails where either is missing. */
const before = (text: string, first: RegExp, then: RegExp): void => {
  const [a, b] = [text.search(first), text.search(then)];
  expect({ text, first: a >= 0, then: b >= 0 }).toEqual({ text, first: true, then: true });
  expect(a).toBeLessThan(b);
};

describe('a block is only ever tried while the gap opens', () => {
  const raised = GAUGE_KINDS.map((kind) => heightMethod(kind)).filter(({ arrives }) => arrives === 'raised');
  test('there are such gauges', () => expect(raised.length).toBeGreaterThan(1));
  test.each(raised)('$words', (method) => {
    before(method.approach, /lower beside it/i, /raise until/);
    // Whatever is lowered, the block is out of the way; trying comes with raising.
    before(method.fine, /Slide it out/, /lower one coarse step/);
    for (const sentence of method.fine.split('. '))
      if (/lower/.test(sentence)) before(sentence, /Slide it out/, /then raise .*trying it/);
    expect(putWords(method)).toMatch(/beside$/);
    expect(method.cautions[0].mustTick).toBe(true);
  });
  test.each(TOOL_KINDS)('no block goes against a cutting edge: %s', (kind) => {
    expect(touchPlaceOnTool(kind, 4)).not.toMatch(/[Tt]ouch behind/);
  });
});

test('a cutter is turned first, and the spindle locked then', () => {
  before(METHOD_CAUTIONS.cutterStill.text, /Turn the cutter by its shank/, /Then lock/);
  for (const method of ['cutter-paper', 'cutter-feeler'] as const)
    before(METHOD_FACTS[method].steps.join(' '), /Turn the cutter by its shank/, /Then lock/);
});

test('an edge finder is pushed off centre with the spindle stopped and the hand away before it runs', () => {
  const [first = ''] = METHOD_FACTS['spring-finder'].steps;
  before(first, /stopped/, /push/);
  before(first, /Hand away/, /start the spindle/);
});

test('paper is a strip held by its end, and no finger goes under the tool', () => {
  expect(HEIGHT_CAUTIONS.paperStill.text).toMatch(/strip by its end.*fingers out from under/);
  expect(METHOD_FACTS['cutter-paper'].steps.join(' ')).not.toMatch(/Wet/);
});

test('raised is the tool, and a knee goes the other way', () => {
  expect(EDGE_CAUTIONS.raiseFirst.text).toMatch(/Raise the tool .*Knee mill: wind the knee down/);
});

test('a plug is never pushed: X and Y go to it', () => {
  const steps = METHOD_FACTS.plug.steps.join(' ');
  before(steps, /move X and Y by hand/, /Never push/);
});

test('a plate that is worn makes tools dig in', () => {
  expect(badDayTroubleText('plate-worn').mend).toMatch(/too deep/);
});

test('compensation ends after the cutter has left the wall', () => {
  const { remedy } = STATE['radius-left']({ code: 'G41', where: 'end' } as never, {} as never);
  before(remedy, /G40/, /after the cutter has left/);
});

describe('workholding', () => {
  const texts = (id: string) => DEFAULT_WORKHOLDING.find((one) => one.id === id)?.steps.map(({ text }) => text) ?? [];
  test.each(DEFAULT_WORKHOLDING.map(({ id }) => id))('no gloves near the spindle: %s', (id) => {
    expect(texts(id).join(' ')).toMatch(/No gloves, rings or loose sleeves/);
  });
  test('a rotary table is turned once before it is locked, and parallels are out before it turns', () => {
    const all = texts('rotary-chuck').join(' ');
    before(all, /Parallels and spacers .* out before the first turn/, /Turn it once round/);
    before(all, /Turn it once round/, /Then lock it/);
  });
  test('parallels are set clear of every cut before the vise is tightened', () => {
    before(texts('vise').join(' '), /parallels clear of every hole and cut/, /Tighten the vise/);
  });
  test('clamps are packed right under them', () => {
    expect(texts('clamps').join(' ')).toMatch(/Pack directly under each clamp/);
  });
  test('a drawbar is tightened with the spindle isolated, and its spanner taken off', () => {
    before(texts('vise').join(' '), /isolated and locked: tighten the drawbar/, /Take the spanner off/);
  });
  test('the hand is above the cutter before a holder is released', () => {
    const text = unloadingSteps({ kind: 'machining-centre' }).find(({ id }) => id === 'release')?.text ?? '';
    before(text, /hand above the cutter/, /press release/);
  });
});

test('any drill can grab', () => {
  expect(POSITION_CAUTIONS.grabs.text).toMatch(/^Any drill can grab/);
});
