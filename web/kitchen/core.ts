/** The computing core with the food rows, fetched when first needed: it is most of what the browser has to load. */
import { use, useEffect, useState } from 'react';
import type { OwnFoodBody, PinBody } from '../../contract/types.ts';
import type { OnShelf } from '../../core/food/shelf.ts';
import { ask } from '../api/client.ts';

async function load() {
  const core = await import('./coreBundle.ts');
  const [foods, pins] = await Promise.all([fetchOwnFoods(), fetchPins()]);
  shelve(core, foods);
  core.SHELF.setPins({ pins, today: today() });
  return core;
}
export type Core = typeof import('./coreBundle.ts');
let loading: Promise<Core> | null = null;
let arrived: Core | null = null;

export function loadCore(): Promise<Core> {
  loading ??= load().then((core) => {
    arrived = core;
    return core;
  });
  return loading;
}

/** Suspends until the core is there. */
export const useCore = (): Core => use(loadCore());

/** The core once it is there, null before; for screens that can be read without it. */
export function useCoreSoon(): Core | null {
  const [core, setCore] = useState(arrived);
  useEffect(() => {
    let wanted = true;
    loadCore().then((loaded) => wanted && setCore(loaded));
    return () => {
      wanted = false;
    };
  }, []);
  return core;
}

const KEPT_HERE = 'kind-ladle.own-foods';

/** The kitchen's own foods; the copy kept in this browser when the server does not answer. */
async function fetchOwnFoods(): Promise<OwnFoodBody[]> {
  try {
    const { foods } = await ask<{ foods: OwnFoodBody[] }>('GET', '/api/own-foods');
    localStorage.setItem(KEPT_HERE, JSON.stringify(foods));
    return foods;
  } catch {
    return JSON.parse(localStorage.getItem(KEPT_HERE) ?? '[]');
  }
}

const PINS_KEPT_HERE = 'kind-ladle.label-pins';
const today = (): string => new Date().toISOString().slice(0, 10);

/** What the kitchen read on labels; the copy kept in this browser when the server does not answer. */
async function fetchPins(): Promise<PinBody[]> {
  try {
    const { pins } = await ask<{ pins: PinBody[] }>('GET', '/api/pins');
    localStorage.setItem(PINS_KEPT_HERE, JSON.stringify(pins));
    return pins;
  } catch {
    return JSON.parse(localStorage.getItem(PINS_KEPT_HERE) ?? '[]');
  }
}

/** Puts the labels that were read on the shelf of this page again, after one was changed. */
export async function shelvePins(): Promise<PinBody[]> {
  const [core, pins] = await Promise.all([loadCore(), fetchPins()]);
  core.SHELF.setPins({ pins, today: today() });
  return pins;
}

function shelve(core: Core, foods: readonly OwnFoodBody[]): void {
  core.SHELF.setOwn(
    foods.map(({ id, entry, retired }) => ({
      food: core.labelFood(id, entry, entry.like === undefined ? undefined : core.SHELF.food(entry.like)),
      retired,
    })),
  );
}

/** Puts the kitchen's own foods on the shelf of this page again, after one was changed. */
export async function shelveOwnFoods(): Promise<OwnFoodBody[]> {
  const [core, foods] = await Promise.all([loadCore(), fetchOwnFoods()]);
  shelve(core, foods);
  return foods;
}

/** What a worker has to be told of this page's shelf. */
export const onShelf = (): OnShelf => ({ own: arrived?.SHELF.own ?? [], pins: arrived?.SHELF.pins ?? { pins: [], today: '' } });
