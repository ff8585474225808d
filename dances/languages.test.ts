/** Dances in three languages: put from one into the next they stay the same dance; sheets as people type them are read right. */
import { describe, expect, test } from '@jest/globals';
import { readFileSync, readdirSync } from 'node:fs';
import {
  hourOfFacing,
  HOUSE_STYLES,
  inLanguage,
  isAlarm,
  momentsWords,
  reportDance,
  studyText,
  tidyScript,
  type Language,
} from '../src/core/index';
import { checked } from './test/checked';
import { injectSlips } from './test/injector';
import { WORKED_DANCES } from './test/corpus';
import { PLANNED_DANCES } from './test/plans';

const DEMOS = readdirSync('dances')
  .filter((name) => name.endsWith('.txt'))
  .map((name) => [name, readFileSync(`dances/${name}`, 'utf8')] as const);

const ALL = [
  ...DEMOS,
  ...WORKED_DANCES.map(({ kind, text }) => [kind, text] as const),
  ...PLANNED_DANCES.map(({ kind, text }) => [kind, text] as const),
];

const [slate, , pocket] = HOUSE_STYLES;
const into = (text: string, language: Language, style = slate): string =>
  tidyScript(studyText(text).dance, inLanguage(style, language));

/** Every action of every part and tag, every wall, and what is found wrong. */
function substance(text: string) {
  const { dance, findings } = studyText(text);
  return {
    moments: [...dance.parts, ...dance.tags].flatMap(({ sections }) =>
      sections.map(({ lines, after }) => [
        lines.map(({ moments }) => momentsWords(moments)).join('; '),
        after.weight,
        hourOfFacing(after.facing),
      ]),
    ),
    walls: reportDance(dance, findings, 12).walls,
    slips: findings
      .filter(isAlarm)
      .map(({ code }) => code)
      .sort(),
  };
}

describe.each(ALL)('%s', (_, text) => {
  const english = into(text, 'en');
  test('goes from English to German, to French and back, letter for letter and step for step', () => {
    const german = into(english, 'de');
    const french = into(german, 'fr');
    expect(substance(german)).toEqual(substance(english));
    expect(substance(french)).toEqual(substance(english));
    expect(into(french, 'en')).toBe(english);
    expect(substance(english)).toEqual(substance(text));
  });

  test('comes back from the pocket card in another language', () => {
    for (const language of ['de', 'fr'] as const)
      expect(substance(into(text, language, pocket))).toEqual(substance(text));
  });
});

/** Typed by hand, as they go from mail to mail; weights and walls worked out on paper beside each. */
const SHEETS: readonly [name: string, text: string, ends: string[], walls: string[]][] = [
  [
    'German, with English figure names and umlauts written out',
    // 1 R chasse: R, rock L back recover R, L chasse: L, rock R back recover L. 2 R and half left on to L, R L R: R, L and half
    // right on to R, L R L: L. 3 jazz box quarter right: L at 3:00, then R side touch, L side touch: L.
    `Laternenwalzer ohne Walzer
Musik: Slack Water Reel
Counts: 24
Waende: 4
Start: Gewicht auf links

Abschnitt 1: Chasse und Rock
1&2 Chasse nach rechts
3-4 Rock zurueck mit links, Gewicht zurueck auf rechts
5&6 Chasse links
7-8 Rock rechts zurück, Gewicht zurück auf links

Abschnitt 2
1-2 Schritt nach vorn mit rechts, Pivot 1/2 links herum
3&4 Shuffle vor R
5-6 Schritt vor mit links, Pivot 1/2 rechts herum
7&8 Shuffle vor L

Abschnitt 3
1-4 Jazz Box R mit 1/4 Drehung rechts herum (3 Uhr)
5-6 Schritt rechts zur Seite, linken Fuß neben rechts auftippen
7-8 Schritt links zur Seite, R neben L auftippen

Restart auf Wand 3 nach 16 Taktschlägen`,
    ['L 12:00', 'L 12:00', 'L 3:00'],
    ['12:00', '3:00', '6:00', '6:00'],
  ],
  [
    'French, with D and G',
    // 1 R L R: R, rock L recover R, L R L: L, rock R recover L. 2 R and quarter left on to L, twice: L at 6:00; V step R L R L: L.
    `# Le Quai aux Lanternes
musique : Slack Water Reel
temps : 16
murs : 2
départ : poids G

## Section 1 : pas chassés
1&2 Pas chassé D en avant
3-4 Rock step G devant, retour sur D
5&6 Pas chassé G en arrière
7-8 Rock step D derrière, revenir sur PG

## Section 2
1-2 Poser D devant, pivoter 1/4 de tour à gauche
3-4 Pas D avant, pivot 1/4 de tour à gauche
5-8 V step D

Restart au mur 4 après 8 temps
Tag à la fin du mur 2 : balancer D, balancer G`,
    ['L 12:00', 'L 6:00'],
    ['12:00', '6:00', '12:00', '6:00', '6:00'],
  ],
  [
    'mixed: German sentences, English names, French feet',
    // 1 step R touch, step L touch, vine R touch: R. 2 coaster L R L: L, R L R: R, rock L recover R, L half left, touch: L at 6:00.
    `# Mixed at the ferry
Start: weight L

## Sektion 1
1-2 Step R side, touch L daneben
3-4 Pas G de côté, touche D ensemble
5-8 Vine rechts, touch
## Section 2
1&2 Coaster links
3&4 Shuffle R vor
5-6 Rock PG devant, Gewicht zurück R
7-8 Schritt L vor mit 1/2 Drehung links herum, touche D à côté`,
    ['R 12:00', 'L 6:00'],
    ['12:00', '6:00'],
  ],
  [
    'German as it is written in the clubs: foot by foot, dashes between, feet in brackets',
    // S1 R L R: chassé, L back recover R; L R L, R back recover L. S2 R L (walks), R fwd and 1/2 left on to L (6:00), R L R fwd,
    // L fwd recover R. S3 L back R together L fwd (coaster), R fwd 1/4 left on to L (3:00), R over L, L side, R behind L side... R over L:
    // cross R, side L, behind R, L 1/4 left forward (12:00). S4 R touch heel, R together, L heel, L together, V step R L R L: L.
    `# Nebel über dem Priel
Musik: Slack Water Reel - 110 bpm
Schwierigkeit: Anfänger
Wände: 1
Counts: 32
Start: Gewicht auf links

S1: Chassé r, rock back, chassé l, rock back
1&2 Schritt nach rechts mit rechts - linken Fuß an rechten heransetzen und Schritt nach rechts mit rechts
3-4 Schritt nach hinten mit links - Gewicht zurück auf den rechten Fuß
5&6 Schritt nach links mit links - rechten Fuß an linken heransetzen und Schritt nach links mit links
7-8 Schritt nach hinten mit rechts - Gewicht zurück auf den linken Fuß

S2: Walk 2, step, pivot 1/2 l, shuffle forward, rock forward
1-2 2 Schritte nach vorn (r - l)
3-4 Schritt nach vorn mit rechts - ½ Drehung links herum auf beiden Ballen, Gewicht am Ende links (6 Uhr)
5&6 Cha cha nach vorn (r - l - r)
7-8 Schritt nach vorn mit links, Gewicht zurück auf den rechten Fuß

S3: Coaster step, step, pivot 1/4 l, weave with 1/4 l
1&2 Schritt nach hinten mit links - rechten Fuß an linken heransetzen und Schritt nach vorn mit links
3-4 Schritt nach vorn mit rechts - ¼ Drehung links herum auf beiden Ballen, Gewicht am Ende links (3 Uhr)
5-6 Rechten Fuß über linken kreuzen - Schritt nach links mit links
7-8 Rechten Fuß hinter linken kreuzen - Schritt nach vorn mit links mit ¼ Drehung links herum (12 Uhr)

S4: Heels, V step
1-2 Rechte Hacke vorn auftippen - Rechten Fuß an linken heransetzen
3-4 Linke Hacke vorn auftippen - Linken Fuß an rechten heransetzen
5-6 Schritt nach schräg rechts vorn mit rechts - Schritt nach schräg links vorn mit links
7-8 Schritt nach hinten mit rechts - Linken Fuß an rechten heransetzen

Tag am Ende von Wand 2: Hüften schwingen R, Hüften schwingen L`,
    ['L 12:00', 'R 6:00', 'L 12:00', 'L 12:00'],
    ['12:00', '12:00'],
  ],
  [
    'French as it is written in the clubs: PD and PG, hours with h',
    // S1 R side, L together, R side, touch L; L 1/4 left forward (9:00), R, L shuffle: L R L. S2 R fwd, 1/2 left on to L (3:00),
    // R L R; L side recover R, L R L cross shuffle. S3 R side L behind R side... vine R touch: R; vine L 1/4 left (12:00), brush R.
    // S4 jazz box R with 1/4 right (3:00) R L R L; kick ball change R: R L; stomp R, stomp L: L.
    `# Brume sur l'estuaire
musique : Slack Water Reel
niveau : débutant
temps : 32
murs : 4
départ : poids PG

Section 1 : pas à droite, 1/4 de tour, shuffle
1-2 Pas PD à droite, assembler PG à côté du PD
3-4 Pas PD à droite, touche PG à côté du PD
5-6 Pas PG avant avec 1/4 de tour à gauche (9h), pas PD avant
7&8 Shuffle PG avant (G-D-G)

Section 2 : step turn, shuffle, rock de côté, chassé croisé
1-2 Pas PD avant, pivot 1/2 tour à gauche (3h)
3&4 Pas chassé PD avant
5-6 Rock step PG de côté, retour sur PD
7&8 Croiser PG devant PD, PD à droite, croiser PG devant PD

Section 3 : vignes
1-4 Vigne à droite, touche PG
5-8 Vigne à gauche avec 1/4 de tour à gauche, brosser PD (12h)

Section 4 : jazz box, kick ball change, stomps
1-2 Croiser PD devant PG, reculer PG
3-4 Pas PD à droite avec 1/4 de tour à droite, avancer PG (3h)
5&6 Kick ball change PD
7-8 Stomp PD, stomp PG

Reprise au 3e mur après 16 temps`,
    ['L 9:00', 'L 3:00', 'L 12:00', 'L 3:00'],
    ['12:00', '3:00', '6:00', '9:00'],
  ],
];

describe.each(SHEETS)('%s', (_, text, ends, starts) => {
  const { dance, findings } = studyText(text);
  test('is understood from end to end', () => {
    expect(findings.filter(isAlarm).map(({ message }) => message)).toEqual([]);
  });
  test('comes to the feet and walls worked out on paper', () => {
    const sections = dance.parts.flatMap((part) => part.sections);
    expect(sections.map(({ after }) => `${after.weight} ${hourOfFacing(after.facing)}`)).toEqual(ends);
    expect(
      reportDance(dance, findings, starts.length)
        .walls.slice(0, starts.length)
        .map(({ start }) => start),
    ).toEqual(starts);
  });
});

test('a slip is told in every language as it is in English', () => {
  // Every seventh of the slips that the checker's own tests put into the worked dances.
  const slips = WORKED_DANCES.flatMap(({ text }) => injectSlips(text).map((slip) => slip.text)).filter(
    (_, index) => index % 7 === 0,
  );
  expect(slips.length).toBeGreaterThan(100);
  const codes = (text: string): string[] =>
    checked(text)
      .findings.filter(isAlarm)
      .map(({ code }) => code);
  for (const slip of slips) {
    const english = into(slip, 'en');
    expect([slip, codes(into(english, 'de'))]).toEqual([slip, codes(english)]);
    expect([slip, codes(into(english, 'fr'))]).toEqual([slip, codes(english)]);
  }
});
