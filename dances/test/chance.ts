/**
 * Texts by chance: pieces of every kind of line put together, cut, doubled and nested, with numbers that no dance has. The same seed
 * makes the same texts.
 */
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';

/** Mulberry32: small, quick and good enough to pick lines (public domain, T. Ettinger 2017; from memory). */
function randomFrom(start: number): () => number {
  let state = start;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
}

const FOLDER = path.resolve(import.meta.dirname, '..');
const DEMO_LINES = readdirSync(FOLDER)
  .filter((name) => name.endsWith('.txt'))
  .flatMap((name) => readFileSync(path.join(FOLDER, name), 'utf8').split('\n'));
const WORDS = [...new Set(DEMO_LINES.flatMap((line) => line.split(/\s+/)))].filter(Boolean);
const PIECES = [
  '1-4', '5-8', '&1&2&', '8&1', '1', '&', '0-0', '99-1', '1-999', 'SSQQ', '(', ')', '[', ']', '"', '“', ':', ';', ',', '.', '-', '#', '##', '>', '|', '*', 'x2', 'x99', 'x 9',
  'repeat', 'repeat 1-4', 'repeat section 1 x9', 'mirrored', 'on the other foot', 'same again', 'option no turn:', '## Plan', '## Part A', '## Tag "x"', '## Ending', '## Section 2 = Section 1 mirrored', '## Figure "y" 1&2: A side, B tog',
  'wall 1-200:', 'walls 1, 2, 3', 'every 7th wall:', 'odd walls', 'after 16&', 'restart', 'tag x', 'tag', 'change 1-4 to', 'then', 'ending:', 'order: A A (B A) x9', 'at', 'the end of', 'facing 6:00', '(6:00)', '(wall 3: 3:00)', '(weight L)', '(meant so: spin)',
  'turn ?', '1/4', '½', '7/9', '370°', 'full turn', 'über', 'Fersen', 'à droite', 'pied gauche', 'mur 3', 'Runde 2', '\u00a0', '\t', '\u200b', '\ud83d', '\u0000', '’', 'constructor', '__proto__', 'toString', 'ﬁ', 'İ',
  'on 8 scuff R', 'on 16 scuff R', '9-16 K step R, on 16 scuff R', 'the last step 1/4 right', '5-8 like 1-4', 'Section 1', '[9-16]', '9-16 ROCKS', 'TAG (4 counts)', '32 counts', 'intro: 16',
]; // prettier-ignore

/** Kinds of blocks, each with lines of its own; `#` stands for a number. */
const BLOCKS: readonly (readonly [string, readonly string[]])[] = [
  ['## Song', ['verse: #', 'chorus # x #', 'pause: #', 'pause of # after #', 'intro #', '# x 8 bridge', 'tempo # after #', 'counted half', 'verse 1: #, chorus: #, pause #', 'solo (x#) #']],
  ['## Song "Slack Water"', ['verse: 32', 'pause: #', 'chorus: #', 'end #']],
  ['## Plan', ['wall #: restart after #', 'walls #-#: tag x', 'every #th wall: restart after #', 'wall #: change #-# to vine R, touch L', 'wall 2: restart after section #', 'wall #: restart after # counts of section #', 'order: A A(#) (B A) x#', 'ending: wall # after #', 'wall #: tag: hold # counts', 'wall #: tag x x#', '#st, #nd and #rd wall: restart']],
  ['## Lesson 45 minutes, mixed', ['# min  Section 1', '# Section #', '> note #', '#. walk it', '5 min  Section #: count it']],
  ['## Figure "own #" 1-#: A side, B tog', ['&1&#: A side, B behind, A side', '1-4: A fwd turning #/# out, B tog, A back, B tog', '#-#: R forward, L together']],
  ['## Figure "quay step" = shuffle', ['1&2 quay step R', '#&# quay step L', '1-4 own 3 R']],
  ['## Section #', ['#-# Vine R, touch L', '#&# shuffle R', '# steps R', '1-# walk', 'repeat #-#', 'repeat section # x#', '#-# K step R, on # scuff R', 'turn #/# right', 'turn #° left', '(#:#)', 'wall #: (#:00)', '9-16 K step R, on # scuff R']],
  ['## Tag "x" (# counts)', ['1-# sway R, L', 'repeat #-#']],
  ['## Option "o#": section # count # to section # count #', ['1-# walk']],
  ['counts: #', ['walls: #', 'section: #', 'hall: # x # m', 'tempo: # bpm', 'music: Slack Water, # bpm', 'intro: # counts', 'level: #']],
  ['[1-#]', ['1-4 Vine R, touch L', '[#-#] ROCKS', '1-# ROCKS', 'SECTION #: (#-#)', '#. WEAVE', 'Takt #-#', 'Part # (# counts)']],
]; // prettier-ignore

/** Mostly small ones, and every power of two up to 2^64, one more and one less. */
const VAST = Array.from({ length: 65 }, (_, power) => 2n ** BigInt(power)).flatMap((value) => [value - 1n, value, value + 1n]); // prettier-ignore

/** Letters; twenty dances. */
const LONGEST_BLOCK = 20_000;
const LONGEST = 30_000;

export class Chance {
  private readonly random: () => number;

  constructor(seed: number) {
    this.random = randomFrom(seed);
  }

  below = (most: number): number => Math.floor(this.random() * most);
  pick = <T>(from: readonly T[]): T => from[this.below(from.length)];

  private number = (): string => {
    const kind = this.random();
    if (kind < 0.6) return String(this.below(40));
    return kind < 0.7 ? String(this.below(5000)) : String(this.pick(VAST));
  };

  private line(): string {
    const kind = this.random();
    if (kind < 0.35) return this.pick(DEMO_LINES);
    const length = 1 + this.below(kind < 0.9 ? 12 : 80);
    const words = Array.from({ length }, () =>
      this.random() < 0.55 ? this.pick(PIECES) : this.random() < 0.05 ? this.number() : this.pick(WORDS),
    );
    const joined = words.join(this.random() < 0.9 ? ' ' : '');
    return this.random() < 0.05 ? joined.repeat(1 + this.below(30)).slice(0, 4000) : joined;
  }

  private block(): string {
    const [heading, kinds] = this.pick(BLOCKS);
    const lines = Array.from({ length: this.below(this.random() < 0.995 ? 6 : 300) }, () => this.pick(kinds));
    const written = [heading, ...lines].join('\n').replace(/#(?!#|[ \n]|$)|(?<=[^#\n])#/g, this.number);
    const often = this.random() < 0.95 ? 1 : 1 + this.below(20);
    return `${written}\n`.repeat(often).slice(0, LONGEST_BLOCK);
  }

  text(): string {
    const many = 1 + this.below(this.random() < 0.995 ? 5 : 120);
    const lines = Array.from({ length: many }, () => (this.random() < 0.3 ? this.block() : this.line()));
    const joined = lines.join(this.random() < 0.97 ? '\n' : '\r\n').slice(0, LONGEST);
    const cut = this.below(joined.length);
    return this.random() < 0.1 ? joined.slice(cut, cut + this.below(joined.length)) : joined;
  }

  texts = (count: number): string[] => Array.from({ length: count }, () => this.text());
}
