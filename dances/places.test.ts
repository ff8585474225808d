/** Places: whatever is told of a text, and whatever was read in it, lies in its own line and cuts out whole words of it. */
import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readdirSync, readFileSync } from 'node:fs';
import { studyText, type Finding, type Span, type Study } from '../src/core/index';
import { WORKED_DANCES } from './test/corpus';
import { PLANNED_DANCES } from './test/plans';

const DANCES = [
  ...readdirSync('dances')
    .filter((name) => name.endsWith('.txt'))
    .map((name) => readFileSync(`dances/${name}`, 'utf8')),
  ...WORKED_DANCES.map(({ text }) => text),
  ...PLANNED_DANCES.map(({ text }) => text),
];

/** Lines that stand for other lines. */
const REPEATS = [
  '5-8 Repeat',
  '5-8 Repeat 1-4 on the other foot',
  '5-8 Repeat counts 1-4',
  'same again leading L',
  'Repeat section 1 mirrored',
  '5-8 the same',
  '9-16 Repeat 1-8 x2',
  '1-8 Section 1 wiederholen',
  'reprendre 1-4 autre pied',
  '## Section 7 = Section 1 mirrored',
  '## Tag "eddy"\n1-4 repeat 1-4& mirrored',
  'wall 2: tag eddy',
];

type Call = Study['dance']['parts'][number]['sections'][number]['lines'][number]['calls'][number]['call'];

const isWhole = (text: string, { from, to }: Span): boolean =>
  from >= 0 &&
  to <= text.length &&
  from <= to &&
  !(/\p{L}/u.test(text[from - 1] ?? '') && /\p{L}/u.test(text[from] ?? '')) &&
  !(/\p{L}/u.test(text[to - 1] ?? '') && /\p{L}/u.test(text[to] ?? ''));

const placesOf = ({ span, nameSpan, footSpan, unread, turn, detail = [] }: Call): Span[] => [
  span,
  ...[nameSpan, footSpan, turn?.span].flatMap((place) => place ?? []),
  ...unread,
  ...detail.flatMap(placesOf),
];

/** A sentence for every place that is not where it says. */
function misplaced(text: string): string[] {
  const { script, dance, findings } = studyText(text);
  const wrong = [...dance.parts, ...dance.tags].flatMap(({ sections }) =>
    sections.flatMap(({ lines }) =>
      lines.flatMap(({ line, calls }) =>
        calls.flatMap(({ call }) =>
          placesOf(call)
            // A run such as RLR is cut between its letters.
            .filter(
              (place) =>
                !isWhole(
                  line.text.replace(/\b[rldg]{2,8}\b/gi, (run) => ' '.repeat(run.length)),
                  place,
                ),
            )
            .map((place) => `read ${JSON.stringify(place)} in “${line.text}”`),
        ),
      ),
    ),
  );
  const lineOf = (place: Span) => script.lines.find(({ span }) => span.from <= place.from && place.to <= span.to);
  for (const finding of findings) {
    const line = lineOf(finding.span);
    if (!line) wrong.push(`${finding.code} lies in no line`);
    else if (!isWhole(text, finding.span)) wrong.push(`${finding.code} cuts words of “${line.text}”`);
    for (const words of quoted(finding)) {
      if (line && !line.text.includes(words)) wrong.push(`${finding.code} names “${words}”, not in “${line.text}”`);
    }
    for (const { edits } of [finding.fix, ...(finding.suggestions ?? [])].flatMap((one) => one ?? []))
      for (const edit of edits)
        if (edit.from < 0 || edit.to > text.length || edit.from > edit.to) wrong.push(`${finding.code} edits outside`);
  }
  return wrong;
}

/** The words of the text that these sentences name. */
const quoted = ({ code, message }: Finding): string[] =>
  ['not-understood', 'words-unread', 'counts-too-few'].includes(code)
    ? [...message.matchAll(/“([^”]*)”/g)].map(([, words]) => words)
    : [];

test('in every dance there is, and in each with every way to repeat put behind each of its lines', () => {
  const wrong = DANCES.flatMap((text) => [
    ...misplaced(text),
    ...REPEATS.flatMap((repeat) => {
      const lines = text.split('\n');
      const at = lines.findIndex((line) => /^5-[68]/.test(line));
      return misplaced([...lines.slice(0, at), repeat, ...lines.slice(at)].join('\n'));
    }),
  ]);
  expect([...new Set(wrong)]).toEqual([]);
});

test('in texts put together by chance from lines of all of them', () => {
  const lines = [...new Set(DANCES.flatMap((text) => text.split('\n')))];
  const line = fc.oneof(
    { weight: 4, arbitrary: fc.constantFrom(...lines) },
    { weight: 1, arbitrary: fc.constantFrom(...REPEATS) },
  );
  fc.assert(
    fc.property(fc.array(line, { minLength: 2, maxLength: 14 }), (own) => {
      expect(misplaced(own.join('\n'))).toEqual([]);
    }),
    { numRuns: 400 },
  );
});

test('a repeated figure is neither named nor mended by the words that repeat it', () => {
  const text =
    'start: weight L\n\n## Section 1\n1-4 Grapevine R, touch L\n5-8 Repeat 1-4 on the other foot\n\n## Section 2\n1-4 Vine R, touch L\n5-8 Repeat';
  const { findings } = studyText(text);
  const vine = text.indexOf('Vine');
  expect(findings.map(({ code }) => code).sort()).toEqual(['foot-not-free', 'two-names', 'wall-does-not-loop']);
  expect(findings.flatMap(({ fix }) => fix?.edits ?? [])).toEqual([{ from: vine, to: vine + 4, insert: 'grapevine' }]);
});
