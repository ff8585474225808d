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

/** Names of errors with which a browser says that its database can't be had (IndexedDB 3.0, section 3, and Dexie's own). */
const CLOSED: ReadonlySet<string> = new Set([
  'OpenFailedError',
  'MissingAPIError',
  'DatabaseClosedError',
  'InvalidStateError',
  'SecurityError',
  'NotAllowedError',
  'UnknownError',
  'NotFoundError',
  'AbortError',
  'TransactionInactiveError',
  'TimeoutError',
  'ReadOnlyError',
]);

/** The error itself, and what it stands for: Dexie wraps what the browser said. */
function namesOf(error: unknown): string[] {
  if (typeof error !== 'object' || error === null) return [];
  const { name, inner } = error as { name?: unknown; inner?: unknown };
  return [String(name), ...(inner === undefined || inner === error ? [] : namesOf(inner))];
}

const isFull = (error: unknown): boolean => namesOf(error).some((name) => name.includes('Quota'));

/** The browser's storage refuses or is silent; anything else is about what was to be kept, or a slip of the slate. */
export const isRefusal = (error: unknown): boolean =>
  isFull(error) || namesOf(error).some((name) => name === 'NoAnswer' || name === 'VersionError' || CLOSED.has(name));

/** Why nothing came of it, in a sentence that says no more than is known. */
export function refusalWords(error: unknown): string {
  const names = namesOf(error);
  if (isFull(error)) return 'The browser’s storage is full.';
  if (names.includes('NoAnswer')) return 'The browser’s storage does not answer.';
  if (names.includes('VersionError')) return 'A newer version of the slate has been here: load this page again.';
  if (isRefusal(error)) return 'The browser refuses to keep anything.';
  if (names.includes('DataError') || names.includes('DataCloneError') || names.includes('ConstraintError'))
    return 'The browser can’t keep this as it is.';
  const said = error instanceof Error && error.message !== '' ? ` (${error.message.slice(0, 120)})` : '';
  return `This could not be worked out${said}: a slip of the slate, the browser’s storage is well.`;
}
