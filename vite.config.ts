import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  plugins: [
    react(),
    VitePWA({
      // A new version waits until every tab is closed: an update never interrupts typing.
      registerType: 'prompt',
      injectRegister: false,
      includeAssets: ['icon.svg'],
      manifest: {
        name: 'Pace Slate',
        short_name: 'Pace Slate',
        description: 'Line dance step sheets that work out their own counts, weight and walls.',
        start_url: '/',
        display: 'standalone',
        background_color: '#fbf9f4',
        theme_color: '#24323a',
        icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      workbox: {
        // The older font files too: what makes PDFs reads those.
        globPatterns: ['**/*.{js,mjs,css,html,svg,woff2,woff}'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /^\/assets\//],
      },
    }),
  ],
  build: { target: 'es2022', chunkSizeWarningLimit: 700 },
  worker: { format: 'es' },
});
