import { useEffect } from 'react';

/** The screen stays on, where the device lets it. */
export function useWakeLock(on: boolean): void {
  useEffect(() => {
    if (!on || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | undefined;
    let isOpen = true;
    const ask = (): void => {
      navigator.wakeLock.request('screen').then(
        (own) => {
          lock = own;
          if (!isOpen) void own.release();
        },
        // A device that saves power says no: it is danced all the same.
        () => undefined,
      );
    };
    const again = (): void => {
      if (document.visibilityState === 'visible') ask();
    };
    ask();
    document.addEventListener('visibilitychange', again);
    return () => {
      isOpen = false;
      document.removeEventListener('visibilitychange', again);
      void lock?.release();
    };
  }, [on]);
}
