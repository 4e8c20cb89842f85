/** A number as someone types it into a box. What can be read two ways is not read: a sodium limit of 1,200 is no 1.2. */

export type TypedNumber = { kind: 'empty' } | { kind: 'number'; value: number } | { kind: 'fault'; message: string };

export interface NumberBounds {
  /** Inclusive. */
  min?: number;
  max?: number;
}

const THOUSANDS = /^(\d{1,3})([,.])(\d{3})$/;
const PLAIN = /^[-\u2212]?(?:\d+(?:[.,]\d*)?|[.,]\d+)$/;
const fault = (message: string): TypedNumber => ({ kind: 'fault', message });

/** A comma or a point sets off decimals; three digits behind one may be thousands, and are asked about. */
export function typedNumber(typed: string, { min = Number.NEGATIVE_INFINITY, max = Number.POSITIVE_INFINITY }: NumberBounds = {}): TypedNumber {
  const text = typed.trim();
  if (text === '') return { kind: 'empty' };
  const [, whole, , part] = THOUSANDS.exec(text) ?? [];
  if (whole !== undefined && whole !== '0' && part !== undefined)
    return fault(`'${text}' can be read two ways. Type ${whole}${part}, or ${whole}.${part.replace(/0+$/, '') || '0'}.`);
  if (!PLAIN.test(text)) return fault(`'${text}' is not a number.`);
  const value = Number(text.replace(',', '.').replace('\u2212', '-'));
  if (value < min) return fault(`Not below ${min}.`);
  return value > max ? fault(`Not above ${max}.`) : { kind: 'number', value };
}
