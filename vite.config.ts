import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';

/** The older font files too: what makes PDFs reads those. */
const KEPT = /\.(?:js|mjs|css|html|svg|webmanifest|woff2?|flac)$/;

/** Tells the service worker which files to keep: those with a hash in their name for good, the others by what is in them. */
function filesKept(): Plugin {
  const entry = (url: string, content: string | Uint8Array) => ({
    url,
    revision: url.startsWith('assets/') ? null : createHash('sha256').update(content).digest('hex').slice(0, 16),
  });
  return {
    name: 'files-kept',
    apply: 'build',
    generateBundle: {
      order: 'post',
      handler(_, bundle) {
        const built = Object.values(bundle).map((file) =>
          entry(file.fileName, file.type === 'chunk' ? file.code : file.source),
        );
        const given = readdirSync('public').map((name) => entry(name, readFileSync(`public/${name}`)));
        const files = [...built, ...given].filter(({ url }) => KEPT.test(url) && url !== 'sw.js');
        const worker = bundle['sw.js'];
        if (worker?.type !== 'chunk' || worker.imports.length > 0) this.error('The service worker is one file.');
        worker.code = worker.code.replace('self.__FILES_KEPT', JSON.stringify(files));
      },
    },
  };
}

export default defineConfig({
  plugins: [react(), filesKept()],
  build: {
    target: 'es2022',
    // The security policy lets no data: address through, whatever is small enough for one.
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 700,
    rolldownOptions: {
      input: { main: 'index.html', sw: 'src/offline/sw.ts' },
      output: { entryFileNames: ({ name }) => (name === 'sw' ? 'sw.js' : 'assets/[name]-[hash].js') },
    },
  },
  worker: { format: 'es' },
});
