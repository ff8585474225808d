/**
 * A WOFF file (W3C, WOFF File Format 1.0) opened to the OpenType font in it. The PDF library opens them itself, far slower, and again
 * for each file it makes.
 */
import { unzlibSync } from 'fflate';

const HEADER = 44;
const ENTRY = 20;
const OPEN_HEADER = 12;
const OPEN_ENTRY = 16;
const padded = (length: number): number => (length + 3) & ~3;

/** What is no WOFF is given back as it is. */
export function openWoff(file: Uint8Array): Uint8Array {
  const view = new DataView(file.buffer, file.byteOffset, file.byteLength);
  if (file.byteLength < HEADER || view.getUint32(0) !== 0x774f4646) return file;
  const tables = Array.from({ length: view.getUint16(12) }, (_, index) => {
    const at = HEADER + index * ENTRY;
    const [tag, from, packed, length, checksum] = [0, 4, 8, 12, 16].map((offset) => view.getUint32(at + offset));
    const content = file.subarray(from, from + packed);
    return { tag, checksum, content: packed < length ? unzlibSync(content) : content };
  });
  const sum = tables.reduce((all, { content }) => all + padded(content.length), 0);
  const open = new Uint8Array(OPEN_HEADER + tables.length * OPEN_ENTRY + sum);
  const to = new DataView(open.buffer);
  const power = Math.floor(Math.log2(tables.length));
  to.setUint32(0, view.getUint32(4));
  [tables.length, 16 << power, power, (tables.length - (1 << power)) * 16].forEach((value, index) =>
    to.setUint16(4 + index * 2, value),
  );
  let at = OPEN_HEADER + tables.length * OPEN_ENTRY;
  tables.forEach(({ tag, checksum, content }, index) => {
    [tag, checksum, at, content.length].forEach((value, part) =>
      to.setUint32(OPEN_HEADER + index * OPEN_ENTRY + part * 4, value),
    );
    open.set(content, at);
    at += padded(content.length);
  });
  return open;
}
