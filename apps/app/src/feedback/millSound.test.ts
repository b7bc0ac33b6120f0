import { createMillSound } from './millSound';

function audio() {
  const tones: { hz: number[]; loud: number[]; stopped: boolean }[] = [];
  const param = (into: number[]) => ({
    value: 0,
    setTargetAtTime: (value: number) => into.push(value),
    setValueAtTime: (value: number) => into.push(value),
    exponentialRampToValueAtTime: (value: number) => into.push(value),
  });
  const close = jest.fn(() => Promise.resolve());
  const context = {
    currentTime: 0,
    destination: {},
    close,
    createOscillator: () => {
      const tone = { hz: [] as number[], loud: [] as number[], stopped: false };
      tones.push(tone);
      return {
        frequency: param(tone.hz),
        connect: (to: unknown) => to,
        start: jest.fn(),
        stop: () => {
          tone.stopped = true;
        },
      };
    },
    createGain: () => ({ gain: param(tones.at(-1)?.loud ?? []), connect: (to: unknown) => to }),
  };
  return { tones, close, open: jest.fn(() => context as unknown as AudioContext) };
}

test('nothing is opened while the spindle stands; it hums higher as it turns faster, and falls silent', () => {
  const { tones, open } = audio();
  const sound = createMillSound(open);
  sound.spindle(0);
  expect(open).not.toHaveBeenCalled();
  sound.spindle(1000);
  sound.spindle(2500);
  sound.spindle(0);
  expect(open).toHaveBeenCalledTimes(1);
  expect(tones).toHaveLength(1);
  const [slow = 0, fast = 0] = tones[0]?.hz ?? [];
  expect(fast / slow).toBeCloseTo(2.5, 6);
  expect(tones[0]?.loud.at(-1)).toBe(0);
});

test('a jump is short; leaving the mill leaves nothing that sounds', () => {
  const { tones, open, close } = audio();
  const sound = createMillSound(open);
  sound.spindle(1000);
  sound.jump();
  expect(tones[1]?.stopped).toBe(true);
  expect(tones[0]?.stopped).toBe(false);
  sound.stop();
  expect(tones[0]?.stopped).toBe(true);
  expect(close).toHaveBeenCalledTimes(1);
});
