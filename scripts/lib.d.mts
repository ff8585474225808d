/** What TypeScript files take from lib.mjs. */
export function ensureChromium(withSox?: boolean): Promise<string>;
export function startServer(port: number): Promise<{ readonly address: string; readonly stop: () => void }>;
