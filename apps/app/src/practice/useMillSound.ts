import type { Feel } from '@zero-point/core/practice/mill/contact';
import { useEffect, useState } from 'react';
import { createMillSound } from '../feedback/millSound';
import { useSettings } from '../stores/settings';

const SILENT = { spindle: () => undefined, jump: () => undefined, stop: () => undefined };

/** Mill sound on as long as its page is there, where that is wanted and the browser can. */
export function useMillSound(rpm: number, felt: Feel, jumps: boolean): void {
  const wanted = useSettings((state) => state.millSound);
  const [sound] = useState(() =>
    typeof window !== 'undefined' && 'AudioContext' in window ? createMillSound(() => new AudioContext()) : SILENT,
  );
  useEffect(() => sound.stop, [sound]);
  useEffect(() => sound.spindle(wanted ? rpm : 0), [sound, wanted, rpm]);
  const jumped = jumps && felt === 'found' && rpm > 0;
  useEffect(() => {
    if (wanted && jumped) sound.jump();
  }, [sound, wanted, jumped]);
}
