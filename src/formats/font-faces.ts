/** The typeface as data, for files that must stand on their own. */
import regular from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff2?inline';
import bold from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff2?inline';
import figures from '../fonts/figures-400-normal.woff2?inline';
import boldFigures from '../fonts/figures-700-normal.woff2?inline';

const face = (weight: number, data: string, letters = ''): string =>
  `@font-face{font-family:"Atkinson Hyperlegible Next";font-weight:${weight};src:url(${data}) format("woff2")${letters}}`;

const FIGURES = ';unicode-range:U+30-39';

export const FONT_FACES =
  face(400, regular) + face(700, bold) + face(400, figures, FIGURES) + face(700, boldFigures, FIGURES);
