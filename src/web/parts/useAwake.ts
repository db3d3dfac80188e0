import { useEffect } from 'react';

/** Keeps the screen awake while `wanted`, where the browser can; taken up again when the page is shown again. */
export function useAwake(wanted: boolean): void {
  useEffect(() => {
    if (!wanted || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | undefined;
    let over = false;
    const take = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        const got = await navigator.wakeLock.request('screen');
        if (over) void got.release();
        else lock = got;
      } catch {
        // A browser that saves power may say no: the lesson runs on, the screen may sleep.
      }
    };
    void take();
    document.addEventListener('visibilitychange', take);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', take);
      void lock?.release();
    };
  }, [wanted]);
}
