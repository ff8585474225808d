/** What holds a sheet together in German and French: plans, headings, facts, repeats and marks, each with what it is read as. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { printPlanItem } from '../printing/plan';
import { lex } from './lexer';
import { readHeaderLines } from '../reading/header';
import { readHeading } from './heading';
import { languageOf } from '../vocabulary/language';
import { readMarks } from '../reading/marks';
import { readStretch } from './option';
import { readPlanLine } from './plan';
import { readRepeat } from './repeat';

const planned = (line: string): string =>
  readPlanLine(line)
    .map((item) => printPlanItem(item, line))
    .join('; ');

describe('plan lines', () => {
  test.each([
    ['Wand 3: Restart nach 16', 'wall 3: restart after 16'],
    ['Restart auf Wand 3 nach 16 Taktschlägen', 'wall 3: restart after 16'],
    ['Restart in der 3. Runde nach 16 Counts (6 Uhr)', 'wall 3: restart after 16 (6:00)'],
    ['Wände 3, 6: Restart nach Abschnitt 2', 'walls 3, 6: restart after section 2'],
    ['Waende 3 und 6: Neustart nach 16', 'walls 3, 6: restart after 16'],
    ['jede Wand: Tag', 'every wall: tag'],
    ['jede 3. Wand: Restart nach 16', 'every 3rd wall: restart after 16'],
    ['ungerade Wände: Tag Laterne', 'odd walls: tag Laterne'],
    ['gerade Wände: Tag Laterne x2', 'even walls: tag Laterne x2'],
    ['letzte Wand: Ende nach 12, dann Schritt R vor', 'last wall: ending after 12, then Schritt R vor'],
    ['Ende: Wand 9 nach 12 (12:00)', 'ending: wall 9 after 12 (12:00)'],
    ['Brücke am Ende von Wand 2', 'wall 2: tag'],
    ['Wände mit Beginn 6:00: Restart nach 8', 'walls starting 6:00: restart after 8'],
    ['Wand 3: Restart nach 16 (ohne &)', 'wall 3: restart after 16 (no &)'],
    ['Wand 3: ändere 15-16 zu Schritt L zurück, tippen R', 'wall 3: change 15-16 to Schritt L zurück, tippen R'],
    ['Reihenfolge: A B A(16) B', 'order: A B A(16) B'],
    ['2. A: Restart nach 16', '2nd A: restart after 16'],
    ['Keine Tags, keine Restarts', 'Keine Tags, keine Restarts'],
    ['mur 3 : restart après 16', 'wall 3: restart after 16'],
    ['Restart au mur 3 après 16 temps', 'wall 3: restart after 16'],
    ['Reprise au 3e mur après 16 comptes (6h)', 'wall 3: restart after 16 (6:00)'],
    ['murs 3, 6 : restart apres section 2', 'walls 3, 6: restart after section 2'],
    ['chaque mur : tag', 'every wall: tag'],
    ['murs impairs : tag lanterne', 'odd walls: tag lanterne'],
    ['murs pairs : tag lanterne', 'even walls: tag lanterne'],
    ['dernier mur : finale après 12, puis pas D avant', 'last wall: ending after 12, then pas D avant'],
    ['finale : mur 9 après 12 (12:00)', 'ending: wall 9 after 12 (12:00)'],
    ['Pont à la fin du mur 2', 'wall 2: tag'],
    ['mur 3 : restart après 16 (sans &)', 'wall 3: restart after 16 (no &)'],
    ['mur 3 : changer 15-16 en pas G arrière, touche D', 'wall 3: change 15-16 to pas G arrière, touche D'],
    ['ordre : A B A(16) B', 'order: A B A(16) B'],
    ['1er, 3e A : restart après 16', '1st, 3rd A: restart after 16'],
    ['Ni tag, ni restart.', 'Ni tag, ni restart.'],
    ['muur 3: herstart na 16', 'wall 3: restart after 16'],
    ['Herstart in muur 5 na 16 tellen', 'wall 5: restart after 16'],
    ['elke 3e muur: brug', 'every 3rd wall: tag'],
    ['Brug aan het einde van muur 2', 'wall 2: tag'],
    ['laatste muur: einde na 12', 'last wall: ending after 12'],
    ['volgorde: A B A(16) B', 'order: A B A(16) B'],
    ['Geen tags, geen restarts', 'Geen tags, geen restarts'],
  ])('%s', (line, english) => expect(planned(line)).toBe(english));

  test('places point into the line as it was written', () => {
    const line = 'Restart auf Wand 12 nach 16 Taktschlägen (6 Uhr)';
    const [item] = readPlanLine(line);
    if (item.kind !== 'restart' || !item.place) throw new Error('no restart');
    expect(line.slice(item.place.span.from, item.place.span.to)).toBe('nach 16 Taktschlägen');
    expect(line.slice(item.walls.span.from, item.walls.span.to)).toBe('auf Wand 12');
  });
});

describe('headings', () => {
  test.each([
    ['## Abschnitt 2: Wiegeschritte (4 Counts)', { kind: 'section', number: 2, title: 'Wiegeschritte', counts: 4 }],
    ['Abschnitt 2', { kind: 'section', number: 2 }],
    ['## Abschnitt 3 = Abschnitt 1 gespiegelt', { kind: 'section', copy: { of: 1, mirrored: true } }],
    ['## Section 3 = Section 1 en miroir', { kind: 'section', copy: { of: 1, mirrored: true } }],
    ['## Section 2 : pas chassés (4 temps)', { kind: 'section', number: 2, title: 'pas chassés', counts: 4 }],
    ['## Partie 2', { kind: 'section', number: 2 }],
    ['## Teil A (24 Counts)', { kind: 'part', name: 'A', counts: 24 }],
    ['## Partie A', { kind: 'part', name: 'A' }],
    ['## Bloc B', { kind: 'part', name: 'B' }],
    ['## Brücke "Laterne"', { kind: 'tag', name: 'Laterne' }],
    ['## Pont', { kind: 'tag', name: '' }],
    ['## Ende', { kind: 'ending' }],
    ['## Finale', { kind: 'ending' }],
    ['## Sectie 2: wiegen (4 tellen)', { kind: 'section', number: 2, title: 'wiegen', counts: 4 }],
    ['## Deel A', { kind: 'part', name: 'A' }],
    ['## Brug', { kind: 'tag', name: '' }],
    ['## Einde', { kind: 'ending' }],
  ])('%s', (line, heading) => expect(readHeading(line, true)).toMatchObject(heading));

  test.each([
    ['Option "ohne Drehung": Abschnitt 3 Count 7 bis Abschnitt 4 Count 4'],
    ['Option "sans tour" : section 3 temps 7 à section 4 temps 4'],
  ])('%s', (heading) =>
    expect(readStretch(heading)).toMatchObject({ from: { section: 3, count: 7 }, to: { section: 4, count: 4 } }),
  );
});

describe('facts', () => {
  test.each([
    ['Musik: Slack Water', 'music'],
    ['Wände: 4', 'walls'],
    ['Waende: 4', 'walls'],
    ['Choreografie: Wren', 'author'],
    ['Datum: 3. Mai', 'date'],
    ['musique : Slack Water', 'music'],
    ['murs : 4', 'walls'],
    ['temps : 32', 'counts'],
    ['départ : poids G', 'start'],
    ['Chorégraphe : Wren', 'author'],
    ['niveau : débutant', 'level'],
    ['Muziek: Laagwater', 'music'],
    ['muren: 4', 'walls'],
  ])('%s', (line, key) => expect(readHeaderLines(line, 0)).toMatchObject([{ key, value: line.split(/ ?: /)[1] }]));

  test('several in one line, each with its own place', () => {
    const line = 'Count: 32   Wall: 4   Level: Improver';
    const entries = readHeaderLines(line, 100);
    expect(entries.map(({ key, value }) => [key, value])).toEqual([['counts', '32'], ['walls', '4'], ['level', 'Improver']]); // prettier-ignore
    for (const { value, valueSpan } of entries)
      expect(line.slice(valueSpan.from - 100, valueSpan.to - 100)).toBe(value);
  });
});

describe('repeats', () => {
  test.each([
    ['Wiederhole 1-4 gegengleich', { counts: { from: 1, to: 4, and: false }, mirrored: true }],
    ['Wiederholen Abschnitt 2 zweimal', { section: 2, times: 2 }],
    ['wiederhole die ersten 4 Counts beginnend L', { counts: { from: 1, to: 4, and: false }, lead: 'L' }],
    ["Répéter 1-4 de l'autre pied", { counts: { from: 1, to: 4, and: false }, mirrored: true }],
    ['répétez section 2 deux fois', { section: 2, times: 2 }],
    ['répéter les 4 derniers temps en commençant G', { last: 4, lead: 'L' }],
    ['Herhaal 1-4 met links', { counts: { from: 1, to: 4, and: false }, lead: 'L' }],
    ['Same thing going left', { lead: 'L', mirrored: false }],
    ['all that to the left', { lead: 'L' }],
    ['das Ganze noch einmal', { times: 1 }],
  ])('%s', (line, repeat) => expect(readRepeat(line, 0)).toMatchObject(repeat));
});

describe('marks', () => {
  test.each([
    ['(Gewicht R)', 'R'],
    ['(Gewicht am Ende links)', 'L'],
    ['(poids D)', 'R'],
    ['(poids sur PG)', 'L'],
    ['(poids sur les deux)', 'both'],
    ['(Gewicht beide)', 'both'],
    ['(sans poids)', 'none'],
    ['(ohne Gewicht)', 'none'],
  ])('%s', (mark, weight) => expect(readMarks(mark).marks.weightClaims).toMatchObject([{ weight }]));
  test.each([
    ['[Wände 2, 5: Arme weit]', [2, 5]],
    ['[murs 2, 5 : bras ouverts]', [2, 5]],
    ['[Wand 2: Arme weit]', [2]],
  ])('%s', (mark, walls) => expect(readMarks(mark).marks.notes).toMatchObject([{ walls }]));
  test('a wall’s own facing', () => {
    expect(readMarks('(Wand 3: 6:00)').marks.wallClaims).toMatchObject([{ wall: 3, facing: 24 }]);
    expect(readMarks('(mur 3: 6:00)').marks.wallClaims).toMatchObject([{ wall: 3, facing: 24 }]);
  });
});

test('tokens stand in order, each cutting out its own words, whatever the line', () => {
  const words = fc.array(
    fc.constantFrom('Wand', 'nach', 'Abschnitt', '3', '16', 'mur', 'à la fin du', 'après', 'x2', 'Ende,', '2.', '3e', '6 Uhr', 'w3', '"ebb"', '(9:00)', '1/2', '7&8', '´'), // prettier-ignore
    { maxLength: 12 },
  );
  fc.assert(
    fc.property(words, fc.string(), (parts, noise) => {
      const line = `${parts.join(' ')}${noise}`;
      let last = 0;
      for (const { from, to, text } of lex(line)) {
        expect(from >= last && to > from && line.slice(from, to) === text).toBe(true);
        last = to;
      }
    }),
  );
});

test.each([
  ['1-4 Schritt R vor, 1/2 Drehung links herum', 'de'],
  ['1-4 Pas D avant, 1/2 tour à gauche', 'fr'],
  ['1-4 Step R forward, pivot 1/2 left', 'en'],
  ['1-4 Vine R', 'en'],
  ['', 'en'],
])('%s is recognised', (text, language) => expect(languageOf(text)).toBe(language));
