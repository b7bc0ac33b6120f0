/** What tells without looking that a reading was stored. */
export interface SignalWorld {
  click: boolean;
  shake: boolean;
  /** Makes the device's sound; undefined where the browser has none. */
  sound: (() => AudioContext) | undefined;
  vibrate: ((ms: number) => void) | undefined;
}

const SHAKE_MS = 18;
const CLICK_HZ = 1800;
const CLICK_S = 0.035;

let heard: AudioContext | undefined;

/** A soft click and a short shake, as far as they are wanted and the device can. */
export function signalStored({ click, shake, sound, vibrate }: SignalWorld): void {
  if (shake) vibrate?.(SHAKE_MS);
  if (!click || !sound) return;
  heard ??= sound();
  const tone = heard.createOscillator();
  const volume = heard.createGain();
  tone.frequency.value = CLICK_HZ;
  volume.gain.setValueAtTime(0.12, heard.currentTime);
  volume.gain.exponentialRampToValueAtTime(0.0001, heard.currentTime + CLICK_S);
  tone.connect(volume).connect(heard.destination);
  tone.start();
  tone.stop(heard.currentTime + CLICK_S);
}
