/**
 * A scale and a probe that behave as such things do: they take a moment to settle, tremble, drift, round, are overloaded, lose their battery
 * and their connection. Seeded, so that the same kitchen reads the same; the soup under the probe heats and cools by the physics of the plans.
 */
import { RING_EFFICIENCY, SOUP_HEAT } from '../../core/plan/data/minutes.ts';
import { cooler } from '../../core/plan/slab.ts';
import type { Device, DeviceCommand, DeviceInfo, DeviceReading, Fault, Immersed } from './device.ts';

export type Now = () => number;

/** Noise between -1 and 1 at an instant: the same for the same seed and instant. */
function noiseOf(seed: number, at: number): number {
  let mixed = (seed ^ Math.floor(at / 100)) | 0;
  mixed = Math.imul(mixed ^ (mixed >>> 16), 0x45d9f3b);
  mixed = Math.imul(mixed ^ (mixed >>> 16), 0x45d9f3b);
  return (((mixed ^ (mixed >>> 16)) >>> 0) / 4_294_967_295) * 2 - 1;
}

const rounded = (value: number, step: number): number => Number((Math.round(value / step) * step).toFixed(3));
/** Share of the way to a new value that is still to go. */
const toGo = (ms: number, tauMs: number): number => Math.exp(-Math.max(0, ms) / tauMs);

/** Kitchen scales of the common kind: 15 kg by 1 g. */
const SCALE = { mostGrams: 15_000, stepGrams: 1, tremble: 0.4, settleMs: 350, driftGramsPerHour: 2 } as const;
/** A probe of the common kind: 0.1 degree, some four seconds in soup. */
const PROBE = { stepC: 0.1, tremble: 0.06, settleMs: 4000, most: 200, room: 21 } as const;
/** Settled: nearer to its value than this share of a step, or of a degree. */
const SETTLED = 0.5;
const HOUR_MS = 3_600_000;
const MINUTE_MS = 60_000;
const BOILS_C = 100;

abstract class Simulated implements Device {
  protected fault: Fault | null = null;
  protected shown = 0;

  constructor(
    readonly info: DeviceInfo,
    protected readonly seed: number,
    protected readonly now: Now,
  ) {}

  abstract read(): DeviceReading;
  abstract drive(command: DeviceCommand): void;

  protected reading(value: number, unit: 'g' | 'C', stable: boolean, fault: Fault | null = this.fault): DeviceReading {
    if (!fault) this.shown = value;
    return { at: new Date(this.now()).toISOString(), value: this.shown, unit, stable: stable && !fault, ...(fault ? { fault } : {}) };
  }
}

export class SimulatedScale extends Simulated {
  private grams = 0;
  private before = 0;
  private changedAt: number;
  private tare = 0;
  private onSince: number;

  constructor(id: string, seed: number, now: Now) {
    super({ id, kind: 'scale', name: 'Simulated scale, 15 kg', simulated: true }, seed, now);
    this.changedAt = now();
    this.onSince = now();
  }

  read(): DeviceReading {
    const at = this.now();
    const left = (this.grams - this.before) * toGo(at - this.changedAt, SCALE.settleMs);
    const drift = (SCALE.driftGramsPerHour * (at - this.onSince)) / HOUR_MS;
    const settled = Math.abs(left) < SCALE.stepGrams * SETTLED;
    const over = this.grams > SCALE.mostGrams;
    const exact = this.grams - left - this.tare + drift + noiseOf(this.seed, at) * SCALE.tremble * (settled ? SETTLED : 1);
    return this.reading(rounded(exact, SCALE.stepGrams), 'g', settled && !over, this.fault ?? (over ? 'overRange' : null));
  }

  drive({ tare, load, remove, fault, immerse }: DeviceCommand): void {
    if (immerse !== undefined) throw new RangeError('a scale is put into nothing');
    if (load !== undefined) this.stand(this.grams + load);
    if (remove !== undefined) this.stand(remove === true ? 0 : this.grams - remove);
    if (tare) {
      this.tare = this.grams;
      this.onSince = this.now();
    }
    if (fault !== undefined) this.fault = fault;
  }

  private stand(grams: number): void {
    const at = this.now();
    this.before += (this.grams - this.before) * (1 - toGo(at - this.changedAt, SCALE.settleMs));
    this.grams = Math.max(0, grams);
    this.changedAt = at;
  }
}

export class SimulatedProbe extends Simulated {
  private within: Immersed | null = null;
  private putAt: number;
  private from: number = PROBE.room;

  constructor(id: string, seed: number, now: Now) {
    super({ id, kind: 'probe', name: 'Simulated probe', simulated: true }, seed, now);
    this.putAt = now();
    this.shown = PROBE.room;
  }

  read(): DeviceReading {
    const at = this.now();
    const true_ = this.celsiusAt(at);
    const left = (true_ - this.from) * toGo(at - this.putAt, PROBE.settleMs);
    const exact = true_ - left + noiseOf(this.seed, at) * PROBE.tremble;
    return this.reading(rounded(Math.min(PROBE.most, exact), PROBE.stepC), 'C', Math.abs(left) < SETTLED);
  }

  drive({ tare, load, remove, immerse, fault }: DeviceCommand): void {
    if (tare !== undefined || load !== undefined || remove !== undefined) throw new RangeError('nothing is put on a probe');
    if (immerse !== undefined) {
      this.from = this.read().value;
      this.within = immerse;
      this.putAt = this.now();
    }
    if (fault !== undefined) this.fault = fault;
  }

  /** The soup it stands in: on a ring up to the boil, in a container down to the cold, else as it was put there. */
  private celsiusAt(at: number): number {
    const { within } = this;
    if (!within) return PROBE.room;
    const minutes = (at - this.putAt) / MINUTE_MS;
    if (within.container) return cooler(within.container, within.celsius)(minutes);
    if (within.ringKw && within.grams) {
      const perMinute = (within.ringKw * 1000 * RING_EFFICIENCY * 60) / (within.grams * SOUP_HEAT);
      return Math.min(BOILS_C, within.celsius + perMinute * minutes);
    }
    return within.celsius;
  }
}
