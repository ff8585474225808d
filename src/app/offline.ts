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

const LOADED_AGAIN = 'pace-slate-loaded-again';
const SOON = 30_000;

/**
 * A screen that is asked for after a new version was put on the server is not there any more under its old name. The page is loaded
 * again, once, at the address that was asked for; what is being typed is kept as at any closing of a page.
 * `onTheWay`: the address that is being opened, if one is.
 */
export function loadAgainAfterUpdate(onTheWay: () => string | undefined): void {
  window.addEventListener('vite:preloadError', (event) => {
    const last = Number(sessionStorage.getItem(LOADED_AGAIN) ?? 0);
    if (performance.timeOrigin - last < SOON) return;
    event.preventDefault();
    sessionStorage.setItem(LOADED_AGAIN, String(performance.timeOrigin + performance.now()));
    const address = onTheWay();
    if (address) window.location.assign(address);
    else window.location.reload();
  });
}
