/** A file becomes sound, or a sentence that says why not. Nothing is kept here. */
import { oneChannel, type Sound } from '../../../music/sound';
import { t } from '../../texts';

/** Larger and longer ones are no song. */
const MOST_BYTES = 150_000_000;
const MOST_SECONDS = 20 * 60;
const RATE = 44_100;

/** In dancers' words; shown as it is. */
export class NotOpened extends Error {}

const PICTURES = /^image\//;
const WORDS = /^(?:text\/|application\/(?:pdf|json|zip|msword|vnd))/;

/** Throws `NotOpened`. */
export async function openSound(file: File): Promise<{ sound: Sound; bytes: Uint8Array<ArrayBuffer> }> {
  if (PICTURES.test(file.type)) throw new NotOpened(t('This is a picture. A recording is wanted: a sound file of the song.'));
  if (WORDS.test(file.type)) throw new NotOpened(t('This is a document. A recording is wanted: a sound file of the song. Sheets are opened on Import.'));
  if (file.size === 0) throw new NotOpened(t('This file is empty.'));
  if (file.size > MOST_BYTES) throw new NotOpened(t('This file is larger than a song: over 150 MB. Save it as MP3, M4A, Ogg or FLAC, and open that.'));
  await lookAt(file);
  const bytes = new Uint8Array(await file.arrayBuffer());
  return { sound: await decoded(bytes), bytes };
} // prettier-ignore

/** Decoding takes its own copy: the bytes stay as they are. Throws `NotOpened`. */
export async function decodedBuffer(bytes: Uint8Array<ArrayBuffer>): Promise<AudioBuffer> {
  try {
    return await new OfflineAudioContext(1, 1, RATE).decodeAudioData(bytes.slice().buffer);
  } catch {
    throw new NotOpened(t('This browser can’t hear this file: it is broken, or of a kind that the browser doesn’t know. MP3, M4A, Ogg, FLAC and WAV are known to most.')); // prettier-ignore
  }
}

async function decoded(bytes: Uint8Array<ArrayBuffer>): Promise<Sound> {
  const buffer = await decodedBuffer(bytes);
  if (buffer.duration > MOST_SECONDS) throw new NotOpened(t('This is longer than twenty minutes. Cut the song out of it, and open that.')); // prettier-ignore
  const channels = Array.from({ length: Math.min(2, buffer.numberOfChannels) }, (_, index) => buffer.getChannelData(index)); // prettier-ignore
  return oneChannel(channels, buffer.sampleRate);
}

/** Seconds; behind the end of everything. */
const FAR = 1e7;

/** Length and pictures are known before all of it is decoded; where the browser can't say, decoding says. */
async function lookAt(file: File): Promise<void> {
  const url = URL.createObjectURL(file);
  const player = document.createElement('video');
  try {
    const known = await new Promise<{ seconds: number; isFilm: boolean } | undefined>((resolve) => {
      const timer = setTimeout(resolve, 4000, undefined);
      const say = (): void => {
        clearTimeout(timer);
        resolve({ seconds: player.duration, isFilm: player.videoWidth > 0 });
      };
      player.preload = 'metadata';
      player.onloadedmetadata = () => {
        if (Number.isFinite(player.duration)) return say();
        // Its head does not say how long it is (it was written as it was played): its end does, and is looked for without decoding.
        player.ondurationchange = say;
        player.currentTime = FAR;
      };
      player.onerror = () => {
        clearTimeout(timer);
        resolve(undefined);
      };
      player.src = url;
    });
    // A picture of the record's sleeve is no film.
    if (known?.isFilm && !file.type.startsWith('audio/')) throw new NotOpened(t('This is a film. Save its sound as a file of its own, and open that.')); // prettier-ignore
    if (known && Number.isFinite(known.seconds) && known.seconds > MOST_SECONDS) throw new NotOpened(t('This is longer than twenty minutes. Cut the song out of it, and open that.')); // prettier-ignore
  } finally {
    player.removeAttribute('src');
    URL.revokeObjectURL(url);
  }
}
