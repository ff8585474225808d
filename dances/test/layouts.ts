/**
 * One dance in every layout that people write: names of sections, and where the counts of a line stand. What the lines say stays the
 * same letter for letter; only the frame around them changes.
 */
export const TONGUES = ['en', 'de', 'fr'] as const;
type Tongue = (typeof TONGUES)[number];
type Piece = readonly [counts: string, words: string];

/** Four sections of eight counts. */
const DANCES: Readonly<Record<Tongue, readonly (readonly Piece[])[]>> = {
  en: [
    [['1-4', 'Vine right, touch left'], ['5-8', 'Vine left, touch right']],
    [['1-2', 'Rock right forward, recover left'], ['3&4', 'Shuffle back right, left, right'], ['5-6', 'Rock left back, recover right'], ['7&8', 'Shuffle forward left, right, left']],
    [['1-2', 'Step right forward, pivot half left'], ['3-4', 'Step right forward, pivot half left'], ['5-6', 'Step right to the side, touch left beside'], ['7-8', 'Step left to the side, touch right beside']],
    [['1-4', 'Jazz box with a quarter turn right'], ['5-6', 'Right heel forward, close right'], ['7-8', 'Step left forward, touch right beside']],
  ],
  de: [
    [['1-4', 'Vine nach rechts, links auftippen'], ['5-8', 'Vine nach links, rechts auftippen']],
    [['1-2', 'Rock rechts vor, Gewicht zurück auf links'], ['3&4', 'Shuffle rückwärts R L R'], ['5-6', 'Rock links zurück, Gewicht vor auf rechts'], ['7&8', 'Shuffle vorwärts L R L']],
    [['1-2', 'Schritt vor mit rechts, 1/2 Pivot links'], ['3-4', 'Schritt vor mit rechts, 1/2 Pivot links'], ['5-6', 'Schritt nach rechts mit rechts, links daneben auftippen'], ['7-8', 'Schritt nach links mit links, rechts daneben auftippen']],
    [['1-4', 'Jazzbox mit Vierteldrehung rechts'], ['5-6', 'Rechte Ferse vor, rechts schließen'], ['7-8', 'Schritt vor mit links, rechts daneben auftippen']],
  ],
  fr: [
    [['1-4', 'Vine à droite, touch gauche'], ['5-8', 'Vine à gauche, touch droit']],
    [['1-2', 'Rock droit devant, retour sur gauche'], ['3&4', 'Shuffle arrière D G D'], ['5-6', 'Rock gauche derrière, retour sur droit'], ['7&8', 'Shuffle avant G D G']],
    [['1-2', 'Pas droit devant, pivot 1/2 tour à gauche'], ['3-4', 'Pas droit devant, pivot 1/2 tour à gauche'], ['5-6', 'PD à droite, touche PG à côté'], ['7-8', 'PG à gauche, touche PD à côté']],
    [['1-4', 'Jazz box avec 1/4 de tour à droite'], ['5-6', 'Talon droit devant, ramener PD'], ['7-8', 'PG devant, touche PD à côté']],
  ],
}; // prettier-ignore

const WORDS: Readonly<Record<Tongue, { section: string; count: string; places: readonly string[]; eight: string; names: readonly string[]; head: readonly string[] }>> = {
  en: { section: 'Section', count: 'Counts', places: ['First', 'Second', 'Third', 'Last'], eight: 'eight', names: ['Two Vines', 'Rocks and Shuffles', 'Pivots, Side Touches', 'Jazz Box, Heel, Touch'], head: ['Lamplight on the Weir', 'by Odile Marsh', '32 counts, 4 walls, improver', 'Start after 16 counts'] },
  de: { section: 'Abschnitt', count: 'Takt', places: ['Erste', 'Zweite', 'Dritte', 'Vierte'], eight: 'Acht', names: ['Zwei Vines', 'Rocks und Shuffles', 'Pivots, Seitschritte', 'Jazzbox, Ferse, Tipp'], head: ['Laternen am Wehr', 'von Odile Marsch', '32 Counts, 4 Wände, Anfänger', 'Beginn nach 16 Counts'] },
  fr: { section: 'Section', count: 'Temps', places: ['Premier', 'Deuxième', 'Troisième', 'Quatrième'], eight: 'huit', names: ['Deux vines', 'Rocks et shuffles', 'Pivots et touches', 'Jazz box, talon, touche'], head: ['Lanternes sur la digue', 'par Odile Marais', '32 temps, 4 murs, débutant', 'Départ après 16 temps'] },
}; // prettier-ignore

const run = (at: number): string => `${at * 8 + 1}-${at * 8 + 8}`;
type Heading = (words: (typeof WORDS)[Tongue], at: number) => readonly string[];

const HEADINGS: Readonly<Record<string, Heading>> = {
  numbered: ({ section }, at) => [`${section} ${at + 1}`],
  named: ({ section, names }, at) => [`${section} ${at + 1}: ${names[at]}`],
  'range in brackets': ({ names }, at) => [`[${run(at)}] ${names[at]}`],
  'range first': ({ names }, at) => [`${run(at)} ${names[at]}`],
  'range behind': ({ section, count }, at) => [`${section} ${at + 1} (${count} ${run(at)})`],
  capitals: ({ names }, at) => [names[at].toUpperCase()],
  'number and dash': ({ names }, at) => [`${at + 1} - ${names[at]}`],
  'Roman numerals': ({ names }, at) => [`${['I', 'II', 'III', 'IV'][at]}. ${names[at]}`],
  'place in a row': ({ places, eight }, at) => [`${places[at]} ${eight}`],
  letters: ({ names }, at) => [`${'ABCD'[at]}) ${names[at]}`],
  stars: ({ names }, at) => [`*** ${names[at]} ***`],
  'marked bold': ({ section }, at) => [`**${section} ${at + 1}** (${run(at)})`],
  underlined: ({ names }, at) => [names[at], '-'.repeat(names[at].length)],
  'length behind': ({ names }, at) => [`${names[at]} (8)`],
  'blank lines only': () => [],
  'list with stops': ({ names }, at) => [`${at + 1}. ${names[at]}`],
  'list with brackets': ({ names }, at) => [`${at + 1}) ${names[at]}`],
  'list with colons': ({ names }, at) => [`${at + 1}: ${names[at]}`],
  'number in brackets': ({ names }, at) => [`(${at + 1}) ${names[at]}`],
  'number sign': ({ names }, at) => [`#${at + 1} ${names[at]}`],
  'number alone': (_, at) => [`${at + 1}`],
  'number alone, with a stop': (_, at) => [`${at + 1}.`],
  'number and colon': ({ section }, at) => [`${section} ${at + 1} :`],
  'number of four': ({ section }, at) => [`${section} ${at + 1}/4`],
  'number in words': ({ section }, at) => [`${section} ${NAMES[at + 1]}`],
  'letter alone': (_, at) => [`[${'ABCD'[at]}]`],
  'eight and number': ({ eight }, at) => [`${eight} ${at + 1}`],
  'short word': ({ names }, at) => [`S${at + 1}: ${names[at]}`],
  'in quotes': ({ names }, at) => [`"${names[at]}"`],
  'number on a key': ({ names }, at) => [`${at + 1}\ufe0f\u20e3 ${names[at]}`],
  'behind a picture': ({ names }, at) => [`▶ ${names[at]}`],
  'behind an arrow': ({ names }, at) => [`>> ${names[at]}`],
  'three signs': ({ names }, at) => [`### ${names[at]}`],
  boxed: ({ names }, at) => [`[ ${names[at]} ]`],
  'length said': ({ names }, at) => [`${names[at]}, 8 counts`],
  'under a rule': ({ names }, at) => ['-----', names[at]],
};

const through = (counts: string, at: number): string => counts.replace(/\d+/g, (own) => String(Number(own) + 8 * at));
const each = (counts: string): string => (/^\d-\d$/.test(counts) ? Array.from({ length: Number(counts[2]) - Number(counts[0]) + 1 }, (_, step) => Number(counts[0]) + step).join(',') : counts); // prettier-ignore
const NAMES = ['', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight'];
const spoken = (counts: string): string =>
  counts
    .replace(/\d/g, (digit) => NAMES[Number(digit)])
    .replace('-', ' to ')
    .replace('&', ' and ');
/** `12`, `5678`; a half count keeps its sign. */
const glued = (counts: string): string => (counts.includes('&') ? counts : each(counts).replaceAll(',', ''));
type Line = (counts: string, words: string, at: number) => string;

/** A line for every piece. */
const LINES: Readonly<Record<string, Line>> = {
  'in front': (counts, words) => `${counts}  ${words}`,
  'behind a tab': (counts, words) => `${counts}\t${words}`,
  'with a colon': (counts, words) => `${counts}: ${words}`,
  'with a dash': (counts, words) => `${counts} – ${words}`,
  'in brackets': (counts, words) => `(${counts}) ${words}`,
  'in brackets behind': (counts, words) => `${words} (${counts})`,
  'in square brackets behind': (counts, words) => `• ${words} [${counts}]`,
  'in a column at the right': (counts, words) => `${words}   ${counts}`,
  'behind a dash': (counts, words) => `${words} - ${counts}`,
  'numbered through': (counts, words, at) => `${through(counts, at)}  ${words}`,
  'numbered through, with a stop': (counts, words, at) => `${through(counts, at)}. ${words}`,
  'behind a bullet': (counts, words) => `- ${counts} ${words}`,
  'one by one': (counts, words) => `${each(counts)} ${words}`,
  'in a table': (counts, words) => `| ${counts} | ${words} |`,
  'with their noun': (counts, words) => `Counts ${counts}: ${words}`,
  'with a letter': (counts, words) => `T${counts} : ${words}`,
  'in words': (counts, words) => `Counts ${spoken(counts)}: ${words}`,
  'in words alone': (counts, words) => `${spoken(counts)}: ${words}`,
  'from - to': (counts, words) => `${counts.replace('-', ' to ')} ${words}`,
  'without a sign': (counts, words) => `${glued(counts)} ${words}`,
  'small letters': (counts, words) => `${counts} ${words[0].toLowerCase()}${words.slice(1)}`,
  'not at all': (_, words) => words,
  'behind a picture': (counts, words) => `👉 ${counts} ${words}`,
  'in curly brackets': (counts, words) => `{${counts}} ${words}`,
  'before a slash': (counts, words) => `${counts} / ${words}`,
  'before an equals sign': (counts, words) => `${counts} = ${words}`,
  'before an arrow': (counts, words) => `${counts} → ${words}`,
  'before a drawn arrow': (counts, words) => `${counts} -> ${words}`,
  'before a chevron': (counts, words) => `${counts} > ${words}`,
  'with a stop': (counts, words) => `${counts}. ${words}`,
  'with spaces': (counts, words) => `${counts.replace('-', ' - ').replace('&', ' & ')} ${words}`,
  'with and': (counts, words) => `${counts.replace('&', ' and ')} ${words}`,
  'with plus': (counts, words) => `${counts.replace('&', '+')} ${words}`,
  'with a short noun': (counts, words) => `Ct ${counts} ${words}`,
  'on counts': (counts, words) => `On counts ${counts}, ${words}`,
  'with a tilde': (counts, words) => `${counts.replace('-', '~')} ${words}`,
  'with noughts': (counts, words) => `${counts.replace(/\d/g, '0$&')} ${words}`,
  'behind a colon': (counts, words) => `${words}: ${counts}`,
  'behind a slash': (counts, words) => `${words} / ${counts}`,
  'behind, in italics': (counts, words) => `${words} _(${counts})_`,
  'in bold': (counts, words) => `**${counts}** ${words}`,
  'with a semicolon': (counts, words) => `${counts};${words}`,
  'with a number sign': (counts, words) => `#${counts} ${words}`,
  'with a sign of its own': (counts, words) => `Z ${counts}: ${words}`,
  'with the letter of its part': (counts, words, at) => `${'ABCD'[at]}${counts} ${words}`,
  beats: (counts, words) => `Beats ${counts}: ${words}`,
  'behind a bar': (counts, words) => `${words} | ${counts}`,
};

/** A line for a whole section. */
const PARAGRAPHS: Readonly<Record<string, (pieces: readonly Piece[]) => string>> = {
  'with semicolons': (pieces) => pieces.map(([counts, words]) => `${counts} ${words}`).join('; '),
  'in sentences': (pieces) => `${pieces.map(([counts, words]) => `${words} (${counts})`).join('. ')}.`,
};

const SOME_HEADINGS = ['numbered', 'capitals', 'stars', 'blank lines only', 'range first'];
const SOME_LAYOUTS = ['in front', 'in brackets behind', 'with their noun', 'in words', 'in a table'];

/** Every heading with some layouts, every layout with some headings. */
export function combinations(): readonly (readonly [heading: string, layout: string])[] {
  const layouts = [...Object.keys(LINES), ...Object.keys(PARAGRAPHS)];
  return Object.keys(HEADINGS).flatMap((heading) =>
    layouts
      .filter((layout) => SOME_HEADINGS.includes(heading) || SOME_LAYOUTS.includes(layout))
      .map((layout) => [heading, layout] as const),
  );
}

export function sheetIn(tongue: Tongue, heading: string, layout: string): string {
  const words = WORDS[tongue];
  const sections = DANCES[tongue].flatMap((pieces, at) => [
    ...HEADINGS[heading](words, at),
    ...(layout in LINES
      ? pieces.map(([counts, said]) => LINES[layout](counts, said, at))
      : [PARAGRAPHS[layout](pieces)]),
    '',
  ]);
  return [...words.head, '', ...sections].join('\n');
}

/** The same dance in the program's own manner. */
export const scriptIn = (tongue: Tongue): string =>
  DANCES[tongue].flatMap((pieces, at) => [`## Section ${at + 1}`, ...pieces.map(([counts, said]) => `${counts} ${said}`)]).join('\n'); // prettier-ignore
