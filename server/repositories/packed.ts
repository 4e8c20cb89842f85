/** Documents as SQLite keeps them: JSON deflated, since a kept analysis is nine parts repetition. */
import { deflateRawSync, inflateRawSync } from 'node:zlib';

export const packed = (document: unknown): Buffer => packedText(JSON.stringify(document));
export const packedText = (text: string): Buffer => deflateRawSync(text, { level: 9 });
/** Throws when the bytes are no deflated JSON. */
export const unpacked = (bytes: Buffer): unknown => JSON.parse(inflateRawSync(bytes).toString('utf8'));

/** A kept cell of JSON, or null where it cannot be read: one damaged cell must not take its whole list along. */
export function readable<T>(cell: string): T | null {
  try {
    return JSON.parse(cell) as T;
  } catch {
    return null;
  }
}
