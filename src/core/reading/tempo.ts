/** The dance's tempo, as its head states it. */
import type { Header } from './header';

/** Beats a minute; 0 where none is given, or none that anybody dances to. */
export function tempoOf({ entries }: Header): number {
  const fact = (key: string): string => entries.find((entry) => entry.key === key)?.value ?? '';
  const tempo = Number(
    /(\d{2,3})\s*(?:bpm|beats)/i.exec(`${fact('tempo')} ${fact('music')}`)?.[1] ??
      /^\d{2,3}$/.exec(fact('tempo').trim())?.[0] ??
      0,
  );
  return tempo >= 20 && tempo <= 400 ? tempo : 0;
}
