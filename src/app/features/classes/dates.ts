/** Days as they are read, and which of them is today where the user is. */
import { format, isThisYear, parseISO } from 'date-fns';
import { useSyncExternalStore } from 'react';
import { daysBetween, isRunning, type Day, type Evening } from '../../../core';

export const todayHere = (): Day => format(new Date(), 'yyyy-MM-dd');

const clockHere = (): string => format(new Date(), 'HH:mm');

/** Changes at midnight, and when the page is looked at again. */
export const useToday = (): Day => useNow(todayHere);

/** Whether the evening is on, by the clock here; past midnight it goes on. */
export const useRuns = (evening: Evening): boolean => useNow(() => isRunning(evening, todayHere(), clockHere()));

/** Looked at again twice a minute, and when the page is. */
const useNow = <T extends string | boolean>(find: () => T): T => useSyncExternalStore(followClock, find);

function followClock(look: () => void): () => void {
  const timer = setInterval(look, 30_000);
  document.addEventListener('visibilitychange', look);
  return () => {
    clearInterval(timer);
    document.removeEventListener('visibilitychange', look);
  };
}

/** `Thu 3 Dec`, with the year where it is another one. */
export const shortDay = (day: Day): string =>
  format(parseISO(day), isThisYear(parseISO(day)) ? 'EEE d MMM' : 'EEE d MMM yyyy');

export const longDay = (day: Day): string => format(parseISO(day), 'EEEE d MMMM yyyy');

export const weekdayName = (day: Day): string => format(parseISO(day), 'EEEE');

/** How far a day is from today, in words. */
export function nearWords(day: Day, today: Day): string {
  const days = daysBetween(today, day);
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days === -1) return 'yesterday';
  const weeks = Math.round(Math.abs(days) / 7);
  const far = Math.abs(days) < 14 ? `${Math.abs(days)} days` : `${weeks} weeks`;
  return days > 0 ? `in ${far}` : `${far} ago`;
}
