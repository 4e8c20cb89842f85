/**
 * A measuring device of the kitchen: a scale, a probe. What a real one's adapter has to be is this interface and nothing else: it tells
 * readings while somebody listens, and may be driven where it can. To add one, write an adapter and put it into the list of the registry.
 */
export const FAULTS = ['flatBattery', 'disconnected', 'overRange'] as const;
export type Fault = (typeof FAULTS)[number];

export interface DeviceReading {
  /** An instant, ISO 8601. */
  at: string;
  /** Grams of a scale, degrees Celsius of a probe; what it showed last where there is a fault, and not to be used then. */
  value: number;
  unit: 'g' | 'C';
  /** It has settled: the same for a second within its resolution. */
  stable: boolean;
  fault?: Fault;
}

export interface DeviceInfo {
  id: string;
  kind: 'scale' | 'probe';
  name: string;
  simulated: boolean;
}

export interface Device {
  readonly info: DeviceInfo;
  /** As it reads now. */
  read(): DeviceReading;
  /** Does what it is told; throws a RangeError for what it cannot. */
  drive(command: DeviceCommand): void;
}

/** What is put on a simulated scale, or what a simulated probe is put into. */
export interface DeviceCommand {
  /** The scale shows nothing for what stands on it now. */
  tare?: true | undefined;
  /** Grams put on beside what stands there. */
  load?: number | undefined;
  /** All of it is taken off, or so many grams. */
  remove?: true | number | undefined;
  /** What the probe is put into; null for the air of the room. */
  immerse?: Immersed | null | undefined;
  /** Null mends it. */
  fault?: Fault | null | undefined;
}

export interface Immersed {
  celsius: number;
  /** A pot on a ring: it heats up to the boil. */
  grams?: number | undefined;
  ringKw?: number | undefined;
  /** A container in the cold: it cools as its slab does. */
  container?: { depthCm: number; covered: boolean; air: 'still' | 'moving' | 'iceBath' } | undefined;
}
