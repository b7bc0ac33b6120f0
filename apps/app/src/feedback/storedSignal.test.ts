import { signalStored } from './storedSignal';

const audio = () => {
  const made: string[] = [];
  const gain = { setValueAtTime: jest.fn(), exponentialRampToValueAtTime: jest.fn() };
  const context = {
    currentTime: 0,
    destination: {},
    createOscillator: () => ({
      frequency: { value: 0 },
      connect: (to: unknown) => to,
      start: () => made.push('start'),
      stop: () => made.push('stop'),
    }),
    createGain: () => ({ gain, connect: (to: unknown) => to }),
  };
  return { made, context: context as unknown as AudioContext };
};

test('both are given where both are wanted', () => {
  const vibrate = jest.fn();
  const { made, context } = audio();
  signalStored({ click: true, shake: true, sound: () => context, vibrate });
  expect(vibrate).toHaveBeenCalledTimes(1);
  expect(made).toEqual(['start', 'stop']);
});

test('what is switched off stays still, and a device without either does without', () => {
  const vibrate = jest.fn();
  const sound = jest.fn();
  signalStored({ click: false, shake: false, sound, vibrate });
  expect([vibrate.mock.calls, sound.mock.calls]).toEqual([[], []]);
  expect(() => signalStored({ click: true, shake: true, sound: undefined, vibrate: undefined })).not.toThrow();
});
