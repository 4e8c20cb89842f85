/** The steps while they are being rewritten: their words, what they use, and what is put in between. */
import type { Step } from '../vocabulary/recipe.ts';
import { tidied } from './text.ts';

export interface Draft {
  step: Step;
  text: string;
  uses: string[];
}

export class Drafts {
  readonly list: Draft[];
  private readonly ids: Set<string>;
  private readonly before: Step[] = [];
  private readonly last: Step[] = [];
  /** Steps put in after a draft, by its index. */
  private readonly after = new Map<number, Step[]>();

  constructor(steps: readonly Step[]) {
    this.list = steps.map((step) => ({ step, text: step.text, uses: [...(step.uses ?? [])] }));
    this.ids = new Set(steps.map(({ id }) => id));
  }

  /** An id that no step has. */
  fresh(base: string): string {
    let id = base;
    while (this.ids.has(id)) id = `${id}'`;
    this.ids.add(id);
    return id;
  }

  /** Before all steps. */
  open(step: Step): void {
    this.before.push(step);
  }

  /** After the draft at an index, -1 for before them all; `ahead` of whatever else comes there: a slurry goes in before any cream. */
  insert(at: number, step: Step, ahead = false): void {
    const there = this.after.get(at) ?? [];
    this.after.set(at, ahead ? [step, ...there] : [...there, step]);
  }

  /** Last of all before the soup is served. */
  close(step: Step): void {
    this.last.push(step);
  }

  get firstBlend(): number {
    return this.list.findIndex(({ step }) => step.method === 'blend' || step.stage === 'blend');
  }
  get lastBlend(): number {
    return this.list.findLastIndex(({ step }) => step.method === 'blend' || step.stage === 'blend');
  }
  /** The step in which the pot simmers. */
  get poured(): number {
    return this.list.findIndex(
      ({ step, uses }) => step.method === 'simmer' || step.method === 'boil' || (step.stage === 'simmer' && uses.length > 0),
    );
  }
  /** Nothing of it is heated: a cold soup. */
  get isCold(): boolean {
    return !this.list.some(({ step: { method } }) => method !== undefined && method !== 'blend' && method !== 'soak');
  }
  get beforeServing(): number {
    const served = this.list.findIndex(({ step }) => step.stage === 'bowl' || step.stage === 'plate');
    return served < 0 ? this.list.length - 1 : served - 1;
  }

  /** A sentence more in a step: behind its first sentence that matches, else at its end. */
  say(at: number, sentence: string, uses: readonly string[], behind?: RegExp): void {
    const draft = this.list[at] as Draft;
    const sentences = draft.text.split(/(?<=[.!])\s+/);
    const place = behind ? sentences.findIndex((one) => behind.test(one)) : -1;
    draft.text =
      place < 0 || place === sentences.length - 1
        ? added(draft.text, sentence)
        : tidied([...sentences.slice(0, place + 1), sentence, ...sentences.slice(place + 1)].join(' '));
    draft.uses.push(...uses);
  }

  /** Lines that are put in by work which is told already join it; false where it is not told. */
  join(text: string, uses: readonly string[], rest: string): boolean {
    const told = text.replace(/\.\s*$/, '');
    const step = [...this.before, ...[...this.after.values()].flat()].find((one) => one.text.startsWith(told) && one.uses);
    if (!step) return false;
    step.uses = [...(step.uses ?? []), ...uses];
    if (rest !== '' && !step.text.includes(rest)) step.text = `${step.text.replace(/\.\s*$/, '')}, with ${rest}.`;
    return true;
  }

  /** What was to go under the grill is gone, and nothing else goes there. */
  private isHeatedForNothing(at: number): boolean {
    const { step, text } = this.list[at] as Draft;
    const others = this.list.filter((_, place) => place !== at);
    return step.text !== text && ONLY_HEATS.test(text) && !ONLY_HEATS.test(step.text) && !others.some((other) => IN_THE_OVEN.test(other.text));
  }

  written(): Step[] {
    const out: Step[] = [...this.before, ...(this.after.get(-1) ?? [])];
    const end = this.beforeServing;
    // Who is told to season with acid first is told to taste.
    const isWeighed = this.last.some(({ text }) => text.startsWith('Season'));
    const last = this.last.filter(({ text }) => !(isWeighed && text.startsWith('Taste')));
    this.list.forEach(({ step, text, uses }, at) => {
      if ((!isNothing(text) || isNothing(step.text)) && !this.isHeatedForNothing(at)) {
        // Where the old words spoke of their lines is no longer true of new ones.
        const { uses: _, mentions: __, ...rest } = step;
        out.push({ ...rest, text: capital(text.trim()), ...(uses.length > 0 || step.uses ? { uses: [...new Set(uses)] } : {}) });
      }
      out.push(...(this.after.get(at) ?? []), ...(at === end ? last : []));
    });
    return end < 0 ? [...out, ...last] : out;
  }
}

/** A grill or an oven that is heated, and nothing else done. */
const ONLY_HEATS = /^\s*(?:pre-?)?heat\s+(?:the|a|an|your)\s+(?:hot\s+)?(?:grill|broiler|oven)\b[^.;]*[.;]?\s*$/i;
const IN_THE_OVEN = /\b(?:grill\w*|broil\w*|oven|bak(?:e|ed|ing)|roast\w*|tray|baking sheet)\b/i;

export const isNothing = (text: string): boolean => /^[\s.,;]*$/.test(text);
export const added = (text: string, sentence: string): string => tidied(`${isNothing(text) ? '' : text.replace(/[.\s]*$/, '.')} ${sentence}`);
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
