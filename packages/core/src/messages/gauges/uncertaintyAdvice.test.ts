import { searchPart } from '../../metrology/searchPart';
import { uncertaintyAdvice } from './uncertaintyAdvice';

const of = (name: string, u = 0.02) => ({ name, u, shape: 'normal' as const });

test('a block raised by halves of a millimetre wants a finer step, not more touches', () => {
  const parts = [searchPart({ step: 0.5, takeHalf: true }), of('repeats', 0.01), of('feel of the touch', 0.01)];
  expect(uncertaintyAdvice({ parts })).toBe('A finer last step makes the ± smaller.');
});

test('two faces that scatter want more touches, though no one of them is the largest part', () => {
  const parts = [of('repeats, toward +', 0.012), of('repeats, toward -', 0.012), of('size of the finder', 0.015)];
  expect(uncertaintyAdvice({ parts })).toBe('More touches make the ± smaller.');
});

test('each share has its own remedy', () => {
  expect(uncertaintyAdvice({ parts: [of('display step')] })).toMatch(/finer jog step or display/);
  expect(uncertaintyAdvice({ parts: [of('feel of the touch')] })).toMatch(/better finder/);
  expect(uncertaintyAdvice({ parts: [of('size of the feeler')] })).toMatch(/measured better in Shop/);
  expect(uncertaintyAdvice({ parts: [of('backlash left')] })).toMatch(/from the same side every time/);
  expect(uncertaintyAdvice({ parts: [of('homing')] })).toMatch(/again since homing/);
  expect(uncertaintyAdvice({ parts: [of('run-out, standing')] })).toMatch(/runs true/);
});

test('with nothing to go by it says both', () => {
  expect(uncertaintyAdvice({ parts: [] })).toBe('More touches or a better finder make the ± smaller.');
});
