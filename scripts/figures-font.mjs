/**
 * Writes src/fonts/figures-*.woff and .woff2: the ten figures of a typeface with a plain zero, cut out so that they weigh a kilobyte or
 * two. The slashed zero of the typeface that everything else is set in makes hours busy. Work Sans, SIL Open Font License 1.1.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { fileURLToPath } from 'node:url';
import subset from 'subset-font';
const require = createRequire(import.meta.url);

/** The forms each face is needed in: WOFF2 on screens, WOFF for paper. */
const NEEDED = {
  '400-normal': ['woff', 'woff2'],
  '600-normal': ['woff2'],
  '700-normal': ['woff', 'woff2'],
  '400-italic': ['woff'],
};

for (const face of Object.keys(NEEDED))
  for (const form of NEEDED[face]) {
    const whole = readFileSync(require.resolve(`@fontsource/work-sans/files/work-sans-latin-${face}.woff2`));
    const figures = await subset(whole, '0123456789', { targetFormat: form });
    writeFileSync(fileURLToPath(new URL(`../src/fonts/figures-${face}.${form}`, import.meta.url)), figures);
  }
