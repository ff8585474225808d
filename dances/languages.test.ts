/** Dances in three languages: put from one into the next they stay the same dance; sheets as people type them are read right. */
import { describe, expect, test } from '@jest/globals';
import { readFileSync, readdirSync } from 'node:fs';
import {
  hourOfFacing,
  HOUSE_STYLES,
  inLanguage,
  isSlip,
  momentsWords,
  reportDance,
  studyText,
  tidyScript,
  type Language,
} from '../src/core/index';
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
      .filter(isSlip)
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
];

describe.each(SHEETS)('%s', (_, text, ends, starts) => {
  const { dance, findings } = studyText(text);
  test('is understood from end to end', () => {
    expect(findings.filter(isSlip).map(({ message }) => message)).toEqual([]);
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
