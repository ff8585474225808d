/** Who says it: a voice of the device, else the slate's own words (English), else nobody, and that is said. */
import type { Language } from '../../../core';
import { resampled } from '../../../music/spoken-track';
import places from './voice/words.json';
import address from './voice/words.flac?url';

const RATE = 22050;

let words: Promise<ReadonlyMap<string, Float32Array>> | undefined;

/** The slate's own, loaded when first said. Rejects where the browser can't hear them. */
export function ownWords(): Promise<ReadonlyMap<string, Float32Array>> {
  words ??= loadWords().catch((error: unknown) => {
    words = undefined;
    throw error;
  });
  return words;
}

async function loadWords(): Promise<ReadonlyMap<string, Float32Array>> {
  const bytes = await (await fetch(address)).arrayBuffer();
  const buffer = await new OfflineAudioContext(1, 1, places.rate).decodeAudioData(bytes);
  const samples = buffer.getChannelData(0);
  return new Map(
    Object.entries(places.places).map(([word, [from, length]]) => [word, resampled(samples.subarray(from, from + length), buffer.sampleRate, RATE)]),
  ); // prettier-ignore
}

/** A voice of the device for a language; undefined where there is none, or none answers in time. */
export async function deviceVoice(language: Language): Promise<SpeechSynthesisVoice | undefined> {
  if (!('speechSynthesis' in globalThis)) return undefined;
  const find = (): SpeechSynthesisVoice | undefined =>
    speechSynthesis.getVoices().find((voice) => voice.lang.toLowerCase().startsWith(language) && voice.localService);
  if (find()) return find();
  // Some browsers name their voices a moment later.
  await new Promise((resolve) => {
    const timer = setTimeout(resolve, 1500);
    speechSynthesis.addEventListener('voiceschanged', () => (clearTimeout(timer), resolve(undefined)), { once: true });
  });
  return find();
}

export type VoiceKind = 'device' | 'own' | 'none';

/** Seconds from asking the device to its first sound: measured at every word, made up for at the next. */
export class DeviceSpeaker {
  delay = 0.15;

  constructor(private readonly voice: SpeechSynthesisVoice) {}

  say(text: string, room: number): void {
    const spoken = new SpeechSynthesisUtterance(text);
    spoken.voice = this.voice;
    spoken.lang = this.voice.lang;
    // Faster where there is little time.
    spoken.rate = Math.min(2, Math.max(1, text.length / 14 / Math.max(0.2, room)));
    const asked = performance.now();
    spoken.onstart = () => {
      const took = (performance.now() - asked) / 1000;
      if (took < 1) this.delay += (took - this.delay) / 4;
    };
    speechSynthesis.cancel();
    speechSynthesis.speak(spoken);
  }

  stop(): void {
    speechSynthesis.cancel();
  }
}
