/** A file of an archive, or a folder (without bytes). */
export interface TarEntry {
  path: string;
  bytes: Uint8Array | undefined;
}

const BLOCK = 512;
/** The most that one entry may hold, bytes: a table's file is split at 1 GB. */
const MOST_BYTES = 1_073_741_824;
const text = (block: Uint8Array, from: number, length: number): string => {
  const field = block.subarray(from, from + length);
  const end = field.indexOf(0);
  return new TextDecoder().decode(end < 0 ? field : field.subarray(0, end));
};
const octal = (block: Uint8Array, from: number, length: number): number => {
  const digits = text(block, from, length).trim();
  return /^[0-7]+$/.test(digits) ? Number.parseInt(digits, 8) : Number.NaN;
};
/** The sum of a header with its own sum read as blanks (POSIX.1-1988, ustar). */
const sumOf = (block: Uint8Array): number => block.reduce((sum, byte, i) => sum + (i >= 148 && i < 156 ? 0x20 : byte), 0);

/** A path that stays inside the folder into which it is unpacked. */
const isInside = (path: string): boolean => path !== '' && !path.startsWith('/') && !/(^|[\\/])\.\.([\\/]|$)|[\0\\]/.test(path);

/**
 * The entries of a tar archive (ustar). Throws RangeError with the place for anything that is not whole: a sum that is wrong, a size
 * beyond the end, a path that leads elsewhere, an archive that stops before its end.
 */
export function readTar(archive: Uint8Array): TarEntry[] {
  const entries: TarEntry[] = [];
  for (let at = 0; ; ) {
    if (at + BLOCK > archive.length) throw new RangeError(`archive cut off at byte ${at}`);
    const header = archive.subarray(at, at + BLOCK);
    if (header.every((byte) => byte === 0)) return entries;
    if (octal(header, 148, 8) !== sumOf(header)) throw new RangeError(`invalid header at byte ${at}`);
    const prefix = text(header, 257, 6).startsWith('ustar') ? text(header, 345, 155) : '';
    const path = (prefix ? `${prefix}/` : '') + text(header, 0, 100);
    const size = octal(header, 124, 12);
    const kind = String.fromCharCode(header[156]);
    const inner = path.replace(/^\.?\/+/, '').replace(/\/+$/, '');
    if (!Number.isInteger(size) || size > MOST_BYTES) throw new RangeError(`invalid size of ${path}`);
    const from = at + BLOCK;
    if (from + size > archive.length) throw new RangeError(`archive cut off in ${path}`);
    if (inner !== '' && !isInside(inner)) throw new RangeError(`path outside of the archive: ${path}`);
    if (kind === '5') entries.push({ path: inner, bytes: undefined });
    else if (kind === '0' || kind === '\0') entries.push({ path: inner, bytes: archive.subarray(from, from + size) });
    else throw new RangeError(`${path} is neither a file nor a folder`);
    at = from + Math.ceil(size / BLOCK) * BLOCK;
  }
}
