/** Writes src/paper/font-widths.ts: how wide each letter of the typeface is, so that pages can be set without a browser. */
import { writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { fileURLToPath } from 'node:url';
const require = createRequire(import.meta.url);
const fontkit = require('fontkit');

const FACES = { regular: '400-normal', bold: '700-normal', italic: '400-italic' };
const open = (set, face) =>
  fontkit.openSync(
    require.resolve(`@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-${set}-${face}.woff`),
  );

const openFigures = (face) =>
  fontkit.openSync(fileURLToPath(new URL(`../src/fonts/figures-${face}.woff`, import.meta.url)));

/** Runs of neighbouring letters: first code point, then thousandths of the size. */
function runs(font) {
  const points = [...font.characterSet].filter((point) => point >= 32 && point < 0xfe00).sort((a, b) => a - b);
  const out = [];
  for (const point of points) {
    const width = Math.round((font.glyphForCodePoint(point).advanceWidth * 1000) / font.unitsPerEm);
    const last = out[out.length - 1];
    if (last && last[0] + last.length - 1 === point) last.push(width);
    else out.push([point, width]);
  }
  return out;
}

const table = {};
for (const [name, face] of Object.entries(FACES))
  table[name] = {
    latin: runs(open('latin', face)),
    'latin-ext': runs(open('latin-ext', face)),
    figures: runs(openFigures(face)),
  };

const target = fileURLToPath(new URL('../src/paper/font-widths.ts', import.meta.url));
writeFileSync(
  target,
  `/* Written by scripts/font-widths.mjs from the font files of @fontsource/atkinson-hyperlegible-next and src/fonts. Do not edit. */
/** Runs of letters by face and file: the first code point, then the width of each letter in thousandths of the type size. */
// prettier-ignore
export const FONT_WIDTHS: Readonly<Record<'regular' | 'bold' | 'italic', Readonly<Record<'latin' | 'latin-ext' | 'figures', readonly (readonly number[])[]>>>> = ${JSON.stringify(table)};
`,
);
