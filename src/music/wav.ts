/** WAV in and out. Reading is the decoder package's; a file is written in the plainest form there is. */
import decode from '@audio/decode-wav';
import { oneChannel, type Sound } from './sound';

/** A sentence, where a file is no WAV file or holds no sound. */
export class NotHeard extends Error {}

const text = (bytes: Uint8Array, from: number): string => String.fromCharCode(...bytes.subarray(from, from + 4));

export function readWav(bytes: Uint8Array): Sound {
  if (bytes.length < 12 || !['RIFF', 'RIFX', 'RF64'].includes(text(bytes, 0)) || text(bytes, 8) !== 'WAVE')
    throw new NotHeard('This is no WAV file; the command line reads no other.');
  let read: ReturnType<typeof decode>;
  try {
    read = decode(bytes);
  } catch {
    throw new NotHeard('This WAV file is broken, or of a kind that isn’t read.');
  }
  const { channelData, sampleRate } = read;
  if (!channelData[0]?.length || !(sampleRate >= 4000)) throw new NotHeard('There is no sound in this file.');
  return oneChannel(channelData, sampleRate);
}

/** 16 bits, one channel ("Multimedia Programming Interface and Data Specifications 1.0", Microsoft and IBM 1991, from memory). */
export function writeWav({ rate, samples }: Sound): Uint8Array<ArrayBuffer> {
  const HEAD = 44;
  const view = new DataView(new ArrayBuffer(HEAD + samples.length * 2));
  const word = (at: number, letters: string): void => {
    for (let index = 0; index < 4; index++) view.setUint8(at + index, letters.charCodeAt(index));
  };
  word(0, 'RIFF');
  view.setUint32(4, HEAD - 8 + samples.length * 2, true);
  word(8, 'WAVE');
  word(12, 'fmt ');
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, rate, true);
  view.setUint32(28, rate * 2, true);
  view.setUint16(32, 2, true);
  view.setUint16(34, 16, true);
  word(36, 'data');
  view.setUint32(40, samples.length * 2, true);
  for (let index = 0; index < samples.length; index++)
    view.setInt16(HEAD + index * 2, Math.round(Math.max(-1, Math.min(1, samples[index])) * 32767), true);
  return new Uint8Array(view.buffer);
}
