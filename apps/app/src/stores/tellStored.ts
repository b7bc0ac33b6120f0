import { signalStored } from '../feedback/storedSignal';
import { useSettings } from './settings';

/** Heard and felt at the device as soon as something is kept there. */
export function tellStored(): void {
  const { click, shake } = useSettings.getState();
  signalStored({
    click,
    shake,
    sound: 'AudioContext' in window ? () => new AudioContext() : undefined,
    vibrate: 'vibrate' in navigator ? (ms) => void navigator.vibrate(ms) : undefined,
  });
}
