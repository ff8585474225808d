/** Every form in which a dance leaves to be heard or seen in time: a row each. How each is made stands in aloud.ts. */

export const ALOUD_IDS = ['vtt', 'srt', 'wav', 'mid', 'cues'] as const;
export type AloudId = (typeof ALOUD_IDS)[number];

export const ALOUD_FORMS: readonly { readonly id: AloudId; readonly name: string; readonly use: string; readonly ending: string; readonly mime: string }[] = [
  { id: 'vtt', name: 'Captions (WebVTT)', use: 'words over a video on a web page', ending: 'vtt', mime: 'text/vtt' },
  { id: 'srt', name: 'Captions (SRT)', use: 'words over a video anywhere else', ending: 'srt', mime: 'application/x-subrip' },
  { id: 'wav', name: 'Click track (WAV)', use: 'clicks with a count-in, sections marked', ending: 'wav', mime: 'audio/wav' },
  { id: 'mid', name: 'MIDI file', use: 'tempo, clicks and markers for music software', ending: 'mid', mime: 'audio/midi' },
  { id: 'cues', name: 'Cue list (CSV)', use: 'a row a cue, with its second', ending: 'csv', mime: 'text/csv' },
]; // prettier-ignore
