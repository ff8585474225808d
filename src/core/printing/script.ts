/** A whole script in the house style. What was understood is printed exactly; everything else word for word. */
import { tickOfCount, countOfTick } from '../model/ticks';
import { readInlineOption, readStretch, type Stretch } from '../grammar/option';
import type { Heading } from '../grammar/heading';
import type { HeaderEntry, KnownKey } from '../reading/header';
import { KNOWN_KEYS } from '../reading/header';
import { isMarked, type Script, type ScriptLine } from '../reading/script';
import { readStepLine, type StepLine } from '../reading/line';
import { sideNamed } from '../vocabulary/words';
import { printStepLine } from './calls';
import { nameWords, printPlanItem } from './plan';
import { tongueOf, type HouseStyle } from './style';
import { LEVELS, TONGUES, type Level, type Tongue } from './tongues';

/** How a script is printed: in which style, and with which counts for lines that were written without. */
export interface ScriptPrinting {
  readonly style?: HouseStyle;
  readonly counts?: ReadonlyMap<number, readonly string[]>;
}

/** Reading what this prints gives the same dance, and printing it again changes nothing. */
export function printScript(script: Script, printing: ScriptPrinting = {}): string {
  const lines = script.lines.map((line) => printScriptLine(script, line, printing));
  return `${spaced(script, lines)
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim()}\n`;
}

/** One line of a script, alone. */
export function printScriptLine(script: Script, line: ScriptLine, { style, counts }: ScriptPrinting = {}): string {
  switch (line.kind) {
    case 'title':
      return `# ${script.title}`;
    case 'header':
      return printFact(script, line, style);
    case 'heading':
      return printHeading(script, line, style);
    case 'step':
      return printSteps(script, line, style, counts?.get(line.index));
    case 'note':
      return `> ${line.text.trim().replace(/^>\s*/, '')}`;
    case 'option':
      return `       ${printOption(script, line.text.trim(), style)}`;
    case 'blank':
      return '';
    case 'plan':
      return printPlanLine(script, line, style);
    case 'text':
      // With headings of our own the sheet is read in our own manner: a remark says so then.
      return line.section && !isMarked(script.text) ? `> ${line.text.trim()}` : line.text.trimEnd();
    case 'figure':
    case 'song':
    case 'lesson':
      return line.text.trimEnd();
  }
}

/** A line of steps, below its heading where that stands in the same line or is said by the counts alone. */
function printSteps(
  script: Script,
  line: ScriptLine,
  style: HouseStyle | undefined,
  counts: readonly string[] | undefined,
): string {
  const steps = printStepLine(line.step as StepLine, { shift: shiftOf(line), style, ...(counts && { counts }) });
  if (line.heading) return `${printHeading(script, line, style)}\n${steps}`;
  if (!opensUnsaid(script, line)) return steps;
  const { heading } = style?.language ? tongueOf(style) : TONGUES.en;
  return `\n## ${heading.section(line.section?.number ?? 1)}\n${steps}`;
}

/** A section that only its counts open, in a sheet where others have headings: in our own manner its heading says so. */
function opensUnsaid(script: Script, { section, index }: ScriptLine): boolean {
  if (!section || section.headingLine !== undefined || section.lines[0]?.index !== index || isMarked(script.text))
    return false;
  const { sections } = section.block;
  return sections[0] !== section && sections.some(({ headingLine }) => headingLine !== undefined);
}

/** Steps said inside a plan or an option. Left as they are where the style names no language. */
function printSaidSteps(script: Script, words: string, style: HouseStyle | undefined): string {
  if (!style?.language) return words;
  const step = readStepLine(words, script.own.vocabulary);
  const between = /^\s*&\s/.test(words) ? '& ' : '';
  return between + printStepLine(step, { style: { ...style, capitals: 'small' } }).replace(/\s{2,}/g, ' ');
}

function printOption(script: Script, text: string, style: HouseStyle | undefined): string {
  const option = style?.language ? readInlineOption(text) : undefined;
  if (!option || !style) return text;
  const rest = text.slice(option.steps.span.to);
  const name = option.name ? ` ${option.name}` : '';
  return `option${name}: ${printSaidSteps(script, option.steps.text, { ...style, capitals: 'sentence' })}${rest}`;
}

/** `music: ...`; in a language its own key, and the values that are the same everywhere. */
function printFact(script: Script, line: ScriptLine, style: HouseStyle | undefined): string {
  const own = script.header.entries.filter(({ span }) => span.from >= line.span.from && span.to <= line.span.to);
  const [entry] = own;
  if (!style?.language || own.length !== 1 || !KNOWN_KEYS.includes(entry.key as KnownKey))
    return line.text.trim().replace(/\s*:\s*/, ': ');
  const tongue = tongueOf(style);
  return `${tongue.keys[entry.key as KnownKey]}${tongue.colon} ${factWords(entry, tongue)}`;
}

const WEIGHT_FACT = /^(?:weight|gewicht|poids)\s+(?:on\s+|auf\s+|sur\s+)?(\p{L}+)$/iu;
const COUNTS_FACT = /^(\d+)\s+(?:counts?|temps|comptes?)$/i;
const WALLS_FACT = /^(\d+)\s+(?:walls?|wände|wand|murs?)$/i;

function factWords({ key, value }: HeaderEntry, tongue: Tongue): string {
  const weight = key === 'start' ? sideNamed(WEIGHT_FACT.exec(value)?.[1] ?? '') : undefined;
  if (weight) return tongue.weight(tongue.sides.letters[weight]);
  const counts = COUNTS_FACT.exec(value);
  if (counts) return tongue.heading.counts(Number(counts[1]));
  const walls = WALLS_FACT.exec(value);
  if (walls) return tongue.walls(Number(walls[1]));
  const level = key === 'level' ? levelOf(value) : undefined;
  return level ? tongue.levels[level] : value;
}

/** The level a word names in any of the languages. */
export const levelOf = (value: string): Level | undefined =>
  LEVELS.find((level) =>
    Object.values(TONGUES).some(({ levels }) => levels[level].toLowerCase() === value.trim().toLowerCase()),
  );

/** Items of one line stay on it; an order is left as its writer put it, with its brackets and repeats. */
function printPlanLine(script: Script, line: ScriptLine, style: HouseStyle | undefined): string {
  const own = script.plan.filter((entry) => entry.line === line);
  const tongue = style?.language ? tongueOf(style) : undefined;
  const isUnread = own.some(({ item }) => 'unread' in item && item.unread.length > 0);
  if (own.length === 0 || isUnread || /\(meant so:/i.test(line.text)) return line.text.trimEnd();
  if (own.some(({ item }) => KEPT_PLANS.has(item.kind)))
    return tongue && own.length === 1 ? printKept(line, own[0].item, tongue) : line.text.trimEnd();
  const printing = tongue && { tongue, steps: (words: string) => printSaidSteps(script, words, style) };
  return own
    .map(({ item, offset }) => printPlanItem(item, line.text.slice(offset - line.span.from), printing))
    .join('; ');
}

const KEPT_PLANS: ReadonlySet<string> = new Set(['unread', 'none', 'order', 'note']);

/** The words before the colon of an order or a note are a language's; what stands behind is the writer's own. */
function printKept(line: ScriptLine, item: Script['plan'][number]['item'], { plan, colon }: Tongue): string {
  if (item.kind === 'none') return plan.none;
  const behind = /:(.*)$/.exec(line.text)?.[1].trim() ?? '';
  if (item.kind === 'order' && behind) return `${plan.order}${colon} ${behind}`;
  if (item.kind === 'note' && behind) return `${plan.pick(item.walls)}${colon} ${behind}`;
  return line.text.trimEnd();
}

function printHeading(script: Script, line: ScriptLine, style: HouseStyle | undefined): string {
  const { heading, section, text } = line;
  const words = text.trim().replace(/^#+\s*/, '');
  const tongue = style?.language ? tongueOf(style) : TONGUES.en;
  if (!heading || heading.kind !== 'section' || !section)
    return `## ${heading && heading.kind !== 'section' && style?.language ? printBlock(heading, heading.kind, words, tongue) + placedWords(script, line, style, tongue) : words}`;
  const { heading: own, colon } = tongue;
  const counts = heading.counts !== undefined && heading.counts !== 8 ? ` (${own.counts(heading.counts)})` : '';
  const copy = heading.copy ? ` = ${own.copy(heading.copy.of, heading.copy.mirrored)}` : '';
  const title = heading.title && !copy ? `${colon} ${heading.title}` : '';
  return `## ${own.section(section.number)}${copy}${title}${counts}`;
}

/** `## Part A (24 counts)`, `## Tag "lamp" (4 counts)`, `## Option "no turn": section 3 count 7 to section 4 count 4`. */
function printBlock(
  { name, counts }: Heading,
  kind: Exclude<Heading['kind'], 'section'>,
  words: string,
  tongue: Tongue,
): string {
  const { heading, colon } = tongue;
  if (kind === 'figure') return `${heading.words.figure} ${words.replace(/^\p{L}+\s*/u, '')}`;
  const stretch = kind === 'option' ? readStretch(words) : undefined;
  const stated = counts !== undefined ? ` (${heading.counts(counts)})` : '';
  if (kind === 'song') return `${heading.words.song}${name ? ` "${name}"` : ''}`;
  if (kind === 'lesson') return `${heading.words.lesson}${name ? ` ${name}` : ''}`;
  const named = name && kind !== 'plan' ? ` ${kind === 'part' && !words.includes('"') ? name : nameWords(name)}` : '';
  return `${heading.words[kind]}${named}${stretch ? `${colon} ${stretchWords(stretch, tongue)}` : ''}${stated}`;
}

/** `## Tag lamp: at the end of walls 2, 4`: where a heading says so itself. */
function placedWords(script: Script, line: ScriptLine, style: HouseStyle, tongue: Tongue): string {
  const [placed] = script.plan.filter((entry) => entry.line === line);
  if (!placed || !('walls' in placed.item) || placed.item.walls.kind !== 'walls') return '';
  const { numbers } = placed.item.walls;
  const steps =
    placed.item.kind === 'tag' && placed.item.tag.kind === 'own'
      ? `${tongue.colon} ${printSaidSteps(script, placed.item.tag.text, style)}`
      : '';
  return `${tongue.colon} ${tongue.endOf(numbers.join(', '), numbers.length === 1)}${steps}`;
}

function stretchWords({ tag, part, from, to }: Stretch, { heading, keepsCapitals }: Tongue): string {
  const small = (words: string): string => (keepsCapitals ? words : words.toLowerCase());
  const end = ({ section, count }: Stretch['from']): string =>
    [section !== undefined && small(heading.section(section)), count !== undefined && `${heading.count} ${count}`]
      .filter(Boolean)
      .join(' ');
  const place =
    tag !== undefined ? `tag ${nameWords(tag)} ` : part !== undefined ? `${small(heading.words.part)} ${part} ` : '';
  return `${place}${end(from)}${end(from) === end(to) ? '' : ` ${heading.to} ${end(to)}`}`;
}

/** Sheets that number through are printed from 1 in every section. */
function shiftOf(line: ScriptLine): number {
  const first = line.section?.lines[0]?.step?.groups[0]?.counts?.ticks[0];
  const length = line.section?.counts ?? 8;
  if (first === undefined || countOfTick(first) <= length || (countOfTick(first) - 1) % length !== 0) return 0;
  return tickOfCount(countOfTick(first));
}

/** One empty line before every heading. */
function spaced(script: Script, lines: string[]): string[] {
  return lines.flatMap((text, index) => (script.lines[index].kind === 'heading' && index > 0 ? ['', text] : [text]));
}
