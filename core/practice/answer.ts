/** Answers as they come: a list of ids, one id, or objects that name them. */

const idOf = (one: unknown): string | null => {
  if (typeof one === 'string') return one;
  if (typeof one !== 'object' || one === null) return null;
  const { id, lineId, stepId } = one as Record<string, unknown>;
  const named = id ?? lineId ?? stepId;
  return typeof named === 'string' ? named : null;
};

/** The ids of an answer, or null where it names none. */
export function idsIn(answer: unknown): string[] | null {
  const list = Array.isArray(answer) ? answer : [answer];
  const ids = list.map(idOf);
  return ids.every((id) => id !== null) ? (ids as string[]) : null;
}

export const isSame = (one: readonly string[], other: readonly string[]): boolean => {
  const [a, b] = [new Set(one), new Set(other)];
  return a.size === b.size && [...a].every((id) => b.has(id));
};
