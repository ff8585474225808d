/** WAV in and out. Reading is the decoder package's; a file is written in the plainest form there is. */
import decode from '@audio/decode-wav';
import { oneChannel, type Sound } from './sound';

/** A sentence, where a file is no WAV file or holds no sound. */
export class NotHeard extends Error {}

const text = (bytes: Uint8Array, from: number): string => String.fromCharCode(...bytes.subarray(from, from + 4));

const BROKEN = 'This WAV file is broken, or of a kind that isn’t read.';

/** Throws `NotHeard`. */
export function readWav(bytes: Uint8Array): Sound {
  if (bytes.length < 12 || !['RIFF', 'RIFX', 'RF64'].includes(text(bytes, 0)) || text(bytes, 8) !== 'WAVE')
    throw new NotHeard('This is no WAV file; the command line reads no other.');
  let read: ReturnType<typeof decode>;
  try {
    read = decode(plainest(bytes));
  } catch {
    throw new NotHeard(BROKEN);
  }
  const { channelData, sampleRate } = read;
  if (!channelData[0]?.length || !(sampleRate >= 4000)) throw new NotHeard('There is no sound in this file.');
  return oneChannel(channelData, sampleRate);
}

/** Samples of four and eight bytes are read in place by the decoder: they have to begin where eight divides. */
const ALIGNED = 8;

/**
 * The format and the samples alone, as a small file of the oldest form: other chunks may have any length and an odd one has a byte
 * more, and RF64 keeps lengths of 64 bits apart (EBU Tech 3306, 2009, from memory: `ds64` holds those of the file and of `data`).
 */
function plainest(bytes: Uint8Array): Uint8Array {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  let format: Uint8Array | undefined;
  let long: number | undefined;
  for (let at = 12; at + 8 <= bytes.length;) {
    const [kind, stated] = [text(bytes, at), view.getUint32(at + 4, true)];
    const start = at + 8;
    if (kind === 'ds64' && start + 16 <= bytes.length) long = Number(view.getBigUint64(start + 8, true));
    if (kind === 'fmt ') format = bytes.subarray(start, start + stated);
    if (kind === 'data') {
      if (!format) throw new NotHeard(BROKEN);
      // Nothing stated: it was written as it was played, to its end.
      const length = stated === 0xffff_ffff ? (long ?? Infinity) : stated === 0 ? Infinity : stated;
      return asFile(format, bytes.subarray(start, Math.min(bytes.length, start + length)));
    }
    at = start + stated + (stated % 2);
  }
  throw new NotHeard(BROKEN);
}

function asFile(format: Uint8Array, samples: Uint8Array): Uint8Array {
  const head = 12 + 8 + format.length + 8;
  const shift = (ALIGNED - (head % ALIGNED)) % ALIGNED;
  const file = new Uint8Array(shift + head + samples.length).subarray(shift);
  const view = new DataView(file.buffer, file.byteOffset);
  word(file, 0, 'RIFF');
  view.setUint32(4, head - 8 + samples.length, true);
  word(file, 8, 'WAVE');
  word(file, 12, 'fmt ');
  view.setUint32(16, format.length, true);
  file.set(format, 20);
  word(file, 20 + format.length, 'data');
  view.setUint32(24 + format.length, samples.length, true);
  file.set(samples, head);
  return file;
}

/** A place in a recording with a name. */
export interface Marked {
  readonly second: number;
  readonly label: string;
}

const HEAD = 44;

/**
 * 16 bits, one channel, with marks as cue points and their labels ("Multimedia Programming Interface and Data Specifications 1.0",
 * Microsoft and IBM 1991, from memory).
 */
export function writeWav({ rate, samples }: Sound, marks: readonly Marked[] = []): Uint8Array<ArrayBuffer> {
  const behind = marks.length > 0 ? chunksOf(marks, rate) : new Uint8Array(0);
  const data = samples.length * 2;
  const bytes = new Uint8Array(HEAD + data + behind.length);
  const view = new DataView(bytes.buffer);
  word(bytes, 0, 'RIFF');
  view.setUint32(4, bytes.length - 8, true);
  word(bytes, 8, 'WAVE');
  word(bytes, 12, 'fmt ');
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, rate, true);
  view.setUint32(28, rate * 2, true);
  view.setUint16(32, 2, true);
  view.setUint16(34, 16, true);
  word(bytes, 36, 'data');
  view.setUint32(40, data, true);
  for (let index = 0; index < samples.length; index++)
    view.setInt16(HEAD + index * 2, Math.round(Math.max(-1, Math.min(1, samples[index])) * 32767), true);
  bytes.set(behind, HEAD + data);
  return bytes;
}

function word(bytes: Uint8Array, at: number, letters: string): void {
  for (let index = 0; index < letters.length; index++) bytes[at + index] = letters.charCodeAt(index);
}

/** `cue ` with a point for each mark, and `LIST` of `adtl` with their labels. */
function chunksOf(marks: readonly Marked[], rate: number): Uint8Array {
  const labels = marks.map(({ label }) => new TextEncoder().encode(`${label}\0`));
  // Chunks have an even length.
  const sizes = labels.map(({ length }) => 4 + length + (length % 2));
  const list = 4 + sizes.reduce((sum, size) => sum + 8 + size, 0);
  const cue = 4 + marks.length * 24;
  const bytes = new Uint8Array(8 + cue + 8 + list);
  const view = new DataView(bytes.buffer);
  word(bytes, 0, 'cue ');
  view.setUint32(4, cue, true);
  view.setUint32(8, marks.length, true);
  marks.forEach(({ second }, index) => {
    const at = 12 + index * 24;
    const sample = Math.round(second * rate);
    view.setUint32(at, index + 1, true);
    view.setUint32(at + 4, sample, true);
    word(bytes, at + 8, 'data');
    view.setUint32(at + 20, sample, true);
  });
  let at = 8 + cue;
  word(bytes, at, 'LIST');
  view.setUint32(at + 4, list, true);
  word(bytes, at + 8, 'adtl');
  at += 12;
  labels.forEach((label, index) => {
    word(bytes, at, 'labl');
    view.setUint32(at + 4, 4 + label.length, true);
    view.setUint32(at + 8, index + 1, true);
    bytes.set(label, at + 12);
    at += 8 + sizes[index];
  });
  return bytes;
}
