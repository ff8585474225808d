/** The vocabulary as something to look things up in: every figure danced foot by foot, with its names, turns and cautions. */
import { danceScript, type DancedLine } from '../dancing/dance';
import { otherFoot, type Foot, type Weight } from '../model/feet';
import { amountWords, hourOfFacing } from '../model/turns';
import { printCounts } from '../printing/counts';
import { actionSentence } from '../printing/moments';
import { readScript } from '../page/read-script';
import { FIGURES, houseName, KNOWN, turnCapacity, type Figure } from '../vocabulary';
import type { Care, Family } from '../vocabulary/figures';
import { plainLetters } from '../lexicon/letters';
import { readOwnFigure } from '../vocabulary/own';
import { labelOfTick } from '../model/ticks';
import type { ExplainedStep } from './explain';
import { footMark } from './script-view';

export interface FigureEntry {
  readonly id: string;
  readonly family: Family;
  readonly name: string;
  /** All names by language, the first the table's own. */
  readonly names: { readonly en: readonly string[]; readonly de: readonly string[]; readonly fr: readonly string[] };
  /** Usual counts, one a rhythm: `1&2`, `1-3`. */
  readonly counts: readonly string[];
  readonly care?: Care;
  /** The largest customary turn in words; undefined for what does not turn. */
  readonly turnsUpTo?: string;
}

export interface FigureForm {
  readonly counts: string;
  readonly steps: readonly ExplainedStep[];
  readonly ends: Weight;
}

export interface FigureDanced {
  readonly lead: Foot;
  readonly forms: readonly FigureForm[];
  /** Where its turns fall, by amount and way. */
  readonly turns: readonly { readonly words: string; readonly form: FigureForm }[];
  /** What is written into a script. */
  readonly insert: string;
}

const entryOf = (figure: Figure): FigureEntry => ({
  id: figure.id,
  family: figure.family,
  name: houseName(figure),
  names: { en: figure.names.en, de: figure.names.de ?? [], fr: figure.names.fr ?? [] },
  counts: [...new Set(figure.forms.flatMap(({ rhythms }) => rhythms.map((rhythm) => printCounts(rhythm))))],
  ...(figure.care && { care: figure.care }),
  ...(turnCapacity(figure) > 0 && { turnsUpTo: amountWords(turnCapacity(figure)) }),
});

/** Figures that are looked up by name first, single actions after them. */
export const FIGURE_ENTRIES: readonly FigureEntry[] = [false, true].flatMap((single) =>
  FIGURES.filter(({ family }) => (family === 'single') === single).map(entryOf),
);

/** Entries one of whose names has words beginning with every word typed: the very name first, then names that begin so. */
export function searchFigures(entries: readonly FigureEntry[], typed: string): FigureEntry[] {
  const wanted = typed.split(/\s+/).map(plainLetters).filter(Boolean);
  if (wanted.length === 0) return [...entries];
  const phrase = wanted.join(' ');
  const rank = ({ names }: FigureEntry): number => {
    const all = [...names.en, ...names.de, ...names.fr].map((name) => name.split(/[\s-]+/).map(plainLetters));
    if (!all.some((words) => wanted.every((part) => words.some((word) => word.startsWith(part))))) return Infinity;
    const place = all.findIndex((words) => words.join(' ').startsWith(phrase));
    if (all.some((words) => words.join(' ') === phrase)) return 0;
    return place < 0 ? 3 : place < names.en.length ? 1 : 2;
  };
  return entries
    .map((entry) => ({ entry, place: rank(entry) }))
    .filter(({ place }) => place < Infinity)
    .sort((a, b) => a.place - b.place)
    .map(({ entry }) => entry);
}

const danceLine = (line: string, weight: Foot, personal = ''): DancedLine | undefined =>
  danceScript(readScript(`start: weight ${weight}\n\n## Section 1\n${line}\n`, personal)).parts[0]?.sections[0]
    ?.lines[0];

function explainForm(danced: DancedLine, counts: string): FigureForm {
  return {
    counts,
    steps: danced.moments.map((moment) => ({
      count: labelOfTick(moment.tick),
      mark: footMark(moment),
      words: actionSentence(moment.action),
      weight: moment.after.weight,
      facing: moment.after.facing,
      hour: hourOfFacing(moment.after.facing),
      turned: moment.action.turn !== 0,
    })),
    ends: danced.after.weight,
  };
}

/** A figure danced from one foot, in each of its usual rhythms. */
export function danceFigure(id: string, lead: Foot): FigureDanced | undefined {
  const figure = FIGURES.find((one) => one.id === id);
  return figure && danceEntry(figure, houseName(figure), lead, '');
}

function danceEntry(figure: Figure, name: string, lead: Foot, personal: string): FigureDanced {
  const [opening] = figure.forms[0].steps;
  // A figure that opens on the other foot (a hop, a pivot) is led by the one that stands.
  const weight = opening.role === 'B' ? lead : otherFoot(lead);
  const rhythms = figure.forms.flatMap((form) => form.rhythms.map((rhythm) => printCounts(rhythm)));
  const forms = [...new Set(rhythms)].flatMap((counts) => {
    const danced = danceLine(`${counts} ${name}`, weight, personal);
    return danced ? [explainForm(danced, counts)] : [];
  });
  const named = figure.bare === 'way' || figure === KNOWN.pivot || opening.role !== 'A' ? name : `${name} ${lead}`;
  return {
    lead,
    forms,
    turns: turnsOf(figure, name, lead, weight),
    insert: named.charAt(0).toUpperCase() + named.slice(1),
  };
}

/** The customary split of each amount the figure turns, where a row or its table says one. */
function turnsOf(figure: Figure, name: string, lead: Foot, weight: Foot): FigureDanced['turns'] {
  if (figure.definite || figure.family === 'single') return [];
  const amounts = new Set([...figure.turned.keys()].map((key) => key.replace(/^(out|in) /, '')));
  if (figure.forms[0].steps.some(({ turn }) => turn === 'whole'))
    for (const amount of ['1/4', '1/2']) amounts.add(amount);
  const counts = printCounts(figure.forms[0].rhythms[0]);
  const ways =
    figure.way === undefined
      ? (['right', 'left'] as const)
      : [(figure.way === 'out') === (lead === 'R') ? ('right' as const) : ('left' as const)];
  return [...amounts].flatMap((amount) =>
    ways.flatMap((way) => {
      const danced = danceLine(`${counts} ${name} turning ${amount === 'full' ? 'full turn' : amount} ${way}`, weight);
      const words = `${amount} ${way}`;
      return danced && danced.after.rotation !== 0 ? [{ words, form: explainForm(danced, counts) }] : [];
    }),
  );
}

/** A figure of the writer's own as it is being defined: danced from both feet, or what is still missing. */
export function tryOwnFigure(
  definition: string,
):
  | { readonly entry: FigureEntry; readonly danced: Readonly<Record<Foot, FigureDanced>> }
  | { readonly problem: string } {
  const read = readOwnFigure(definition);
  if ('problem' in read) return { problem: read.problem };
  const personal = `## Figure ${definition}`;
  const [name] = read.names;
  return {
    entry: entryOf(read.figure),
    danced: {
      L: danceEntry(read.figure, name, 'L', personal),
      R: danceEntry(read.figure, name, 'R', personal),
    },
  };
}
