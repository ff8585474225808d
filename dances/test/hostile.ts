/** Texts that nobody writes and that somebody may paste: each was slow, deep or vast once. Names say what they try. */
const DANCE = `# Riptide
start: weight L

## Section 1
1-4 Vine R, touch L
5-8 Vine L, touch R

## Section 2
1-2 Step R forward, pivot 1/4 left
3-4 Step R forward, pivot 1/4 left
5-8 Jazz box R

## Tag "ebb"
1-4 Rocking chair R
`;
const planned = (...lines: string[]): string => `${DANCE}\n## Plan\n${lines.join('\n')}\n`;
const times = (count: number, line: (index: number) => string): string[] => Array.from({ length: count }, (_, index) => line(index)); // prettier-ignore

/** A section that repeats another, and is repeated by the next one. */
const copies = (count: number, line: (index: number) => string): string =>
  `# Copies\n\n## Section 1\n1-4 Vine R, touch L\n5-8 Vine L, touch R\n\n${times(count, (index) => `## Section ${index + 2}\n${line(index + 1)}`).join('\n\n')}\n`;

const nested = (depth: number, inner: string): string => {
  let text = inner;
  for (let level = 0; level < depth; level++) text = `(${text}) x9`;
  return text;
};

export const HOSTILE_TEXTS: readonly (readonly [what: string, text: string])[] = [
  ['a plan word again and again', planned(`wall 3: restart ${'at '.repeat(120)}`)],
  ['plan words in turn', planned(`${'at the end of '.repeat(28)}x`)],
  ['through and after', planned(`tag ${'after the '.repeat(36)}`)],
  ['sections, sections', planned(`restart ${'section 1, '.repeat(34)}`)],
  ['ordinals', planned(`${'first and second '.repeat(22)}`)],
  ['hours', planned(`wall 2: restart after 8 (${'6:00, '.repeat(60)}`)],
  ['parts in a row', planned(`${'A B '.repeat(95)}`)],
  ['a plan of many walls', planned(...times(700, () => 'wall 1-200: tag ebb'))],
  ['many plans of many walls', planned(...times(1200, (index) => `walls ${index % 190}-200: tag ebb x9`))],
  ['every wall a tag nine times', planned(...times(60, () => 'every wall: tag ebb x9'))],
  ['regular lines of long periods', planned(...times(40, (index) => `every ${89 + index}th wall: restart after ${4 + (index % 3) * 4}`))],
  ['an order of nested brackets', planned(`order: ${nested(6, 'A A')}`)],
  ['an order of names nobody knows', planned(`order: ${times(390, (index) => `n${index}`).join(' ')}`)],
  ['many orders', planned(...times(120, () => `order: ${'A ebb '.repeat(60)}`))],
  ['changes of nothing', planned(...times(150, (index) => `wall ${index}: change ${index} to ${'& step L, '.repeat(30)}`))],
  ['a vast count before a waltz', '&99999999waltz'],
  ['vast counts', times(200, (index) => `1-${index}99999999 Vine R`).join('\n')],
  ['vast numbers of times', times(100, (index) => `1-8 ${index}99999 walks x99999`).join('\n')],
  ['nested repeats in a line', `## Section 1\n${nested(5, 'step R, step L')} x99\n`],
  ['sixteen vines sixteen times', `## Section 1\n${times(60, () => '(vine R x16, vine L x16) x16').join('\n')}\n`],
  ['copies of copies', copies(28, (index) => `repeat section ${index} x2\nrepeat section ${index}`)],
  ['copies of all that stands above', copies(400, () => 'repeat\nrepeat x9')],
  ['sections that copy sections', `${copies(1, () => '1-8 Walk')}${times(1500, (index) => `## Section ${index + 3} = Section 1 mirrored`).join('\n')}`],
  ['tags that repeat the dance', `${DANCE}${times(300, (index) => `\n## Tag "t${index}"\nrepeat 1-16 x9\nrepeat`).join('\n')}\n\n## Plan\n${times(300, (index) => `wall ${index % 30}: tag t${index}`).join('\n')}`],
  ['parts without end', `${times(400, (index) => `## Part ${String.fromCharCode(65 + (index % 26))}${index}\n1-4 Vine R, touch L`).join('\n')}\n`],
  ['open turns', `## Section 1\n${times(800, () => '1 step R turn ?').join('\n')} (6:00)\n`],
  ['open turns between walls', `## Section 1\n${times(300, () => '1-2 Step R forward, pivot ? left\n3-4 pivot 1/4 ? (6:00)').join('\n')}\n`],
  ['stated walls that are wrong', `## Section 1\n${times(700, () => '1-4 Vine R with 1/4 right (10:30)').join('\n')}\n`],
  ['blank lines before everything', `${'\n'.repeat(50_000)}1-4 Vine R`],
  ['blank lines and spaces', `${' \n'.repeat(20_000)}## Section 1\n1-4 Vine R`],
  ['one line of everything', `1-8 ${'vine R, touch L & heel '.repeat(80)}`],
  ['lines of two thousand letters', times(50, () => `1-8 ${'step R forward, '.repeat(123)}`).join('\n')],
  ['a line of a hundred thousand letters', 'step R forward, '.repeat(7000)],
  ['brackets', `1-8 ${'('.repeat(1900)}`],
  ['quotes and square brackets', times(60, () => `1-8 Vine R ${'["('.repeat(600)}`).join('\n')],
  ['spaces', times(50, () => `1-8${' '.repeat(1900)}Vine R`).join('\n')],
  ['commas', times(60, () => `1-8 ${','.repeat(1900)}`).join('\n')],
  ['slow and quick', times(60, () => 'slow '.repeat(350)).join('\n')],
  ['counts in a row', times(40, () => times(600, (index) => String(index)).join(' ')).join('\n')],
  ['facts', times(3000, (index) => `fact ${index}: value`).join('\n')],
  ['headings', times(2500, (index) => `## Section ${index}`).join('\n')],
  ['figures of her own', `${times(900, (index) => `## Figure "own ${index}" 1&2: A side, B tog, A side`).join('\n')}\n\n1&2 own 7 R`],
  ['options', `${DANCE}${times(900, () => 'option no turn: Shuffle R forward, '.repeat(4)).join('\n  ')}`],
  ['options over everything', `${DANCE}${times(300, (index) => `\n## Option "o${index}": section 1 count 1 to section 2 count 8\n1-8 Walk`).join('\n')}`],
  ['endings', planned(...times(600, (index) => `ending: wall ${index} after ${index}`))],
  ['a real dance again and again', DANCE.repeat(150)],
  ['lines that repeat lines', `## Section 1\n1-4 Vine R\n${times(3000, () => '5-8 repeat 1-4 on the other foot').join('\n')}`],
  ['steps without counts', `## Section 1\n${times(1500, () => 'step R forward, step L').join('\n')}`],
  ['the same foot for ever', `## Section 1\n${times(1800, () => '1 step R forward').join('\n')}`],
  ['words nobody knows', `## Section 1\n${times(1000, (index) => `1-4 blorp${index} R frub, zonk`).join('\n')}`],
  ['a pause of years', `${DANCE}\n## Song\nverse: 32\npause: 100000000\nchorus: 32\n`],
  ['phrases of a day', `${DANCE}\n## Song\n${times(200, () => 'verse: 4000').join('\n')}\n`],
  ['thousands of pauses', `${DANCE}\n## Song\nverse: 320\n${times(8000, (index) => `pause 2 after ${index}`).join('\n')}\n`],
  ['a range without end', '1-99999999 Walk'],
  ['a range in brackets without end', '[1-9999999] Walk'],
  ['a section beyond all numbers', planned('wall 2: restart after section 9007199254740993', 'wall 3: restart after section 18446744073709551616')],
  ['a figure without end', '## Figure "quay" = 1-99999999999: A side\n\n## Section 1\n1-99999999999 quay R\n1-4 quay L'],
  ['long runs many times', `## Section 1\n1-34 walk\nrepeat x99\n${times(60, (index) => `## Section ${index + 2}\n1-34 walk\nrepeat section ${index + 1} x21`).join('\n')}`],
  ['notes for walls', `${DANCE}${times(800, () => '1-4 Vine R [walls 1-200: arms] [odd walls: more]').join('\n')}`],
  ['German plans', planned(...times(150, () => `Runde 3: nach 16 abbrechen und von vorn beginnen ${'nach '.repeat(50)}`))],
  ['French plans', planned(...times(150, () => `mur 3: reprise ${'après le mur de '.repeat(20)}`))],
]; // prettier-ignore
