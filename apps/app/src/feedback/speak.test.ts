import { toSpeech, speak } from './speak';

test.each([
  ['−5.012 mm', 'minus 5.012 mm'],
  ['+0.030', 'plus 0.030'],
  ['Hole 3. X −20.785, Y +12.000.', 'Hole 3. X minus 20.785, Y plus 12.000.'],
])('%s is said %s', (text, said) => {
  expect(toSpeech(text)).toBe(said);
});

test('what is said takes the place of what was being said; a device without a voice stays silent', () => {
  expect(() => speak('−5')).not.toThrow();
  const said: string[] = [];
  const voice = { cancel: jest.fn(), speak: ({ text }: { text: string }) => said.push(text) };
  Object.assign(window, {
    speechSynthesis: voice,
    SpeechSynthesisUtterance: class {
      constructor(readonly text: string) {}
    },
  });
  speak('−5.012 mm');
  expect(voice.cancel).toHaveBeenCalledTimes(1);
  expect(said).toEqual(['minus 5.012 mm']);
});
