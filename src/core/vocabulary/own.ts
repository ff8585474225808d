/**
 * Figures a writer defines in a script, foot by foot, in the notation of the tables or in plain words:
 *
 *     "harbour step" 1&2: A side, B behind, A tog
 *     "harbour step", "quay step" 1-4: R forward, L together, [R heel forward], R back turning 1/4 right
 *
 *     "quay shuffle" = shuffle
 *
 * A leads and B is the other foot; written with R and L, the foot that goes first leads. A turn is `1/4 out` (towards the leading
 * foot's side) or `1/4 in`; beside R and L also `1/4 right` or `1/4 left`.
 */
import { CIRCLE } from '../model/turns';
import { canonicalWord, COMMON_VOCABULARY, compileFigure, type Figure } from './index';
import { readAmountParts } from './notation';

export type OwnFigure =
  | { readonly names: readonly string[]; readonly figure: Figure }
  | { readonly names: readonly string[]; readonly problem: string };

const NAMES = /["“”„]([^"“”„]+)["“”„]/g;
const FORM = /((?:\d|&)[\d&ea|,\s-]*):(.+)$/;

/** `text` is what follows the word "Figure" in its heading; `more` further forms, one a line. Never throws. */
export function readOwnFigure(text: string, more: readonly string[] = []): OwnFigure {
  const names = [...text.matchAll(NAMES)].map(([, name]) => name.trim()).filter(Boolean);
  if (names.length === 0) return { names, problem: 'give the figure a name in quotes, such as "harbour step"' };
  const alias = /=([^=:]+)$/.exec(text)?.[1];
  if (alias !== undefined) return readAlias(names, alias.trim());
  const forms = [text.slice(text.search(/["“”„][^"“”„]*$/) + 1), ...more].filter((form) => form.trim() !== '');
  const read = forms.map(readForm);
  const problem =
    read.length === 0 ? 'write its counts and feet, such as 1&2: A side, B behind, A together' : read.find(isProblem);
  if (problem !== undefined) return { names, problem };
  const [{ total }] = read as OwnForm[];
  const way = total < 0 ? 'in' : 'out';
  try {
    const figure = compileFigure({
      id: `own:${names[0].toLowerCase()}`,
      family: 'own',
      names: { en: names },
      forms: (read as OwnForm[]).map(
        (form) => `${form.rhythm}: ${form.steps.map((step) => stepText(step, way)).join(', ')}`,
      ),
      way,
      amount: Math.abs(total),
      definite: true,
      bare: 'foot',
    });
    return { names, figure };
  } catch (error) {
    return { names, problem: sentenceFor(error) };
  }
}

/** `"quay shuffle" = shuffle`: a name of one's own for a figure there is. */
function readAlias(names: readonly string[], known: string): OwnFigure {
  const words = known.split(/[\s-]+/).map(canonicalWord);
  const found = COMMON_VOCABULARY.findName(words, 0);
  if (!found || found.length < words.length) return { names, problem: `there is no figure called “${known}”` };
  return { names, figure: { ...found.figure, names: { en: names } } };
}

interface OwnForm {
  readonly rhythm: string;
  readonly steps: readonly OwnStep[];
  /** Parts of a circle, out is positive. */
  readonly total: number;
}

interface OwnStep {
  readonly gesture: boolean;
  readonly words: string;
  readonly turn: number;
}

const isProblem = (form: OwnForm | string): form is string => typeof form === 'string';

function readForm(text: string): OwnForm | string {
  const match = FORM.exec(text.trim());
  if (!match) return 'write its counts and feet, such as 1&2: A side, B behind, A together';
  const written = match[2].split(',').map((step) => step.trim());
  const lead = /\b[RL]\b/.exec(match[2])?.[0];
  const steps = written.map((step) => readStep(step, lead));
  return { rhythm: match[1].trim(), steps, total: steps.reduce((sum, { turn }) => sum + turn, 0) };
}

const TURN = /(?:turn(?:ing)?\s+)?(\d+(?:\s+\d+)?(?:\/\d+)?|full)\s*(?:turn\s+)?(out|in|right|left)\b/i;

function readStep(text: string, lead: string | undefined): OwnStep {
  const turned = TURN.exec(text);
  const amount = !turned ? 0 : turned[1] === 'full' ? CIRCLE : (readAmountParts(turned[1]) ?? 0);
  const way = turned?.[2].toLowerCase();
  const out = way === 'out' || (way === 'right' && lead !== 'L') || (way === 'left' && lead === 'L');
  const rest = turned ? text.replace(turned[0], ' ') : text;
  return {
    gesture: /^\s*\[/.test(text),
    words: codesOf(rest.replace(/[[\]]/g, ' '), lead),
    turn: out ? amount : -amount,
  };
}

const CODES: Readonly<Record<string, string>> = {
  forward: 'fwd', backward: 'back', together: 'tog', beside: 'tog', close: 'tog', across: 'cross', over: 'cross',
  diagonally: '', diagonal: '', step: '', steps: '', and: '', to: '', the: '', in: '', hold: '- hold', clap: '- clap', centre: 'in',
}; // prettier-ignore

function codesOf(text: string, lead: string | undefined): string {
  const diagonal = /\bdiag/i.test(text);
  const codes = text
    .replace(/\bstomp up\b/gi, 'stomp-up')
    .replace(/\bknee pop\b/gi, 'knee-pop')
    .split(/\s+/)
    .filter(Boolean)
    .map((word) =>
      word === 'R' || word === 'L' ? (word === lead ? 'A' : 'B') : (CODES[word.toLowerCase()] ?? word.toLowerCase()),
    )
    .map((word) => (/^(a|b|ab)$/.test(word) ? word.toUpperCase() : word))
    .map((word) => (diagonal && (word === 'fwd' || word === 'back') ? `diag-${word}` : word))
    .filter(Boolean);
  const role = codes.findIndex((code) => /^(A|B|AB|-)$/.test(code));
  return role > 0 ? [codes[role], ...codes.filter((_, index) => index !== role)].join(' ') : codes.join(' ');
}

/** Back to the notation of the tables; the figure turns its own way, so a share against it is negative. */
function stepText({ gesture, words, turn }: OwnStep, way: 'out' | 'in'): string {
  const share = way === 'in' ? -turn : turn;
  const turned = share === 0 ? '' : ` ${share < 0 ? '-' : '+'}${Math.abs(share)}/${CIRCLE}`;
  return gesture ? `[${words}]${turned}` : `${words}${turned}`;
}

const sentenceFor = (error: unknown): string => {
  const words = error instanceof Error ? error.message : '';
  const unknown = /^"([^"]+)" in/.exec(words)?.[1];
  if (unknown) return `“${unknown}” is no place and no action of a foot`;
  if (words.startsWith('No role')) return 'every action begins with its foot: A or B, or R or L';
  return 'its counts and its actions are not equally many';
};
