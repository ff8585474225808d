/** The service worker: all files of the application are kept at the first visit, and served from there. A new version waits until every tab is closed: an update never interrupts typing. */
import { createHandlerBoundToURL, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

declare global {
  interface Window {
    /** What is kept; the build writes it in. */
    __FILES_KEPT: { readonly url: string; readonly revision: string | null }[];
  }
}

precacheAndRoute(self.__FILES_KEPT);
registerRoute(new NavigationRoute(createHandlerBoundToURL('/index.html'), { denylist: [/^\/api\//, /^\/assets\//] }));
// Where the slate usually stands, nobody can say without it: no answer is one, not a failure.
registerRoute(
  ({ url }) => url.pathname === '/api/where',
  ({ request }) => fetch(request).catch(() => Response.json({ usual: null })),
);
