/** What the lines of a soup say of one allergen, or of one diet, and the verdict over it: for any ladder of states. */

export type Scope = 'pot' | 'bowl' | 'plate';
export type Scoped<T> = Record<Scope, T>;

export interface Because<S extends string = string> {
  lineId: string;
  /** From the food to what it holds; shared by all lines of the food. */
  path: readonly string[];
  /** What this line alone would make of the state. */
  state: S;
}

export interface FewestChanges {
  /** Lines to change until the state is clear; null when a line without a food hides what it holds. */
  count: number | null;
  lineIds: string[];
}

export interface Verdict<S extends string> {
  /** Of the bowl. */
  state: S;
  scopes: Scoped<S>;
  fewestChanges: Scoped<FewestChanges>;
  /** The worst first, else in the order of the lines. */
  because: Because<S>[];
}

const SCOPES = ['pot', 'bowl', 'plate'] as const satisfies readonly Scope[];
/** The first scope, by its place in SCOPES, that takes in what stands in this one: the plate takes in all. */
const REACHED_FROM: Scoped<number> = { pot: 0, bowl: 1, plate: 2 };

/** No more lines than this are named as the reason of one verdict. */
const MOST_REASONS = 100;
const NONE: FewestChanges = { count: 0, lineIds: [] };

export class Findings<S extends string> {
  readonly #because: Because<S>[] = [];
  readonly #reached: number[] = [];
  /** For each of SCOPES: something is said of what stands there; a line without a food stands there. */
  readonly #begins = [false, false, false];
  readonly #open = [false, false, false];

  /** What a line in `scope` says; all that one line says is added in a row. */
  add(scope: Scope, because: Because<S>): void {
    const from = REACHED_FROM[scope];
    this.#because.push(because);
    this.#reached.push(from);
    this.#begins[from] = true;
  }

  /** What a line without a food could hold: no change of other lines clears it. */
  addUnknown(scope: Scope, because: Because<S>): void {
    this.add(scope, because);
    this.#open[REACHED_FROM[scope]] = true;
  }

  /** Worst state of each scope, what to change, and why; `rank` counts from 0, the worst. */
  verdict(rank: Readonly<Record<S, number>>, clear: S): Verdict<S> {
    const scopes: Scoped<S> = { pot: clear, bowl: clear, plate: clear };
    const fewestChanges: Scoped<FewestChanges> = { pot: NONE, bowl: NONE, plate: NONE };
    let open = false;
    for (let reach = 0; reach < SCOPES.length; reach += 1) {
      const scope = SCOPES[reach] as Scope;
      const within = SCOPES[reach - 1];
      // Where nothing new stands in the wider scope, what was found in the one within it holds.
      if (this.#begins[reach]) {
        open ||= this.#open[reach] as boolean;
        const lineIds = this.#lineIds(reach);
        scopes[scope] = this.#worst(reach, rank, clear);
        fewestChanges[scope] = { count: open ? null : lineIds.length, lineIds };
      } else if (within) {
        scopes[scope] = scopes[within];
        fewestChanges[scope] = fewestChanges[within];
      }
    }
    return { state: scopes.bowl, scopes, fewestChanges, because: this.#worstFirst(rank) };
  }

  #worst(reach: number, rank: Readonly<Record<S, number>>, clear: S): S {
    let worst = clear;
    for (let i = 0; i < this.#because.length; i += 1) {
      const { state } = this.#because[i] as Because<S>;
      if ((this.#reached[i] as number) <= reach && rank[state] < rank[worst]) worst = state;
    }
    return worst;
  }

  #lineIds(reach: number): string[] {
    const lineIds: string[] = [];
    for (let i = 0; i < this.#because.length; i += 1) {
      const { lineId } = this.#because[i] as Because<S>;
      if ((this.#reached[i] as number) <= reach && lineIds[lineIds.length - 1] !== lineId) lineIds.push(lineId);
    }
    return lineIds;
  }

  #worstFirst(rank: Readonly<Record<S, number>>): Because<S>[] {
    const all = this.#because;
    const first = all[0];
    if (!first) return [];
    const sorted = all.every(({ state }) => state === first.state) ? all.slice() : all.toSorted((a, b) => rank[a.state] - rank[b.state]);
    if (sorted.length > MOST_REASONS) sorted.length = MOST_REASONS;
    return sorted;
  }
}
