/** How fast the dance is danced. */
import { songOf } from './song';
import type { Script } from '../reading/script';
import { tempoOf } from '../reading/tempo';

/** Where neither the song nor the head names a tempo. */
const USUAL = 100;

export interface DanceTempo {
  /** Beats a minute of the music. */
  readonly tempo: number;
  /** Beats of a count. */
  readonly beats: number;
  /** The dance names it. */
  readonly isSaid: boolean;
}

export function danceTempo(script: Script): DanceTempo {
  const song = songOf(script);
  const said = song?.tempo || tempoOf(script.header);
  return { tempo: said || USUAL, beats: song?.beats ?? 1, isSaid: said > 0 };
}
