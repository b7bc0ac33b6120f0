/** The sound of a mill that is not there: its spindle as it turns, and the click of a finder that jumps. */
export interface MillSound {
  /** Turns so fast from now on, rpm; silent at 0. */
  spindle: (rpm: number) => void;
  jump: () => void;
  /** Silent, and nothing left of it. */
  stop: () => void;
}

/** A spindle hums at four times its turns a second: low enough to be in the background. */
const HUMS = 4;
const LEAST_HZ = 40;
const VOLUME = 0.03;
const FADE_S = 0.15;

const JUMP_HZ = 900;
const JUMP_S = 0.06;

/** Made at the first turn of the spindle: a browser makes no sound before something was pressed. */
export function createMillSound(open: () => AudioContext): MillSound {
  let context: AudioContext | undefined;
  let hum: { tone: OscillatorNode; volume: GainNode } | undefined;
  const heard = () => (context ??= open());
  const begin = () => {
    const audio = heard();
    const tone = audio.createOscillator();
    const volume = audio.createGain();
    tone.type = 'triangle';
    volume.gain.value = 0;
    tone.connect(volume).connect(audio.destination);
    tone.start();
    return { tone, volume };
  };
  return {
    spindle: (rpm) => {
      if (rpm === 0 && !hum) return;
      hum ??= begin();
      const now = heard().currentTime;
      if (rpm > 0) hum.tone.frequency.setTargetAtTime(Math.max(LEAST_HZ, (rpm / 60) * HUMS), now, FADE_S);
      hum.volume.gain.setTargetAtTime(rpm > 0 ? VOLUME : 0, now, FADE_S);
    },
    jump: () => {
      const audio = heard();
      const tone = audio.createOscillator();
      const volume = audio.createGain();
      tone.frequency.value = JUMP_HZ;
      volume.gain.setValueAtTime(4 * VOLUME, audio.currentTime);
      volume.gain.exponentialRampToValueAtTime(0.0001, audio.currentTime + JUMP_S);
      tone.connect(volume).connect(audio.destination);
      tone.start();
      tone.stop(audio.currentTime + JUMP_S);
    },
    stop: () => {
      hum?.tone.stop();
      void context?.close();
      hum = undefined;
      context = undefined;
    },
  };
}
