/**
 * How far the estimate of levels agrees with what sheets say of themselves: the half the weights were set on, the half held back, and
 * what a guess that always says the same would get. `npm run levels [-- why]`.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { studyText } from '../src/core';
import { estimateLevel } from '../src/core/level/estimate';
import { statedLevel, USUAL_SCALE } from '../src/core/level/scale';

interface Judged {
  readonly name: string;
  readonly stated: number;
  readonly place: number;
  readonly points: number;
  readonly why: string;
}

const FOLDERS = ['dances', 'dances/sheets/own', 'dances/sheets/seen'];
/** A half that nobody chose: by the letters of the name. */
const isHeldBack = (name: string): boolean =>
  [...name].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) >>> 0, 7) % 2 === 1;

const judged = FOLDERS.flatMap((folder) =>
  readdirSync(folder)
    .filter((name) => name.endsWith('.txt'))
    .flatMap((name): Judged[] => {
      const { dance, script } = studyText(readFileSync(`${folder}/${name}`, 'utf8'));
      const stated = statedLevel(
        script.header.entries
          .filter(({ key }) => key === 'level')
          .map(({ value }) => value)
          .join('/'),
      );
      if (stated === undefined) return [];
      const { place, points, reasons } = estimateLevel(dance);
      return [
        {
          name,
          stated,
          place,
          points,
          why: reasons
            .slice(0, 4)
            .map(({ words }) => words)
            .join('; '),
        },
      ];
    }),
);

const far = ({ stated, place }: Pick<Judged, 'stated' | 'place'>): number => Math.abs(stated - place);

function print(title: string, all: readonly Judged[]): void {
  const share = (most: number) => all.filter((one) => far(one) <= most).length;
  const middle = (values: readonly number[]) =>
    (values.reduce((sum, value) => sum + value, 0) / values.length).toFixed(2);
  const constant = USUAL_SCALE.names.map((_, place) => all.map(({ stated }) => far({ stated, place })));
  const best = constant.reduce((a, b) => (Number(middle(b)) < Number(middle(a)) ? b : a));
  console.log(
    `${title}: ${all.length} sheets, the same level ${share(0.5)}, within one ${share(1)}, off by ${middle(all.map(far))} levels, ranks ${rank(all).toFixed(2)}`,
  );
  console.log(
    `  always the same guess: the same level ${best.filter((off) => off <= 0.5).length}, within one ${best.filter((off) => off <= 1).length}, off by ${middle(best)}`,
  );
}

/** Spearman's rank correlation between what is stated and the points; equal values share their rank. */
function rank(all: readonly Judged[]): number {
  const ranks = (values: readonly number[]) =>
    values.map(
      (value) =>
        values.filter((other) => other < value).length + (values.filter((other) => other === value).length + 1) / 2,
    );
  const [a, b] = [ranks(all.map(({ stated }) => stated)), ranks(all.map(({ points }) => points))];
  const mean = (all.length + 1) / 2;
  const dot = (x: readonly number[], y: readonly number[]) =>
    x.reduce((sum, value, index) => sum + (value - mean) * (y[index] - mean), 0);
  return dot(a, b) / Math.sqrt(dot(a, a) * dot(b, b));
}

print(
  'set on',
  judged.filter(({ name }) => !isHeldBack(name)),
);
print(
  'held back',
  judged.filter(({ name }) => isHeldBack(name)),
);
print('all', judged);
for (const { name, stated, place, points, why } of judged.filter((one) => process.argv[2] === 'why' || far(one) > 1))
  console.log(`${name}: says ${stated.toFixed(1)}, counted ${place} (${points.toFixed(1)} points): ${why}`);
