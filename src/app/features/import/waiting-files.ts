/** Files dropped on another screen, on their way to the Import screen. */
let waiting: readonly File[] = [];

export function waitForImport(files: readonly File[]): void {
  waiting = [...files];
}

export function takeWaiting(): readonly File[] {
  const files = waiting;
  waiting = [];
  return files;
}
