/** The words of each language against the handbook's table of terms (6-languages), and the sheet's sentences by hand. */
import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { danceScript } from '../dancing/dance';
import { readScript } from '../page/read-script';
import { readStepLine } from '../reading/line';
import { studyText } from '../study';
import { LANGUAGES } from '../vocabulary/figures';
import { viewSheet } from '../views/sheet';
import { SHEET_WORDS } from '../views/sheet-words';
import { viewCueCard, viewSummary } from '../views/short-sheets';
import { momentsWords } from './actions';
import { printStepLine } from './calls';
import { levelOf } from './script';
import { HOUSE_STYLES, inLanguage, SLATE_STYLE } from './style';
import { LEVELS, TONGUES } from './tongues';

const danced = (line: string, weight: string): string =>
  danceScript(readScript(`start: weight ${weight}\n\n## Section 1\n${line}`))
    .parts.flatMap(({ sections }) => sections.flatMap(({ lines }) => lines.map(({ moments }) => momentsWords(moments))))
    .join('; ');

describe('terms of the handbook’s table, as they are typed, dance the actions they stand for', () => {
  test.each([
    // Forward, back, side; together; cross over and behind.
    ['1 Schritt R vor', '1 R forward'],
    ['1 Schritt R nach vorne', '1 R forward'],
    ['1 Schritt mit rechts nach hinten', '1 R back'],
    ['1 rechten Fuß zur Seite setzen', '1 R side'],
    ['1 rechten Fuss neben links absetzen', '1 R together'],
    ['1 RF heransetzen', '1 R together'],
    ['1 rechts über links kreuzen', '1 R cross'],
    ['1 rechts hinter links kreuzen', '1 R behind'],
    ['1 R vor dem linken Fuß kreuzen', '1 R cross'],
    ['1 Pas D en avant', '1 R forward'],
    ['1 Avancer PD', '1 R forward'],
    ['1 Pas D en arrière', '1 R back'],
    ['1 PD à droite', '1 R side'],
    ['1 Assembler PD', '1 R together'],
    ['1 Croiser PD devant PG', '1 R cross'],
    ['1 Croise PD derrière PG', '1 R behind'],
    // Rock, recover.
    ['1-2 Rock vorwaerts rechts, Gewicht zurueck auf links', '1 R rock forward; 2 L recover'],
    ['1-2 Rock step PD avant, revenir sur PG', '1 R rock forward; 2 L recover'],
    ['1-2 Rock PD de côté, remettre le poids sur PG', '1 R rock side; 2 L recover'],
    // Touch, tap, point; heel and toe; kick, hitch, brush, scuff, stomp.
    ['1 rechten Fuß auftippen', '1 [R touch together]'],
    ['1 rechte Ferse vorn auftippen', '1 [R heel forward]'],
    ['1 Touche PD à côté', '1 [R touch together]'],
    ['1 Pointe PD à droite', '1 [R point side]'],
    ['1 Talon PD devant', '1 [R heel forward]'],
    ['1 rechtes Knie anheben', '1 [R hitch]'],
    ['1 Brosser PD', '1 [R brush forward]'],
    ['1 mit rechts aufstampfen', '1 R stomp place'],
    // Hold, clap, snap.
    ['1 halten', '1 hold'],
    ['1 Pause', '1 hold'],
    ['1 klatschen', '1 clap'],
    ['1 frapper dans les mains', '1 clap'],
    // Turns.
    ['1-2 Schritt R vor, Pivot 1/2 links herum', '1 R forward; 2 L pivot, 1/2 left'],
    ['1-2 Pas D avant, pivoter 1/2 tour à gauche', '1 R forward; 2 L pivot, 1/2 left'],
    ['1 Schritt R vor mit 1/4 Drehung rechts herum', '1 R forward, 1/4 right'],
    ['1 Pas D avant avec 1/4 de tour à droite', '1 R forward, 1/4 right'],
    ['1 Schritt R vor mit Vierteldrehung rechts herum', '1 R forward, 1/4 right'],
    ["1 Pas D avant avec quart de tour par l'épaule droite", '1 R forward, 1/4 right'],
    // Shuffle, chassé, cross shuffle, cross samba, vine.
    ['1&2 Wechselschritt vor mit rechts', '1 R forward; & L together; 2 R forward'],
    ['1&2 Pas chassé PD avant', '1 R forward; & L together; 2 R forward'],
    ['1&2 Chassé nach rechts', '1 R side; & L together; 2 R side'],
    ['1&2 Chassé croisé PD', '1 R cross; & L side; 2 R cross'],
    ['1&2 Polysta PD', '1 R cross; & L side; 2 R recover'],
    ['1-4 Vigne à droite, touche', '1 R side; 2 L behind; 3 R side; 4 [L touch together]'],
    ['1&2 Kick ball change PD', '1 [R kick forward]; & R together; 2 L place'],
  ])('%s', (line, actions) => expect(danced(line, 'L')).toBe(actions));
});

test('printed in each language and each style, by hand', () => {
  const line = '5-6 Step R forward, pivot 1/2 left';
  const turned = '1&2 Shuffle L forward turning 1/4 right (weight L)';
  const printed = (text: string, language: 'de' | 'fr', style = SLATE_STYLE) =>
    printStepLine(readStepLine(text), { style: inLanguage(style, language) }).replace(/\s+/g, ' ');
  const [, words, pocket] = HOUSE_STYLES;
  expect([printed(line, 'de'), printed(line, 'fr')]).toEqual([
    '5-6 Schritt R vor, Pivot 1/2 links herum',
    '5-6 Pas D avant, pivot 1/2 à gauche',
  ]);
  expect([printed(turned, 'de'), printed(turned, 'fr')]).toEqual([
    '1&2 Shuffle L vor mit 1/4 Drehung rechts herum (Gewicht L)',
    '1&2 Pas chassé G avant avec 1/4 de tour à droite (poids G)',
  ]);
  expect([printed(turned, 'de', words), printed(turned, 'fr', words)]).toEqual([
    '1&2 Shuffle links vor mit 1/4 Drehung über die rechte Schulter (Gewicht L)',
    "1&2 Pas chassé gauche avant avec 1/4 de tour par l'épaule droite (poids G)",
  ]);
  expect([printed(turned, 'de', pocket), printed(turned, 'fr', pocket)]).toEqual([
    '1&2 Shuffle L vor ¼ rechts herum (Gewicht L)',
    '1&2 pas chassé G avant ¼ à droite (poids G)',
  ]);
});

test('every language has every word, and no two directions or fractions share one', () => {
  for (const language of LANGUAGES) {
    const { directions, fractions, levels, keys } = TONGUES[language];
    for (const table of [directions, fractions, levels, keys]) {
      const words = Object.values(table);
      expect(new Set(words).size).toBe(words.length);
      expect(words.every((word) => word.trim() !== '')).toBe(true);
    }
    for (const level of LEVELS) expect(levelOf(levels[level].toUpperCase())).toBe(level);
    expect(Object.keys(SHEET_WORDS[language].cautions)).toEqual(Object.keys(SHEET_WORDS.en.cautions));
    // Every caution about turning, landing and bending defers to those who know.
    for (const care of ['turning', 'landing', 'bending'] as const)
      expect(SHEET_WORDS[language].cautions[care]).toMatch(/doctor|Arztpraxis|médecin/);
  }
  expect(levelOf('sailing')).toBeUndefined();
});

describe('a whole sheet in German and French', () => {
  const { dance } = studyText(readFileSync('dances/low-tide-lanterns.txt', 'utf8'));
  test.each([
    [
      'de',
      'Wände',
      '4 (eine Wand dreht 1 1/4 links herum)',
      'Eine Wand dreht 1 1/4 links herum; das ergibt 4 Wände.',
      'Restart nach 16 Counts (Ende von Abschnitt 2), Richtung 9:00',
      'Wand 3, von 6:00 bis 9:00',
      'Seite 1 von 2',
    ],
    [
      'fr',
      'Murs',
      '4 (un mur tourne de 1 1/4 de tour à gauche)',
      'Un mur tourne de 1 1/4 de tour à gauche, ce qui donne 4 murs.',
      'restart après 16 temps (fin de la section 2), face à 9:00',
      'Mur 3, de 6:00 à 9:00',
      'page 1 sur 2',
    ],
  ] as const)('%s', (language, label, walls, sentence, restart, third, page) => {
    const sheet = viewSheet(dance, { language });
    expect(sheet.facts).toContainEqual([label, walls]);
    expect(sheet.wallsSentence).toBe(sentence);
    const notes = sheet.sections.flatMap(({ rows }) => rows.flatMap((row) => ('line' in row ? row.line.notes : [])));
    expect(notes).toEqual([`${label} 2, 5: arms wide`.replace('Murs', 'murs')]);
    expect(sheet.walls[2].happens).toEqual([restart]);
    expect(viewSheet(dance, { language, wall: 3 }).wall).toBe(third);
    expect(SHEET_WORDS[language].page(1, 2)).toBe(page);
    expect(viewSummary(dance, { language })[2]).toContain(restart);
  });

  test('the cue card tells typed cues as they are, the rest in the language', () => {
    const { sections } = viewCueCard(dance, { language: 'de' });
    expect(sections.map(({ name }) => name)).toEqual(['1', '2', '3', '4', 'Tag lamp']);
    expect(sections[2].cues).toEqual([
      'shuffle',
      'Shuffle L vor',
      'Schritt R vor, Pivot ½ links herum',
      'Shuffle R L R mit ganzer Drehung links herum',
    ]);
    expect(viewCueCard(dance, { wall: 3 }).sections.map(({ name, hour }) => [name, hour])).toEqual([['1', '6:00'], ['2', '9:00']]); // prettier-ignore
  });
});
