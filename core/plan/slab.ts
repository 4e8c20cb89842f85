/**
 * A container of soup cooling: transient conduction in a plane slab of half the depth, symmetric about its middle, that loses heat at its
 * faces (Newton's law). The exact series (Carslaw and Jaeger; Heisler charts): with Bi = hL/k and Fo = at/L2 the middle, the warmest place,
 * stands at theta = sum C_n exp(-z_n2 Fo), z_n tan z_n = Bi, C_n = 4 sin z_n / (2 z_n + sin 2 z_n).
 *
 * Conductivity and diffusivity of thick puree from memory; the face coefficients are fitted to three cases of 5 cm from 57 to 21 C: 2.6 h
 * open and 3.8 h covered in still fridge air, 1.7 h open in moving air (science of the bowl, section 11). All of it is an estimate: it
 * warns, and passes nothing.
 */
export const AIRS = ['still', 'moving', 'iceBath'] as const;
export type Air = (typeof AIRS)[number];

export interface Container {
  depthCm: number;
  covered: boolean;
  air: Air;
}

/** W/(m K) and m2/s. */
const CONDUCTIVITY = 0.55;
const DIFFUSIVITY = 1.4e-7;
/** Loss at the face, W/(m2 K), without a lid and under one. */
const FACE = { still: { open: 16.2, covered: 9.9 }, moving: { open: 30.5, covered: 18.6 } } as const;
/** What is round it, C. */
const FRIDGE_C = 4;
const ICE_C = 0.5;
/** Stirred in ice water it is the same throughout, and loses heat through the wall: W/(m2 K), an estimate from memory. */
const ICE_WALL = 100;
/** J/(m3 K). */
const HEAT_CAPACITY = CONDUCTIVITY / DIFFUSIVITY;

const MOST_TERMS = 60;
const NEGLIGIBLE = 1e-9;

/** The n-th root, counted from 0, of z tan z = Bi: between n pi and (n + 1/2) pi. */
export function root(biot: number, n: number): number {
  let low = n * Math.PI;
  let high = low + Math.PI / 2;
  for (let step = 0; step < 60; step++) {
    const middle = (low + high) / 2;
    // z sin z - Bi cos z rises through the root and has no pole.
    const sign = n % 2 === 0 ? 1 : -1;
    if (sign * (middle * Math.sin(middle) - biot * Math.cos(middle)) < 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** Share of the first difference to the air that the middle still has, from the same temperature throughout. `fourier` from 0. */
export function middleShare(biot: number, fourier: number): number {
  if (fourier <= 0) return 1;
  let sum = 0;
  for (let n = 0; n < MOST_TERMS; n++) {
    const z = root(biot, n);
    const decay = Math.exp(-z * z * fourier);
    sum += ((4 * Math.sin(z)) / (2 * z + Math.sin(2 * z))) * decay;
    if (decay < NEGLIGIBLE) break;
  }
  return Math.min(1, sum);
}

/** A profile once formed keeps its shape and only shrinks: from here on the first term is all there is. */
const FORMED_FOURIER = 0.2;
const PER_MINUTE = 60;

export interface Point {
  minutes: number;
  celsius: number;
}

/**
 * How the warmest place goes on from a temperature, C, after it has cooled in this container for `before` minutes already. Minutes are
 * counted from now; a function of them.
 */
export function cooler({ depthCm, covered, air }: Container, from: number, before = 0): (minutes: number) => number {
  const half = depthCm / 100 / 2;
  if (air === 'iceBath') {
    const perSecond = ICE_WALL / (HEAT_CAPACITY * half);
    return (minutes) => ICE_C + (from - ICE_C) * Math.exp(-perSecond * minutes * PER_MINUTE);
  }
  const biot = (FACE[air][covered ? 'covered' : 'open'] * half) / CONDUCTIVITY;
  const perMinute = (DIFFUSIVITY * PER_MINUTE) / (half * half);
  if (before * perMinute >= FORMED_FOURIER) {
    const z = root(biot, 0);
    return (minutes) => FRIDGE_C + (from - FRIDGE_C) * Math.exp(-z * z * perMinute * minutes);
  }
  return (minutes) => FRIDGE_C + (from - FRIDGE_C) * middleShare(biot, perMinute * minutes);
}

/** Minutes until the warmest place is at `to`, C; null where the air never brings it there. */
export function minutesTo(container: Container, from: number, to: number, before = 0): number | null {
  if (from <= to) return 0;
  if (to <= (container.air === 'iceBath' ? ICE_C : FRIDGE_C)) return null;
  const at = cooler(container, from, before);
  let high = 1;
  while (at(high) > to) high *= 2;
  let low = 0;
  while (high - low > 0.01) {
    const middle = (low + high) / 2;
    if (at(middle) > to) low = middle;
    else high = middle;
  }
  return high;
}

const POINTS = 48;
/** A fridge of 4 C brings nothing below it: the curve ends a little above. */
const NEAR = 0.8;

/** The curve from a temperature down to `to`, C, or as near to it as the air brings it; minutes from `start`. */
export function curve(container: Container, from: number, to: number, start = 0, before = 0): Point[] {
  const end = minutesTo(container, from, Math.max(to, (container.air === 'iceBath' ? ICE_C : FRIDGE_C) + NEAR), before);
  if (end === null || end === 0) return [{ minutes: start, celsius: from }];
  const at = cooler(container, from, before);
  return Array.from({ length: POINTS + 1 }, (_, n) => {
    const minutes = (end * n) / POINTS;
    return { minutes: start + minutes, celsius: at(minutes) };
  });
}
