/** A database can be silent for ever (a damaged profile, another tab that holds it): then somebody has to be told. */
class NoAnswer extends Error {
  override readonly name = 'NoAnswer';
}

const LONGEST_SILENCE = 6000;

/** Rejects with `NoAnswer` when nothing comes back within so many milliseconds. */
export function answered<T>(work: Promise<T>, limit = LONGEST_SILENCE): Promise<T> {
  let timer: ReturnType<typeof setTimeout>;
  const silence = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(new NoAnswer('The database does not answer.')), limit);
  });
  return Promise.race([work, silence]).finally(() => clearTimeout(timer));
}

/** Why nothing is kept, in a sentence. */
export function refusalWords(error: unknown): string {
  const name = error instanceof Error ? error.name : '';
  if (name.includes('Quota')) return 'The browser’s storage is full.';
  if (name === 'NoAnswer') return 'The browser’s storage does not answer.';
  return 'The browser refuses to keep anything.';
}
