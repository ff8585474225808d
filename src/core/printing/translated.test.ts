/** Lines of a script that are no calls, put into each language and back: headings, facts, options, plans, repeats, marks. */
import { describe, expect, test } from '@jest/globals';
import { danceScript } from '../dancing/dance';
import { readScript } from '../page/read-script';
import { tidyScript } from '../rewriting/tidy';
import type { Language } from '../vocabulary/figures';
import { inLanguage, SLATE_STYLE } from './style';

const into = (text: string, language: Language): string =>
  tidyScript(danceScript(readScript(text)), inLanguage(SLATE_STYLE, language));

const HEAD = '# Tide\n\n## Section 1: vines\n1-4    Vine R\n5-8    Vine L\n';

/** English, German, French; each comes back as the first. */
const TABLE: [english: string, german: string, french: string][] = [
  ['## Section 2: vines', '## Abschnitt 2: vines', '## Section 2 : vines'],
  ['## Section 2: vines (4 counts)', '## Abschnitt 2: vines (4 Counts)', '## Section 2 : vines (4 temps)'],
  ['## Section 2 = Section 1 mirrored', '## Abschnitt 2 = Abschnitt 1 gespiegelt', '## Section 2 = Section 1 en miroir'],
  ['## Part B (16 counts)', '## Teil B (16 Counts)', '## Partie B (16 temps)'],
  ['## Tag lamp (4 counts)', '## Tag lamp (4 Counts)', '## Tag lamp (4 temps)'],
  ['## Tag "two lamps"', '## Tag "two lamps"', '## Tag "two lamps"'],
  ['## Ending', '## Ende', '## Finale'],
  ['## Option "no turn": section 1 count 5 to section 1 count 8', '## Option "no turn": Abschnitt 1 Count 5 bis Abschnitt 1 Count 8', '## Option "no turn" : section 1 temps 5 à section 1 temps 8'],
  ['> softly now', '> softly now', '> softly now'],
  ['       option easy: walk R, walk L', '       option easy: gehen R, gehen L', '       option easy: marche D, marche G'],
  ['## Plan\nwalls 2, 4: tag lamp', '## Plan\nWände 2, 4: Tag lamp', '## Plan\nmurs 2, 4 : tag lamp'],
  ['## Plan\nodd walls: restart after section 1', '## Plan\nungerade Wände: Restart nach Abschnitt 1', '## Plan\nmurs impairs : restart après section 1'],
  ['## Plan\nevery 3rd wall: restart after 4&', '## Plan\njede 3. Wand: Restart nach 4&', '## Plan\nchaque 3e mur : restart après 4&'],
  ['## Plan\nwalls starting 6:00: restart after section 1 count 4', '## Plan\nWände mit Beginn 6:00: Restart nach Abschnitt 1 Count 4', '## Plan\nmurs commençant à 6:00 : restart après section 1 temps 4'],
  ['## Plan\nwall 3: change 5-8 to walk R, walk L', '## Plan\nWand 3: ändere 5-8 zu gehen R, gehen L', '## Plan\nmur 3 : changer 5-8 en marche D, marche G'],
  ['## Plan\nwall 3: tag: hold x4', '## Plan\nWand 3: Tag: halten x4', '## Plan\nmur 3 : tag : pause x4'],
  ['## Plan\nending: wall 9 after 4 (12:00), then step R forward', '## Plan\nEnde: Wand 9 nach 4 (12:00), dann Schritt R vor', '## Plan\nfinale : mur 9 après 4 (12:00), puis pas D avant'],
  ['## Plan\nlast wall: ending after 4', '## Plan\nletzte Wand: Ende nach 4', '## Plan\ndernier mur : finale après 4'],
  ['## Plan\norder: A B A(16) B', '## Plan\nReihenfolge: A B A(16) B', '## Plan\nordre : A B A(16) B'],
  ['## Plan\n2nd A: restart after 4', '## Plan\n2. A: Restart nach 4', '## Plan\n2e A : restart après 4'],
  ['## Plan\nNo tags, no restarts.', '## Plan\nKeine Tags, keine Restarts.', '## Plan\nNi tag, ni restart.'],
  ['## Section 2\n1-4    Vine R\n5-8    Repeat 1-4 on the other foot', '## Abschnitt 2\n1-4    Vine R\n5-8    Wiederhole 1-4 gegengleich', "## Section 2\n1-4    Vigne D\n5-8    Répéter 1-4 de l'autre pied"],
  ['## Section 2\n1-8    Repeat section 1 leading L', '## Abschnitt 2\n1-8    Wiederhole Abschnitt 1 beginnend L', '## Section 2\n1-8    Répéter section 1 en commençant G'],
  ['## Section 2\n1-2    Rock R side (weight R)', '## Abschnitt 2\n1-2    Rock R zur Seite (Gewicht R)', '## Section 2\n1-2    Rock step D de côté (poids D)'],
  ['## Section 2\n1-2    Sway R, sway L (weight both) [walls 2, 4: arms wide] "sway"', '## Abschnitt 2\n1-2    Hüften schwingen R, Hüften schwingen L (Gewicht beide) [Wände 2, 4: arms wide] "sway"', '## Section 2\n1-2    Balancer D, balancer G (poids deux) [murs 2, 4: arms wide] "sway"'],
  ['## Section 2\n1-2    (Step R forward, pivot 1/4 left) x2', '## Abschnitt 2\n1-2    (Schritt R vor, Pivot 1/4 links herum) x2', '## Section 2\n1-2    (Pas D avant, pivot 1/4 à gauche) x2'],
  ['## Section 2\n1-4    Coaster R, first 2 counts', '## Abschnitt 2\n1-4    Coaster R, erste 2 Counts', '## Section 2\n1-4    Coaster D, 2 premiers temps'],
]; // prettier-ignore

describe.each(TABLE)('%s', (english, german, french) => {
  const body = (text: string): string => text.slice(text.indexOf('\n\n', text.indexOf('Vine L')) + 2).trimEnd();
  const tail = (text: string, steps: string): string => {
    const lines = text.trimEnd().split('\n');
    return lines
      .slice(lines.findIndex((line) => line.includes(steps)) + 1)
      .join('\n')
      .trim();
  };
  const text = `${HEAD}\n${english}\n`;
  test('is said in German and French, and comes back', () => {
    expect(tail(into(text, 'de'), '5-8    Vine L')).toBe(german.trim());
    expect(tail(into(text, 'fr'), '5-8    Vigne G')).toBe(french.trim());
    expect(body(into(into(into(text, 'de'), 'fr'), 'en')).trim()).toBe(english.trim());
  });
});

test.each([
  ['music: Slack Water', 'Musik: Slack Water', 'musique : Slack Water'],
  ['level: intermediate', 'Level: Mittelstufe', 'niveau : intermédiaire'],
  ['start: weight L', 'Start: Gewicht L', 'départ : poids G'],
  ['walls: 4 walls', 'Wände: 4 Wände', 'murs : 4 murs'],
  ['counts: 32 counts', 'Counts: 32 Counts', 'temps : 32 temps'],
  ['harbour: north', 'harbour: north', 'harbour: north'],
])('%s', (english, german, french) => {
  const text = `# Tide\n${english}\n`;
  const fact = (language: Language, from = text): string => into(from, language).split('\n')[1];
  expect([fact('de'), fact('fr')]).toEqual([german, french]);
  expect(fact('en', into(into(text, 'de'), 'fr'))).toBe(english);
});

test('without a language only calls are put into the house’s words', () => {
  const german =
    '# Tide\nMusik: Slack Water\n\n## Abschnitt 1\n1-2 Schritt R vor, Pivot 1/2 links herum (Gewicht L)\n\n## Plan\nReihenfolge: A B\n';
  const tidied = tidyScript(danceScript(readScript(german)), SLATE_STYLE);
  expect(tidied).toContain('1-2    Step R forward, pivot 1/2 left (Gewicht L)');
  expect(tidied).toContain('Musik: Slack Water');
  expect(tidied).toContain('Reihenfolge: A B');
});
