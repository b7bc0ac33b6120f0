/** What is said aloud: minus and plus as words. */
export const toSpeech = (text: string): string => text.replaceAll('−', 'minus ').replaceAll('+', 'plus ');

/** Says something aloud, in place of whatever was being said. */
export function speak(text: string): void {
  if (!('speechSynthesis' in window)) return;
  window.speechSynthesis.cancel();
  window.speechSynthesis.speak(new SpeechSynthesisUtterance(toSpeech(text)));
}
