/** A MIDI file (Standard MIDI Files 1.0, MIDI Manufacturers Association 1996, from memory): tempo, clicks, markers. */
import { writeMidi, type MidiEvent } from 'midi-file';
import type { ForFiles } from './aloud-order';

/** Of a beat. */
const TICKS = 480;
/** The drums' channel, counted from 0; a high and a low wood block (General MIDI). */
const DRUMS = 9;
const HIGH = 76;
const LOW = 77;
const LENGTH = 60;

/** Other letters have no place in it. */
const plain = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/ß/g, 'ss')
    .replace(/[^ -~]/g, '?');

export function printMidi(
  { title, performance, tempo, beats }: ForFiles,
  marks: readonly { readonly second: number; readonly label: string }[],
): Uint8Array {
  const ticksAt = (second: number): number => Math.round((second / performance.count) * beats * TICKS);
  const words: Timed[] = [
    { at: 0, event: { deltaTime: 0, meta: true, type: 'trackName', text: plain(title || 'Dance') } },
    {
      at: 0,
      event: { deltaTime: 0, meta: true, type: 'setTempo', microsecondsPerBeat: Math.round(60_000_000 / tempo) },
    },
    {
      at: 0,
      event: {
        deltaTime: 0,
        meta: true,
        type: 'timeSignature',
        numerator: 4,
        denominator: 4,
        metronome: 24,
        thirtyseconds: 8,
      },
    },
    ...marks.map(({ second, label }) => ({
      at: ticksAt(second),
      event: { deltaTime: 0, meta: true as const, type: 'marker' as const, text: plain(label) },
    })),
  ];
  const clicks: Timed[] = performance.clicks.flatMap(({ second, first }) => {
    const note = { channel: DRUMS, noteNumber: first ? HIGH : LOW };
    const at = ticksAt(second);
    return [
      { at, event: { deltaTime: 0, type: 'noteOn' as const, ...note, velocity: first ? 112 : 84 } },
      { at: at + LENGTH, event: { deltaTime: 0, type: 'noteOff' as const, ...note, velocity: 0 } },
    ];
  });
  const header = { format: 1 as const, numTracks: 2, ticksPerBeat: TICKS };
  return Uint8Array.from(writeMidi({ header, tracks: [trackOf(words), trackOf(clicks)] }));
}

interface Timed {
  readonly at: number;
  readonly event: MidiEvent;
}

/** Each event tells how long after the one before it comes. */
function trackOf(timed: readonly Timed[]): MidiEvent[] {
  let before = 0;
  const events = timed.toSorted((one, other) => one.at - other.at).map(({ at, event }) => {
    const own = { ...event, deltaTime: at - before };
    before = at;
    return own;
  });
  return [...events, { deltaTime: 0, meta: true, type: 'endOfTrack' }];
} // prettier-ignore
