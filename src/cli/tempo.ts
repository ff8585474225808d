/** `slate tempo`: what is measured on a recording in a WAV file. */
import { readFileSync } from 'node:fs';
import { measure, NotHeard, readWav, UNSURE, type Measured } from '../music';
import type { Terminal } from './terminal';

/** 0: a beat was found; 1: none that could be relied on; 2: a file that can't be read. */
export function tempo(files: readonly string[], json: boolean, terminal: Terminal): number {
  const several = files.length > 1;
  const reports: object[] = [];
  let worst = 0;
  for (const file of files) {
    const found = heard(file, terminal);
    if (typeof found === 'string') {
      worst = terminal.refuse(`${file}: ${found}`);
      continue;
    }
    const { bpm, firstBeat, beats, confidence, changes, pauses } = found;
    if (confidence < UNSURE) worst = Math.max(worst, 1);
    if (json) reports.push({ ...(several && { file }), bpm, firstBeat, beats, confidence, changes, pauses });
    else terminal.write(several ? `${file}: ${told(found)}` : told(found));
  }
  if (reports.length > 0) terminal.write(`${JSON.stringify(several ? reports : reports[0], null, 2)}\n`);
  return worst;
}

function heard(file: string, terminal: Terminal): Measured | string {
  let bytes: Uint8Array;
  try {
    bytes = file === '-' ? terminal.read() : readFileSync(file);
  } catch {
    return 'There is no such file, or it can’t be opened.';
  }
  try {
    return measure(readWav(bytes));
  } catch (error) {
    if (error instanceof NotHeard) return error.message;
    throw error;
  }
}

const seconds = (value: number): string => `${value.toFixed(3)} s`;

function told({ bpm, firstBeat, beats, confidence, changes, pauses, others }: Measured): string {
  if (bpm === 0) return 'No beat is heard.\n';
  const lines = [
    `${bpm.toFixed(1)} beats a minute${confidence < UNSURE ? ', no more than a guess' : ''} (or ${others.map((other) => other.toFixed(1)).join(', ')} where it is counted otherwise)`,
    `first beat at ${seconds(firstBeat)}, ${beats.length} beats`,
    ...changes.map(({ at, bpm: now }) => `${now.toFixed(1)} from ${seconds(at)} on`),
    ...pauses.map(({ at, beats: count }) => `stands still for ${count} ${count === 1 ? 'beat' : 'beats'} at ${seconds(at)}`),
  ]; // prettier-ignore
  return `${lines.join('\n')}\n`;
}
