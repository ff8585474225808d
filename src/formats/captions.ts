/** Captions for a video, as WebVTT (W3C, "WebVTT: The Web Video Text Tracks Format", section 4) and as SRT (no standard; common practice). */

export interface Caption {
  /** Seconds. */
  readonly from: number;
  readonly to: number;
  readonly words: string;
}

/** `00:01:02.345`; before the beginning is the beginning. */
function timestamp(seconds: number, point: string): string {
  const all = Math.max(0, Math.round(seconds * 1000));
  const two = (value: number): string => String(Math.floor(value)).padStart(2, '0');
  return `${two(all / 3_600_000)}:${two((all / 60_000) % 60)}:${two((all / 1000) % 60)}${point}${String(all % 1000).padStart(3, '0')}`;
}

/** What ends before the video begins, or takes no time, is left out. */
const shown = (captions: readonly Caption[]): Caption[] =>
  captions.filter(({ from, to, words }) => to > 0 && Math.round(to * 1000) > Math.round(Math.max(0, from) * 1000) && words.trim() !== ''); // prettier-ignore

const oneLine = (words: string): string => words.replace(/\s+/g, ' ').trim();

export const printVtt = (captions: readonly Caption[]): string =>
  `WEBVTT\n\n${shown(captions)
    .map(
      ({ from, to, words }) =>
        `${timestamp(from, '.')} --> ${timestamp(to, '.')}\n${oneLine(words).replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;')}\n`,
    )
    .join('\n')}`;

/** An arrow within the words would be taken for a time. */
export const printSrt = (captions: readonly Caption[]): string =>
  shown(captions)
    .map(
      ({ from, to, words }, index) =>
        `${index + 1}\n${timestamp(from, ',')} --> ${timestamp(to, ',')}\n${oneLine(words).replace(/-->/g, '→')}\n`,
    )
    .join('\n');
