/**
 * German and French words that hold a sheet together (plans, headings, repeats), put into the English that is read, each place
 * remembered: what is found is carried back to the letters as they were written. Calls need none of this: their words are in the
 * vocabulary. From memory and common practice in the trade (no source); written with accents, read with and without.
 */
import { plainLetters } from '../lexicon/letters';

/** Foreign phrase and what is read for it. `$1` stands for a number in it, written `#`. */
const PHRASES: readonly (readonly [foreign: string, english: string])[] = [
  // German
  ['wand', 'wall'], ['wände', 'walls'], ['wänden', 'walls'], ['runde', 'wall'], ['runden', 'walls'],
  ['auf wand', 'on wall'], ['in wand', 'in wall'], ['in runde', 'in wall'], ['der wand', 'wall'], ['der runde', 'wall'], ['von wand', 'of wall'],
  ['jede wand', 'every wall'], ['jeder wand', 'every wall'], ['jede runde', 'every wall'], ['alle wände', 'every wall'],
  ['jede', 'every'], ['jeder', 'every'], ['jedes', 'every'], ['jeden', 'every'], ['zweite wand', '2nd wall'],
  ['jede zweite', 'every 2nd'], ['ungerade', 'odd'], ['ungeraden', 'odd'], ['gerade wände', 'even walls'], ['geraden wänden', 'even walls'],
  ['letzte', 'last'], ['letzten', 'last'], ['letzter', 'last'], ['die letzten', 'the last'], ['mit beginn', 'starting'],
  ['nach', 'after'], ['nach dem', 'after the'], ['nach den', 'after the'], ['abschnitt', 'section'], ['abschnitten', 'sections'], ['abschnitts', 'section'], ['sektion', 'section'], ['teil', 'part'], ['teils', 'part'],
  ['am ende', 'at the end'], ['am ende von', 'at the end of'], ['am ende von wänden', 'at the end of walls'], ['am ende der', 'at the end of'], ['ende', 'ending'], ['schluss', 'ending'], ['ende der', 'end of'], ['ende von', 'end of'], ['hier', 'here'], ['ohne', 'no'],
  ['brücke', 'bridge'], ['neustart', 'restart'], ['neubeginn', 'restart'], ['von vorn', 'from the top'], ['von vorn beginnen', 'restart'], ['von vorne beginnen', 'restart'], ['abbrechen und von vorn beginnen', 'restart'],
  ['dann', 'then'], ['danach', 'then'], ['ändere', 'change'], ['ändern', 'change'], ['ersetze', 'replace'], ['ersetzen', 'replace'], ['zu', 'to'], ['durch', 'by'],
  ['reihenfolge', 'order'], ['ablauf', 'order'], ['taktschlag', 'count'], ['taktschläge', 'counts'], ['taktschlägen', 'counts'], ['zählzeit', 'count'], ['zählzeiten', 'counts'],
  ['die ersten', 'the first'], ['den ersten', 'the first'], ['ersten', 'first'], ['erste', 'first'], ['und', 'and'], ['bis', 'to'], ['auf', 'on'], ['richtung', 'facing'], ['blick', 'facing'], ['# uhr', '$1:00'],
  ['gespiegelt', 'mirrored'], ['spiegelverkehrt', 'mirrored'], ['gegengleich', 'on the other foot'], ['auf dem anderen fuß', 'on the other foot'], ['mit dem anderen fuß', 'on the other foot'],
  ['wiederhole', 'repeat'], ['wiederholen', 'repeat'], ['wiederholung', 'repeat'], ['zweimal', 'twice'], ['mal', 'times'], ['beginnend', 'leading'],
  ['keine tags', 'no tags'], ['keine restarts', 'no restarts'], ['kein tag', 'no tag'], ['kein restart', 'no restart'], ['halte', 'hold'], ['hinweis', 'note'], ['figur', 'figure'],
  // French
  ['mur', 'wall'], ['murs', 'walls'], ['au mur', 'on wall'], ['du mur', 'of wall'], ['le mur', 'wall'], ['au # mur', 'on wall $1'], ['les murs', 'walls'], ['aux murs', 'on walls'], ['sur le mur', 'on wall'], ['pendant le mur', 'during wall'],
  ['chaque', 'every'], ['chaque mur', 'every wall'], ['tous les murs', 'every wall'], ['murs impairs', 'odd walls'], ['murs pairs', 'even walls'], ['dernier mur', 'last wall'], ['derniers', 'last'], ['murs commençant à', 'walls starting'],
  ['après', 'after'], ['après le', 'after the'], ['après la', 'after the'], ['après les', 'after the'], ['après le temps', 'after count'], ['partie #', 'section $1'], ['partie', 'part'], ['bloc', 'part'], ['parties', 'parts'],
  ['à la fin', 'at the end'], ['à la fin du mur', 'at the end of wall'], ['fin du mur', 'end of wall'], ['à la fin des murs', 'at the end of walls'], ['fin des murs', 'end of walls'], ['fin', 'ending'], ['finale', 'ending'], ['ici', 'here'], ['sans', 'no'],
  ['pont', 'bridge'], ['transition', 'bridge'], ['reprise', 'restart'], ['recommencer', 'restart'], ['reprendre du début', 'restart'], ['reprendre au début', 'restart'], ['recommencer au début', 'restart'], ['recommencer la danse', 'restart'],
  ['puis', 'then'], ['ensuite', 'then'], ['changer', 'change'], ['remplacer', 'replace'], ['en', 'to'], ['par', 'by'],
  ['ordre', 'order'], ['temps', 'counts'], ['compte', 'count'], ['comptes', 'counts'], ['les # premiers temps', 'the first $1 counts'], ['# premiers temps', 'first $1 counts'], ['les # derniers temps', 'the last $1 counts'], ['# derniers temps', 'last $1 counts'],
  ['et', 'and'], ['sur', 'on'], ['à', 'to'], ['face à', 'facing'], ['#h', '$1:00'], ['# h', '$1:00'], ['#h00', '$1:00'], ['en miroir', 'mirrored'], ["de l'autre pied", 'on the other foot'], ['sur l\'autre pied', 'on the other foot'],
  ['répéter', 'repeat'], ['répétez', 'repeat'], ['reprendre', 'repeat'], ['deux fois', 'twice'], ['fois', 'times'], ['en commençant', 'leading'],
  ['ni tag', 'no tags'], ['ni restart', 'no restarts'], ['pas de tag', 'no tags'], ['pas de restart', 'no restarts'], ['pas de reprise', 'no restarts'], ['remarque', 'note'],
]; // prettier-ignore

/** Ordinals: `3. Wand`, `1., 3. A`, `3e mur`, `1er A`. */
const ORDINAL = /(\d{1,3})(?:\.(?=,? ?\d|\s+\p{L}|,)|(?:er|re|e|ème|eme)(?![\p{L}\d]))/u;

const LOOSE: Readonly<Record<string, string>> = {
  ä: '(?:ä|ae)', ö: '(?:ö|oe)', ü: '(?:ü|ue)', ß: '(?:ß|ss)', é: '[ée]', è: '[èe]', ê: '[êe]', à: '[àa]', ç: '[çc]', ' ': '\\s+', '#': '(\\d{1,3})',
}; // prettier-ignore

/** "à" alone keeps its accent: "a" is a part. */
const patternOf = (foreign: string): string =>
  foreign === 'à' ? foreign : foreign.replace(/[äöüßéèêàç #]/g, (letter) => LOOSE[letter]);

interface Entry {
  readonly pattern: RegExp;
  readonly english: string;
}

/** Every phrase by the letters of its first word, the longest first; phrases that begin with a number under the empty word. */
const BY_FIRST = new Map<string, Entry[]>();

for (const [foreign, english] of [...PHRASES].sort(([a], [b]) => b.length - a.length)) {
  const first = /^[\p{L}]+/u.exec(foreign)?.[0] ?? '';
  const entry = { pattern: new RegExp(`${patternOf(foreign)}(?![\\p{L}\\d])`, 'iuy'), english };
  const list = BY_FIRST.get(plainLetters(first));
  if (list) list.push(entry);
  else BY_FIRST.set(plainLetters(first), [entry]);
}

/** Words that are these languages' alone: a line without one of them is left as it is. */
const TELLTALE = new Set(
  [
    'wand wände wänden runde runden nach abschnitt abschnitts abschnitten sektion teil ende schluss hier ohne brücke neustart dann danach ändere ändern ersetze reihenfolge ablauf taktschlag taktschläge zählzeit zählzeiten ersten erste und richtung uhr',
    'gespiegelt spiegelverkehrt gegengleich wiederhole wiederholen wiederholung keine kein halte hinweis figur letzte letzten jede jedes jeder',
    'mur murs chaque après partie bloc fin finale ici sans pont reprise recommencer puis ensuite changer remplacer ordre temps compte comptes premiers derniers et miroir répéter répétez reprendre fois ni pas remarque',
  ]
    .join(' ')
    .split(' ')
    .map(plainLetters),
);

export interface Englished {
  readonly text: string;
  /** The place in the line as it was written; of what stands inside a changed phrase its beginning, or its end. */
  readonly back: (at: number, isEnd?: boolean) => number;
}

/** Undefined where the line holds no word of theirs. */
export function inEnglish(text: string): Englished | undefined {
  if (text.length > 400 || !(text.match(/\p{L}+/gu) ?? []).some((word) => TELLTALE.has(plainLetters(word))))
    return undefined;
  let english = '';
  const shifts: { from: number; to: number; own: number; ownTo: number }[] = [];
  let at = 0;
  for (const match of text.matchAll(/\p{L}+|\d{1,3}/gu)) {
    if (match.index < at) continue;
    const found = replacement(text, match.index, match[0]);
    if (!found) continue;
    english += text.slice(at, match.index);
    shifts.push({
      from: english.length,
      to: english.length + found.english.length,
      own: match.index,
      ownTo: match.index + found.length,
    });
    english += found.english;
    at = match.index + found.length;
  }
  english += text.slice(at);
  return { text: english, back: (place, isEnd = false) => carried(shifts, place, isEnd) };
}

function replacement(text: string, at: number, word: string): { english: string; length: number } | undefined {
  const isNumber = /^\d/.test(word);
  if (isNumber) {
    const ordinal = ORDINAL.exec(text.slice(at, at + 16));
    if (ordinal?.index === 0)
      return { english: `${ordinal[1]}${suffix(Number(ordinal[1]))}`, length: ordinal[0].length };
  }
  for (const { pattern, english } of BY_FIRST.get(isNumber ? '' : plainLetters(word)) ?? []) {
    pattern.lastIndex = at;
    const match = pattern.exec(text);
    if (match) return { english: english.replace('$1', match[1] ?? ''), length: match[0].length };
  }
  return undefined;
}

const suffix = (number: number): string =>
  ({ 1: 'st', 2: 'nd', 3: 'rd' })[number % 100 > 10 && number % 100 < 14 ? 0 : number % 10] ?? 'th';

function carried(
  shifts: readonly { from: number; to: number; own: number; ownTo: number }[],
  place: number,
  isEnd: boolean,
): number {
  let shift = 0;
  for (const { from, to, own, ownTo } of shifts) {
    if (place < from || (isEnd && place === from)) break;
    if (place === from) return own;
    if (place < to) return isEnd ? ownTo : own;
    shift = ownTo - to;
  }
  return place + shift;
}

/** What was read from the English line, with its places and its words those of the line as it was written. */
export function carryBack<T>(value: T, english: Englished, original: string): T {
  const slice = (words: string, from: number): string => {
    const at = english.text.indexOf(words, from);
    return at < 0 ? words : original.slice(english.back(at), english.back(at + words.length, true));
  };
  const carry = (part: unknown): unknown => {
    if (Array.isArray(part)) return part.map(carry);
    if (typeof part !== 'object' || part === null) return part;
    const own = part as Record<string, unknown>;
    if (typeof own.from === 'number' && typeof own.to === 'number' && Object.keys(own).length === 2)
      return { from: english.back(own.from), to: english.back(own.to, true) };
    return Object.fromEntries(
      Object.entries(own).map(([key, inner]) => {
        if (key !== 'text' || typeof inner !== 'string') return [key, carry(inner)];
        return [key, slice(inner, (own.span as { from: number } | undefined)?.from ?? 0)];
      }),
    );
  };
  return carry(value) as T;
}
