/** Seeded chance: the same seed makes the same choices, on every machine. */
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { mersenne } from 'pure-rand/generator/mersenne';

export class Chance {
  private readonly generator: ReturnType<typeof mersenne>;

  constructor(seed: number) {
    this.generator = mersenne(seed);
  }

  /** A whole number from 0 to below `many`. */
  below(many: number): number {
    return Math.floor(uniformFloat64(this.generator) * many);
  }

  one<T>(list: readonly T[]): T {
    if (list.length === 0) throw new Error('Nothing to choose from.');
    return list[this.below(list.length)] as T;
  }

  /** In an order of chance. */
  mixed<T>(list: readonly T[]): T[] {
    const out = [...list];
    for (let at = out.length - 1; at > 0; at -= 1) {
      const other = this.below(at + 1);
      [out[at], out[other]] = [out[other] as T, out[at] as T];
    }
    return out;
  }

  some<T>(list: readonly T[], many: number): T[] {
    return this.mixed(list).slice(0, many);
  }
}
