/**
 * What is being worked out just now, written down before it begins and taken back when it is done: a text that a page died of is known
 * at the next start, and nobody opens it by itself a second time. Texts are known by their length and a sum, not by their words.
 */
import { otherTabs, TAB } from './tabs';

const READING = 'pace-slate-reading:';
const DIED = 'pace-slate-died';
const MOST_KNOWN = 50;
/** A page that works on one text for so long, in milliseconds, is as good as dead. */
const AS_GOOD_AS_DEAD = 10_000;

/** FNV-1a of 32 bits (Fowler, Noll, Vo; from memory) over the letters, beside the length. */
function markOf(text: string): string {
  let sum = 0x811c9dc5;
  for (let index = 0; index < text.length; index++) sum = Math.imul(sum ^ text.charCodeAt(index), 0x01000193);
  return `${text.length}-${(sum >>> 0).toString(36)}`;
}

interface Reading {
  readonly mark: string;
  /** Time of day, milliseconds. */
  readonly at: number;
}

function readingOf(tab: string): Reading | undefined {
  const [mark, at] = (localStorage.getItem(READING + tab) ?? '').split(' ');
  return mark ? { mark, at: Number(at) } : undefined;
}

const knownDead = (): string[] => (localStorage.getItem(DIED) ?? '').split(' ').filter(Boolean);

/** Does work that a text may be too much for. */
export function guarded<T>(text: string, work: () => T): T {
  if (isReading) return work();
  try {
    localStorage.setItem(READING + TAB, `${markOf(text)} ${Date.now()}`);
  } catch {
    return work();
  }
  isReading = true;
  try {
    return work();
  } finally {
    isReading = false;
    localStorage.removeItem(READING + TAB);
  }
}
let isReading = false;

/** At the start of a page: what others were reading when they died. */
export async function noteDeadReadings(): Promise<void> {
  try {
    const alive = await otherTabs();
    const dead = Object.keys(localStorage).flatMap((key) =>
      key.startsWith(READING) ? [key.slice(READING.length)] : [],
    );
    for (const tab of dead) {
      const reading = readingOf(tab);
      if (!reading || tab === TAB || (alive.has(tab) && Date.now() - reading.at < AS_GOOD_AS_DEAD)) continue;
      const known = knownDead().filter((mark) => mark !== reading.mark);
      localStorage.setItem(DIED, [...known, reading.mark].slice(-MOST_KNOWN).join(' '));
      localStorage.removeItem(READING + tab);
    }
  } catch {
    // Where nothing can be kept there, nothing is known.
  }
}

/** A page died while it worked on this very text. */
export function diedOf(text: string): boolean {
  try {
    const known = knownDead();
    return known.length > 0 && known.includes(markOf(text));
  } catch {
    return false;
  }
}

/** Somebody wants it all the same. */
export function tryAgain(text: string): void {
  try {
    localStorage.setItem(DIED, knownDead().filter((mark) => mark !== markOf(text)).join(' ')); // prettier-ignore
  } catch {
    // Then it is not known either.
  }
}
