/** Keeps the application itself for use without a network. A new version waits until all tabs are closed. */
export function keepForOffline(): void {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
  window.addEventListener('load', () => {
    navigator.serviceWorker.register('/sw.js').catch(() => {
      // Some browsers refuse in private windows; the application then works while it is open.
    });
  });
}
