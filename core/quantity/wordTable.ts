/** A table that is looked up by a word someone typed. A Map, since a plain object answers to 'constructor' with a function. */
export type WordTable<T> = ReadonlyMap<string, T>;

export const wordTable = <const T>(rows: Readonly<Record<string, T>>): WordTable<T> => new Map(Object.entries(rows));
