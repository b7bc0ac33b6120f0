import { useEffect } from 'react';

/** Keeps the screen awake while a view is up; quietly does without where the browser has no such lock. */
export function useAwake(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let over = false;
    const hold = async () => {
      if (!('wakeLock' in navigator) || document.visibilityState !== 'visible') return;
      const got = await navigator.wakeLock.request('screen').catch(() => undefined);
      if (over) void got?.release();
      else lock = got;
    };
    const onShow = () => void hold();
    void hold();
    document.addEventListener('visibilitychange', onShow);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', onShow);
      void lock?.release();
    };
  }, []);
}

/** Says a position aloud, in place of whatever was being said. */
export function speak(text: string): void {
  if (!('speechSynthesis' in window)) return;
  window.speechSynthesis.cancel();
  window.speechSynthesis.speak(new SpeechSynthesisUtterance(text));
}
