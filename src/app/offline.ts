/** Keeps the application itself for use without a network. A new version waits until all tabs are closed. */
export function keepForOffline(): void {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
  const register = () =>
    void navigator.serviceWorker.register('/sw.js').catch(() => {
      // Some browsers refuse in private windows; the application then works while it is open.
    });
  // The page may have loaded while the settings were being read.
  if (document.readyState === 'complete') register();
  else window.addEventListener('load', register);
}
