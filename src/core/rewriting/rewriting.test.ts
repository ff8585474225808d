/** The ways between names and feet, mirror images, repeats, tempo, sections: laws over the phrase book, and tables. */
import { describe, expect, test } from '@jest/globals';
import { danceScript, type DancedLine } from '../dancing/dance';
import { applyEdits } from '../model/text';
import { printCounts } from '../printing/counts';
import { HOUSE_STYLES, SLATE_STYLE } from '../printing/style';
import { readScript } from '../page/read-script';
import { CARELESS_PHRASES, PHRASES } from '../test/phrase-book';
import { studyText } from '../study';
import { FIGURES, houseName } from '../vocabulary';
import { FOOT_WORDS, SIDE_WORDS } from '../lexicon/steps';
import { sideNamed } from '../vocabulary/words';
import { withOwnFigures } from './carry-figures';
import { expandLine } from './expand';
import { mirrorLines, mirrorSides } from './mirror';
import { nameMoments } from './name';
import { expandLines, nameLines } from './naming';
import { repeatLines } from './repeat';
import { moveSection, sectionAtLine } from './sections';
import { changeTempo } from './tempo';
import { tidyLines, tidyScript } from './tidy';

const danceOf = (text: string) => danceScript(readScript(text));
const lineOf = (line: string, before: string): DancedLine =>
  danceOf(`start: weight ${before}\n\n## Section 1\n${line}\n`).parts[0].sections[0].lines[0];

/** Where weight, facing and feet are after every moment. */
const places = ({ moments }: DancedLine): string[] =>
  moments.map(({ tick, after: { weight, rotation, feet } }) =>
    [tick, weight, rotation, ...[feet.L, feet.R].flatMap(({ x, y }) => [x.toFixed(2), y.toFixed(2)])].join(' '),
  );

describe('spelling out', () => {
  test.each([...PHRASES, ...CARELESS_PHRASES].map(([line, before]) => [line, before]))(
    '%s leaves the same weight, facing and feet, in every style',
    (line, before) => {
      for (const style of HOUSE_STYLES) {
        const spelt = expandLine(lineOf(line, before), style);
        expect([spelt, places(lineOf(spelt, before))]).toEqual([spelt, places(lineOf(line, before))]);
      }
    },
  );

  test('what is not understood is not spelt out', () => {
    expect(expandLine(lineOf('1-2 Frobnicate merrily', 'L'))).toBe('1-2 Frobnicate merrily');
  });

  test('marks stay, and hands ride along', () => {
    expect(expandLine(lineOf('1&2 Coaster R "back" (12:00) [softly]', 'L'))).toBe(
      '1&2    Step R back, close L, step R forward "back" (12:00) [softly]',
    );
    expect(expandLine(lineOf('1-2 Step R side, touch L and clap', 'L'))).toBe(
      '1-2    Step R side, touch L together and clap',
    );
  });
});

/** Rows that spell the same feet: the plainer one names them (common practice, no source). */
const TWINS: Readonly<Record<string, string>> = {
  'sailor-cross': 'behind-side-cross',
  volta: 'cross-shuffle',
  'jazz-triangle': 'jazz-box',
  'step-together-step': 'chasse',
  'back-lock-back': 'lock-step',
};

/** Two steps and a way of turning say too little by themselves to be given a name; a heel grind is a heel that takes weight. */
const UNNAMED: ReadonlySet<string> = new Set(['press-recover', 'side-together', 'side-touch', 'cross-point', 'step-point', 'point-step', 'touch-out-in', 'heel-toe', 'turn-touch', 'skate-touch', 'step-slap', 'heel-slap', 'brush-hitch', 'push-turn', 'full-turn', 'spiral', 'rumba-box', 'heel-grind']); // prettier-ignore

describe('naming', () => {
  const named = FIGURES.filter(
    ({ id, family, forms }) => family !== 'single' && !UNNAMED.has(id) && forms[0].steps.length > 1,
  );

  test.each(named.map((figure) => [figure.id, figure] as const))('%s spelt out gets its name back', (id, figure) => {
    for (const [before, lead] of [
      ['L', 'R'],
      ['R', 'L'],
    ]) {
      const foot = figure.bare === 'way' ? '' : ` ${lead}`;
      const danced = lineOf(`${printCounts(figure.forms[0].rhythms[0])} ${houseName(figure)}${foot}`, before);
      const spelt = lineOf(expandLine(danced), before);
      const found = nameMoments(spelt.moments);
      expect([id, TWINS[id] ?? id]).toContain(found?.figure.id);
      // The name it is given dances the same feet; twins differ in how small their steps are.
      if (TWINS[id]) continue;
      expect(places(lineOf(`${printCounts(figure.forms[0].rhythms[0])} ${found?.words}`, before))).toEqual(
        places(danced),
      );
    }
  });

  test('a turning name is given only when there is a turn', () => {
    const name = (line: string, before = 'L') => nameMoments(lineOf(line, before).moments)?.words;
    expect(name('1&2 step R behind L, step L side, step R over L')).toBe('Behind side cross R');
    expect(name('1&2 step R behind L turning 1/4 right, step L side, step R forward')).toBe(
      'Sailor R turning 1/4 right',
    );
    expect(name('1&2 step L back, close R, step L forward', 'R')).toBe('Coaster L');
    expect(name('1-4 step R side, step L behind R, step R forward turning 1/4 right, touch L')).toBe(
      'Vine R turning 1/4 right',
    );
    expect(name('1-2 step R side, touch L')).toBeUndefined();
  });

  test('lines are named and spelt out in place, whatever stands around them', () => {
    const text =
      '# Ebb\n## Section 1\n1&2 Step R back, L together, step R forward "back"\n3-4 Rock L forward, recover R\n5-8 Walk L R L R\n';
    const dance = danceOf(text);
    const whole = { from: 0, to: Infinity };
    const namedText = applyEdits(text, nameLines(dance, whole));
    expect(namedText).toBe(text.replace('Step R back, L together, step R forward', 'Coaster R'));
    const spelt = applyEdits(namedText, expandLines(danceOf(namedText), { from: 2, to: 2 }));
    expect(spelt).toContain('1&2    Step R back, close L, step R forward "back"\n3-4 Rock L');
  });
});

describe('mirroring lines', () => {
  const text =
    '# Ebb\n## Section 1\n1-2 Step R forward, pivot 1/4 left (9:00)\n3&4 Shuffle RF forward\n5-8 Vine left, touch right beside left\n';

  test('swaps feet, sides and turns, and puts the hours to the other side', () => {
    expect(applyEdits(text, mirrorLines(danceOf(text), { from: 2, to: 4 }))).toBe(
      '# Ebb\n## Section 1\n1-2 Step L forward, pivot 1/4 right (3:00)\n3&4 Shuffle LF forward\n5-8 Vine right, touch left beside right\n',
    );
  });

  test('twice gives the text back', () => {
    const once = applyEdits(text, mirrorLines(danceOf(text), { from: 2, to: 4 }));
    expect(applyEdits(once, mirrorLines(danceOf(once), { from: 2, to: 4 }))).toBe(text);
  });
});

describe('repeating lines', () => {
  const text = '# Ebb\n## Section 1\n1-2    Rock R side, recover L turning 1/4 left (9:00)\n3&4    Cross shuffle R\n';

  test('goes on at the counts and the wall that follow', () => {
    expect(applyEdits(text, repeatLines(danceOf(text), { from: 2, to: 3 }, false) ?? [])).toBe(
      `${text}5-6    Rock R side, recover L turning 1/4 left (6:00)\n7&8    Cross shuffle R\n`,
    );
  });

  test('on the other foot turns the other way, back to where it began', () => {
    const doubled = applyEdits(text, repeatLines(danceOf(text), { from: 2, to: 3 }, true) ?? []);
    expect(doubled).toBe(`${text}5-6    Rock L side, recover R turning 1/4 right (12:00)\n7&8    Cross shuffle L\n`);
    expect(danceOf(doubled).netTurn).toBe(0);
  });

  test('is not done where nothing is counted', () => {
    expect(repeatLines(danceOf(text), { from: 0, to: 1 }, true)).toBeUndefined();
  });
});

describe('tempo', () => {
  const text = '# Ebb\n## Section 1\n1&2    Coaster R\n3-4    Rock L forward, recover R\n5-8    Walk L R L R\n';

  test('twice the counts moves the rest along and states the new length', () => {
    const slow = applyEdits(text, changeTempo(danceOf(text), { from: 2, to: 2 }, 'double') ?? []);
    expect(slow).toBe(
      '# Ebb\n## Section 1 (10 counts)\n1-3    Coaster R\n5-6    Rock L forward, recover R\n7-10   Walk L R L R\n',
    );
  });

  test('halving what was doubled gives the text back', () => {
    const rocks = { from: 3, to: 4 };
    const slow = applyEdits(text, changeTempo(danceOf(text), rocks, 'double') ?? []);
    expect(slow).not.toBe(text);
    expect(applyEdits(slow, changeTempo(danceOf(slow), rocks, 'halve') ?? [])).toBe(text);
  });

  test('nothing gets quicker than a quarter count', () => {
    const quick = '## Section 1\n1e&a2 Run R L R L R\n';
    expect(changeTempo(danceOf(quick), { from: 1, to: 1 }, 'halve')).toBeUndefined();
  });
});

describe('moving sections', () => {
  const text =
    '# Ebb\n\n## Section 1: vines\n1-8 K step R\n\n## Section 2: rocks\n1-4 Rocking chair R\n> softly\n\n## Plan\nwall 2: restart after 4\n';
  const move = (from: string, line: number, by: 1 | -1) => {
    const dance = danceOf(from);
    const section = sectionAtLine(dance.script, line);
    const moved = section && moveSection(dance, section, by);
    return moved && { text: applyEdits(from, moved.edits), position: moved.position };
  };

  test('the text changes places, the numbers stay in order, and back again gives the text back', () => {
    const up = move(text, 6, -1);
    expect(up?.text).toBe(
      '# Ebb\n\n## Section 1: rocks\n1-4 Rocking chair R\n> softly\n\n## Section 2: vines\n1-8 K step R\n\n## Plan\nwall 2: restart after 4\n',
    );
    expect(up?.text.slice(up.position).startsWith('## Section 1: rocks')).toBe(true);
    expect(move(up?.text ?? '', 2, 1)?.text).toBe(text);
  });

  test('the first goes no further up, the last no further down', () => {
    expect(move(text, 3, -1)).toBeUndefined();
    expect(move(text, 6, 1)).toBeUndefined();
  });
});

describe('tidying', () => {
  test('a sheet by other hands with a figure of one’s own is tidied with it, and read back as the same dance', () => {
    const personal = '## Figure "quay step" 1&2: A side, B behind, A tog\n';
    const sheet = 'QUAY WALK\n\nSection 1\n1&2 quay step R\n3&4 quay step L\n5-8 Vine R, touch L\n';
    const tidied = tidyScript(danceScript(readScript(sheet, personal)), SLATE_STYLE);
    expect(tidied).not.toBe(sheet);
    expect(tidied).toContain('## Section 1');
    const feet = (text: string) => danceScript(readScript(text, personal)).parts[0].moments.map(({ action }) => action.foot).join(''); // prettier-ignore
    expect(feet(tidied)).toBe('RLRLRLRLRL');
    expect(feet(tidied)).toBe(feet(sheet));
  });

  test('fills in counts, takes one name a figure, and changes nothing the second time', () => {
    const typed = '# Ebb\n## Section 1\n1&2 triple step r f\ncoaster l\n5-8 grapevine r w/ ¼ turn r\n';
    for (const style of HOUSE_STYLES) {
      const tidied = tidyScript(danceOf(typed), style);
      expect(tidyScript(danceOf(tidied), style)).toBe(tidied);
    }
    expect(tidyScript(danceOf(typed), SLATE_STYLE)).toBe(
      '# Ebb\n\n## Section 1\n1&2    Shuffle R forward\n3&4    Coaster L\n5-8    Vine R turning 1/4 right\n',
    );
  });

  test('of some lines leaves the others as they are', () => {
    const typed = '## Section 1\n1&2 triple step r f\n3&4   triple step l f\n5-8 walk r l r l';
    expect(applyEdits(typed, tidyLines(danceOf(typed), { from: 2, to: 2 }, SLATE_STYLE))).toBe(
      '## Section 1\n1&2 triple step r f\n3&4    Shuffle L forward\n5-8 walk r l r l',
    );
  });
});

test('a dance takes along the own figures it uses and no others', () => {
  const personal = '## Figure "harbour step" 1&2: A side, B behind, A tog\n\n## Figure "quay turn" 1-2: A fwd, B fwd\n';
  const text = '# Ebb\n## Section 1\n1&2 Harbour step R\n';
  const dance = danceScript(readScript(text, personal));
  expect(dance.parts[0].sections[0].lines[0].understood).toBe(true);
  const carried = withOwnFigures(text, dance);
  expect(carried).toBe(`${text}\n## Figure "harbour step" 1&2: A side, B behind, A tog\n`);
  expect(withOwnFigures(carried, danceScript(readScript(carried, personal)))).toBe(carried);
});

describe('mirroring in three languages', () => {
  test.each([
    ['1 rechte Ferse vorn auftippen', '1 linke Ferse vorn auftippen'],
    [
      '1-2 Rock vor mit dem rechten Fuß, Gewicht zurück auf links',
      '1-2 Rock vor mit dem linken Fuß, Gewicht zurück auf rechts',
    ],
    ['3&4 Shuffle links herum, LF über RF', '3&4 Shuffle rechts herum, RF über LF'],
    ['1 pied droit en avant', '1 pied gauche en avant'],
    ['2 pied gauche en arrière', '2 pied droit en arrière'],
    ['3 pointe gauche à gauche', '3 pointe droite à droite'],
    ['4 Talon gauche devant, PG croisé devant PD', '4 Talon droit devant, PD croisé devant PG'],
    ['5&6 Pas chassé D G D', '5&6 Pas chassé G D G'],
    ['7&8 Triple DGD', '7&8 Triple GDG'],
    ['1-2 Step R forward, turn 1/4 clockwise', '1-2 Step L forward, turn 1/4 anticlockwise'],
  ])('%s', (line, mirrored) => {
    expect(mirrorSides(line)).toBe(mirrored);
    expect(mirrorSides(mirrored)).toBe(line);
  });

  test('every word that is read as a side or a foot has its other side, and reads as that', () => {
    for (const [word, foot] of [...Object.entries(SIDE_WORDS), ...Object.entries(FOOT_WORDS)])
      expect([word, sideNamed(mirrorSides(word))]).toEqual([word, foot === 'R' ? 'L' : 'R']);
  });

  test.each([
    ['start: weight R\n\n## Section 1 (1 count)\n1 rechte Ferse vorn auftippen', '1 linke Ferse vorn auftippen'],
    ['start: weight R\n\n## Section 1 (1 count)\n1 pied droit en avant', '1 pied gauche en avant'],
  ])('the wrong foot is mended in the language it is written in', (text, mended) => {
    const fix = studyText(text).findings.find(({ code }) => code === 'foot-not-free')?.fix;
    expect(applyEdits(text, fix?.edits ?? [])).toBe(text.replace(/1 [rp].*$/, mended));
  });
});
