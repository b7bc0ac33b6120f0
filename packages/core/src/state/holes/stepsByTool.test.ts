import fc from 'fast-check';
import type { HoleStep } from '../../records/values/holeSteps';
import { stepsByTool, type StepOfHole } from './stepsByTool';

const STEPS: readonly HoleStep[] = ['spot', 'drill', 'ream', 'tap', 'bore'];

const hole = (number: number, steps: readonly HoleStep[], size = 5) =>
  steps.map((step) => ({ hole: number, steps: [...steps], pattern: { id: 'p' }, step, size }));

type Sized = StepOfHole & { size: number };
const toolOf = ({ step, size }: Sized) => (step === 'spot' ? 'spot' : `${step} ${size}`);
const told = (groups: readonly (readonly Sized[])[]) =>
  groups.map((group) => `${group[0]?.step ?? ''} ${group.map((one) => one.hole).join()}`);

test('a hole that is only reamed never brings the reamer before the drill of another', () => {
  const stops = [...hole(1, ['ream']), ...hole(2, ['drill', 'ream'])];
  expect(told(stepsByTool(stops, toolOf))).toEqual(['drill 2', 'ream 1,2']);
});

test('alike holes need each tool once', () => {
  const stops = [1, 2, 3].flatMap((number) => hole(number, ['spot', 'drill', 'tap']));
  expect(told(stepsByTool(stops, toolOf))).toEqual(['spot 1,2,3', 'drill 1,2,3', 'tap 1,2,3']);
});

test('a hole’s own order holds where it is not the usual one', () => {
  const stops = [...hole(1, ['drill', 'bore', 'ream']), ...hole(2, ['drill', 'ream'])];
  expect(told(stepsByTool(stops, toolOf))).toEqual(['drill 1,2', 'ream 2', 'bore 1', 'ream 1']);
});

test('of any job every step is done once, and no hole sees a later step of its own before an earlier one', () => {
  const anyHole = fc.tuple(fc.shuffledSubarray([...STEPS], { minLength: 1 }), fc.constantFrom(3, 5, 8));
  fc.assert(
    fc.property(fc.array(anyHole, { minLength: 1, maxLength: 12 }), fc.boolean(), (holes, mixed) => {
      const stops = holes.flatMap(([steps, size], i) => hole(i + 1, steps, size));
      if (mixed) stops.reverse();
      const flat = stepsByTool(stops, toolOf).flat();
      expect(flat).toHaveLength(stops.length);
      expect(new Set(flat).size).toBe(stops.length);
      for (const [i, [steps]] of holes.entries())
        expect(flat.filter((one) => one.hole === i + 1).map(({ step }) => step)).toEqual(steps);
      for (const group of stepsByTool(stops, toolOf)) expect(new Set(group.map(toolOf)).size).toBe(1);
    }),
    { numRuns: 1000 },
  );
});
