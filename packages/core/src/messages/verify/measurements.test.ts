import { deriveState } from '../../state/basis/setupState';
import { plateSnapshot } from '../../state/basis/snapshot.case';
import { correctionWords } from './measurements';

const { setup, machine } = deriveState(plateSnapshot);
const touched = {
  setup,
  machine: { ...machine, habits: { ...machine.habits, toolLengthSchool: 'touch-every-change' as const } },
};

test.each([
  [-0.05, 'lower', '+0.050 mm'],
  [0.05, 'higher', '−0.050 mm'],
] as const)('a tool that must cut %d mm, %s: the figure that Z is set to changes by the other sign', (by, way, add) => {
  expect(correctionWords(touched, { kind: 'length', tool: 2, by, U: 0.01 })).toBe(
    `Tool 2 must cut 0.050 mm ±0.010 mm ${way}: at its next touch-off, add ${add} to the figure you set Z to.`,
  );
});
