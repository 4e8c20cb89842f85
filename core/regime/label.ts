/** Figures as a label rounds them. Nothing else in the program is rounded. */
import type { Nutrient } from '../vocabulary/nutrient.ts';

export interface DeclaredFigure {
  value: number;
  text: string;
  /** Per cent of the regime's reference value. */
  percentDaily?: number;
  /** An amount that may be left out of a simplified panel, 21 CFR 101.9(f)(1). */
  insignificant?: true;
  /** Where the regime declares two amounts, both are named; the line itself is then of the serving. */
  perServing?: Rounded & { percentDaily?: number };
  per100g?: Rounded;
}

/** Where the figures stand in an analysis. */
export type LabelKey = 'us' | 'eu' | 'ca' | 'anz';
export type DeclaredLines = Partial<Record<Nutrient, DeclaredFigure>>;
export type Declared = Partial<Record<LabelKey, DeclaredLines>>;

export interface LabelFigure {
  value: number;
  /** The value is a lower bound. */
  atLeast: boolean;
}
export interface LabelFigures {
  perServing: (key: Nutrient) => LabelFigure;
  per100g: (key: Nutrient) => LabelFigure;
  /** Whether the whole interval supports a content claim of this regime. */
  supports: (claimId: string) => boolean;
}

export interface LabelRules {
  key: LabelKey;
  /** Of what the figures are and after which rule, in a sentence. */
  words: string;
  /** Sentences the regime asks for beside the figures, as they are to stand. */
  mandatory?: readonly string[];
  lines: (figures: LabelFigures) => DeclaredLines;
  /** Every line it has a rounding for, worth declaring or not. Where it is missing, `lines` are all. */
  every?: (figures: LabelFigures) => DeclaredLines;
  /** Lines the label counts otherwise than the tables do, with their name as it counts. */
  countedAs?: Readonly<Partial<Record<Nutrient, string>>>;
  /** Lines a label may bear and need not, and the per cent of its reference from which a bowl is said to hold some of it. */
  voluntary?: { nutrients: readonly Nutrient[]; fromPercent: number };
}

export interface Rounded {
  value: number;
  text: string;
}
export type Round = (x: number) => Rounded;

/** To the nearest step, halves up. The least above: 0.15 / 0.1 is a hair under 1.5 in binary. */
export const nearest = (x: number, step: number): number => Math.round(Math.round(x / step + 1e-9) * step * 1e6) / 1e6;
export const say = (value: number, unit: string, decimals?: number): Rounded => ({
  value,
  text: `${decimals === undefined ? value : value.toFixed(decimals)} ${unit}`,
});
export const toStep =
  (step: number, unit: string): Round =>
  (x) =>
    say(nearest(x, step), unit);
/** So many significant figures. */
export const figures =
  (digits: number, unit: string): Round =>
  (x) =>
    say(x === 0 ? 0 : Number(x.toPrecision(digits)), unit);

/** A lower bound says so; one of which next to nothing is known says that, and not 'at least less than 1 g'. */
export function declared({ value, atLeast }: LabelFigure, round: Round): Rounded {
  const rounded = round(value);
  if (!atLeast) return rounded;
  const open = rounded.value === 0 || /^(?:<|less than)/.test(rounded.text);
  return { value: rounded.value, text: open ? 'not known' : `at least ${rounded.text}` };
}

/** Lines of one amount each, with the per cent where there is one. A share of a lower bound would read as the share of the whole: none. */
export function linesOf(
  rules: readonly (readonly [Nutrient, Round])[],
  figureOf: (key: Nutrient) => LabelFigure,
  percent: (key: Nutrient, amount: number) => number | undefined,
  isInsignificant: (key: Nutrient, rounded: Rounded) => boolean = () => false,
): DeclaredLines {
  const lines: DeclaredLines = {};
  for (const [key, round] of rules) {
    const figure = figureOf(key);
    const { value, text } = declared(figure, round);
    const line: DeclaredFigure = { value, text };
    lines[key] = line;
    if (figure.atLeast) continue;
    const percentDaily = percent(key, figure.value);
    const isLittle = isInsignificant(key, line);
    if (percentDaily !== undefined) line.percentDaily = percentDaily;
    if (isLittle) line.insignificant = true;
  }
  return lines;
}
