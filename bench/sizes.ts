/** What the browser loads: the first screens of the built application, gzipped, and each piece that is loaded when it is used. */
import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';

const IMPORT = /(?:^|[;}\s])(?:import|export)(?:[\w*{}\s,$]*from)?\s*["']\.\/([\w.-]+\.js)["']/g;

export interface Sizes {
  /** Bytes, gzipped, of all JavaScript that is loaded before a screen stands. */
  readonly dances: number;
  readonly script: number;
  readonly lazy: readonly (readonly [name: string, bytes: number])[];
}

export function measureSizes(dist: string): Sizes {
  const assets = path.join(dist, 'assets');
  const files = readdirSync(assets).filter((name) => name.endsWith('.js') || name.endsWith('.mjs'));
  const size = new Map(files.map((name) => [name, gzipSync(readFileSync(path.join(assets, name))).length]));
  const needs = (name: string): string[] =>
    [...readFileSync(path.join(assets, name), 'utf8').matchAll(IMPORT)]
      .map(([, own]) => own)
      .filter((own) => size.has(own));
  const reach = (roots: readonly string[]): Set<string> => {
    const seen = new Set<string>();
    const walk = (name: string): void => {
      if (seen.has(name)) return;
      seen.add(name);
      for (const own of needs(name)) walk(own);
    };
    for (const root of roots) walk(root);
    return seen;
  };
  const html = readFileSync(path.join(dist, 'index.html'), 'utf8');
  const entries = [...html.matchAll(/assets\/([\w.-]+\.js)/g)].map(([, name]) => name);
  const named = (start: string): string[] => files.filter((name) => name.startsWith(`${start}-`));
  const sum = (names: Iterable<string>): number => [...names].reduce((all, name) => all + (size.get(name) ?? 0), 0);
  const dances = reach(entries);
  const script = reach([...entries, ...named('DanceLayout'), ...named('ScriptScreen')]);
  return {
    dances: sum(dances),
    script: sum(script),
    lazy: files
      .filter((name) => !script.has(name))
      .map((name) => [name.replace(/-[\w-]{8}\.m?js$/, ''), size.get(name) ?? 0] as const)
      .sort(([, a], [, b]) => b - a),
  };
}
