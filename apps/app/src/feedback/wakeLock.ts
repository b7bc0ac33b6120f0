import { useEffect } from 'react';

/**
 * Keeps the screen awake while a touch or a drive is open. On plain HTTP the browser has no lock for it: a silent film
 * of no length does the same, from the first touch of the screen on, since browsers start films only then.
 */
export function useWakeLock(on = true): void {
  useEffect(() => {
    if (!on) return;
    return 'wakeLock' in navigator ? holdLock() : playFilm();
  }, [on]);
}

function holdLock(): () => void {
  let lock: WakeLockSentinel | undefined;
  let over = false;
  const hold = async () => {
    if (document.visibilityState !== 'visible') return;
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
}

function playFilm(): () => void {
  let over = false;
  let end = () => undefined as void;
  const begin = async () => {
    const { default: NoSleep } = await import('nosleep.js');
    if (over) return;
    const film = new NoSleep();
    await film.enable().catch(() => undefined);
    end = () => film.disable();
  };
  const onTouch = () => void begin();
  document.addEventListener('pointerup', onTouch, { once: true });
  return () => {
    over = true;
    document.removeEventListener('pointerup', onTouch);
    end();
  };
}
