/** `npm run sheets`: how sheets by other hands are read, one line a voice, then by language and over all. Part of `npm run bench`. */
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { scoreFolder, sumOf, type SheetScore } from '../dances/test/truth';

const ROOT = path.resolve(import.meta.dirname, '..', 'dances', 'sheets');
const FOLDERS = ['seen', 'own'] as const;

const percent = (part: number, whole: number): string => (whole === 0 ? '-' : `${((100 * part) / whole).toFixed(1)} %`);

function row(name: string, scores: readonly SheetScore[]): string {
  const { lines, right, sections, sectionsRight, walls, wallsRight, falseFindings, slips, slipsTold } = sumOf(scores);
  const cells = [
    `lines ${right}/${lines} (${percent(right, lines)})`,
    `sections ${sectionsRight}/${sections}`,
    `walls ${wallsRight}/${walls}`,
    `false ${falseFindings}`,
    `slips told ${slipsTold}/${slips}`,
  ];
  return `${name.padEnd(24)} ${cells.join('   ')}`;
}

/** By the letters that only German or French write so; a sheet of its own words would be English. */
function languageOf(folder: string, name: string): string {
  const text = readFileSync(path.join(ROOT, folder, `${name}.txt`), 'utf8');
  const count = (pattern: RegExp): number => text.match(pattern)?.length ?? 0;
  const german = count(/\b(?:und|der|den|links|rechts|nach|Gewicht)\b/g);
  const french = count(/\b(?:et|le|la|droite?|gauche|PD|PG|retour)\b/g);
  return german > 12 && german > french ? 'German' : french > 12 ? 'French' : 'English';
}

export function printSheets(): void {
  const all = FOLDERS.flatMap((folder) =>
    scoreFolder(path.join(ROOT, folder)).map((score) => ({ folder, language: languageOf(folder, score.name), score })),
  );
  for (const { score } of all) console.log(row(score.name, [score]));
  for (const language of ['English', 'German', 'French'])
    console.log(row(language, all.filter((one) => one.language === language).map(({ score }) => score))); // prettier-ignore
  for (const folder of FOLDERS) console.log(row(`all ${folder}`, all.filter((one) => one.folder === folder).map(({ score }) => score))); // prettier-ignore
}

if (process.argv[1] && path.resolve(process.argv[1]) === import.meta.filename) printSheets();
