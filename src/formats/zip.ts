/** ZIP files in and out, with a limit on what they may unpack to: a few kilobytes can claim to be gigabytes. */
import { strToU8, Unzip, UnzipInflate, zipSync, type UnzipFile } from 'fflate';
import { joinBytes } from './bytes';

const MOST_FILES = 5000;

export interface UnzipLimits {
  /** Bytes, unpacked, of one file. */
  readonly file: number;
  /** Bytes, unpacked, of all that are wanted. */
  readonly all: number;
}

/** `damaged`: names of wanted files that could not be unpacked. */
export type Unpacked =
  | { readonly files: ReadonlyMap<string, Uint8Array>; readonly damaged: readonly string[] }
  | { readonly problem: string };

export const isZip = (bytes: Uint8Array): boolean =>
  bytes[0] === 0x50 && bytes[1] === 0x4b && (bytes[2] === 3 || bytes[2] === 5);

/** The record every ZIP ends with (PKWARE APPNOTE 4.3.16), before a comment of at most 65,535 bytes. */
function hasEnd(bytes: Uint8Array): boolean {
  const least = Math.max(0, bytes.length - 65_557);
  for (let at = bytes.length - 22; at >= least; at--)
    if (bytes[at] === 0x50 && bytes[at + 1] === 0x4b && bytes[at + 2] === 5 && bytes[at + 3] === 6) return true;
  return false;
}

const SLICE = 65_536;

class TooMuch extends Error {}

/** Unpacks what `wants` names, counting while it unpacks: what a ZIP says of its own sizes is not believed. */
export function unpack(bytes: Uint8Array, wants: (name: string) => boolean, limits: UnzipLimits): Unpacked {
  const files = new Map<string, Uint8Array>();
  const damaged = new Set<string>();
  let [all, seen, broken, tooMuch] = [0, 0, false, false];
  // The library catches what its callbacks throw: the flag tells.
  const stop = (): never => {
    tooMuch = true;
    throw new TooMuch();
  };
  const onFile = (file: UnzipFile): void => {
    seen += 1;
    if (seen > MOST_FILES) stop();
    if (file.name.endsWith('/') || !wants(file.name)) return;
    const chunks: Uint8Array[] = [];
    let own = 0;
    damaged.add(file.name);
    file.ondata = (error, chunk, final) => {
      if (error || tooMuch) broken = true;
      else {
        own += chunk.length;
        all += chunk.length;
        if (own > limits.file || all > limits.all) stop();
        chunks.push(chunk.slice());
        if (!final) return;
        files.set(
          freeName(file.name, (name) => files.has(name)),
          joinBytes(chunks),
        );
        damaged.delete(file.name);
      }
    };
    file.start();
  };
  try {
    const reader = new Unzip(onFile);
    reader.register(UnzipInflate);
    for (let at = 0; at < bytes.length; at += SLICE) {
      reader.push(bytes.subarray(at, at + SLICE), at + SLICE >= bytes.length);
      if (tooMuch) break;
    }
  } catch {
    broken = true;
  }
  if (tooMuch) return { problem: 'This file unpacks to far more than any number of dances; it was not opened.' };
  return files.size === 0 && (broken || !hasEnd(bytes))
    ? { problem: 'This file is damaged: it can’t be unpacked.' }
    : { files, damaged: [...damaged] };
}

/** The last part of a path inside a ZIP: folders, drives and dots in it lead nowhere. */
export const baseName = (name: string): string => name.replace(/^.*[\\/]/, '');

/** A name that is taken gets a number before its ending. */
function freeName(name: string, isTaken: (name: string) => boolean): string {
  let free = name;
  for (let number = 2; isTaken(free); number++) free = name.replace(/(\.[^.]*)?$/, (ending) => `-${number}${ending}`);
  return free;
}

/** An OpenDocument package: the kind of file stands first and unpacked, where anybody can read it. */
export const packOdf = (
  mimetype: string,
  files: readonly { readonly name: string; readonly content: string }[],
): Uint8Array =>
  zipSync({
    mimetype: [strToU8(mimetype), { level: 0 }],
    ...Object.fromEntries(files.map(({ name, content }) => [name, [strToU8(content), { level: 6 as const }] as const])),
  });

/** Names that come twice get a number. */
export function pack(files: readonly { readonly name: string; readonly content: string | Uint8Array }[]): Uint8Array {
  const entries: Record<string, Uint8Array> = Object.create(null) as Record<string, Uint8Array>;
  for (const { name, content } of files) {
    entries[freeName(name, (own) => own in entries)] = typeof content === 'string' ? strToU8(content) : content;
  }
  return zipSync(entries, { level: 6 });
}
