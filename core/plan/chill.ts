/** A soup that is made ahead: off the ring it is cooled in trays or in ice water, portioned, covered and labelled. */
import type { RegimeRules } from '../regime/types.ts';
import { CHILL_FROM_C, PORTION_MIN, SPREAD_MIN_PER_LITRE, TRAY_CM2, TRAY_DEPTH_CM } from './data/minutes.ts';
import { type Container, minutesTo } from './slab.ts';
import type { Kitchen, Task } from './tasks.ts';

export const CHILLS = ['trays', 'bath'] as const;
export type Chill = (typeof CHILLS)[number];

export interface Chilled {
  container: Container;
  toCelsius: number;
  /** By the estimate, from the ring to the first limit of the regime; null where it never gets there. */
  minutes: number | null;
  /** One after the other, after all of the soup; `after` is for the caller. */
  tasks: Omit<Task, 'after'>[];
  /** What the estimate says of the first stage, and what only a thermometer says. */
  message: string;
  /** Trays that would be wanted and are not there. */
  tooFew: string | null;
}

const SHALLOW_CM = 3;
/** Where nothing ever cools it far enough the plan still needs a length; the note says that it does not get there. */
const NEVER_MIN = 240;

/** `potMl`: all of it is put away; `bowls`: as so many portions. */
export function chillOf(way: Chill, potMl: number, bowls: number, kitchen: Kitchen, rules: RegimeRules): Chilled {
  const { keeping } = rules;
  const first = keeping.cooling[0] ?? { fromC: keeping.hotHoldC, toC: keeping.coldHoldC, withinMin: null };
  const wanted = Math.max(1, Math.ceil(potMl / (TRAY_CM2 * SHALLOW_CM) - 1e-9));
  const trays = Math.max(1, Math.min(wanted, kitchen.trays ?? wanted));
  const container: Container =
    way === 'trays'
      ? { depthCm: Math.max(0.5, potMl / (trays * TRAY_CM2)), covered: false, air: 'still' }
      : { depthCm: Math.max(0.5, potMl / ((Math.PI / 4) * kitchen.potDiameterCm ** 2)), covered: false, air: 'iceBath' };
  const all = minutesTo(container, CHILL_FROM_C, first.toC);
  const counted = minutesTo(container, CHILL_FROM_C, first.fromC);
  const onClock = all === null || counted === null ? null : all - counted;
  const minutes = Math.ceil(all ?? NEVER_MIN);
  const depth = Number(container.depthCm.toFixed(1));
  const on = `${trays} ${trays === 1 ? 'tray' : 'trays'}`;
  const waits = { handsOn: false, assumed: true };
  const works = { handsOn: true, assumed: true };
  const took = way === 'trays' ? { trays } : {};
  const held = way === 'trays' ? (['tray'] as const) : (['bath'] as const);
  const litres = potMl / 1000;
  return {
    container,
    toCelsius: first.toC,
    minutes: all === null ? null : Math.round(all),
    tasks: [
      way === 'trays'
        ? {
            id: 'spread',
            label: `Spread it ${depth} cm deep over ${on}`,
            minutes: Math.max(3, Math.ceil(litres * SPREAD_MIN_PER_LITRE)),
            ...works,
            resources: ['cook', 'tray'],
            ...took,
          }
        : { id: 'spread', label: 'Stand the pot in ice water to its brim', minutes: 3, ...works, resources: ['cook', 'bath'] },
      {
        id: 'chill',
        label: `${way === 'trays' ? 'Open in the fridge' : 'In the ice water, stirred every few minutes'} to ${first.toC} C, by the thermometer`,
        minutes,
        ...waits,
        resources: held,
        ...took,
      },
      {
        id: 'portion',
        label: `Portion ${Number(bowls.toFixed(1))} ${bowls === 1 ? 'bowl' : 'bowls'}, label with the day, and back into the cold`,
        minutes: Math.max(5, Math.ceil(bowls * PORTION_MIN)),
        ...works,
        resources: ['cook', ...held],
        ...took,
      },
    ],
    message: chillWords(way, depth, first, onClock, keeping.coldHoldC),
    tooFew:
      way === 'trays' && trays < wanted
        ? `${litres.toFixed(1)} litres want ${wanted} trays to lie ${SHALLOW_CM} cm deep; on ${on} they lie ${depth} cm deep${depth > TRAY_DEPTH_CM ? `, more than a tray of ${TRAY_DEPTH_CM} cm holds` : ''} and cool slower: more trays, ice water, or part of it in a second turn.`
        : null,
  };
}

function chillWords(
  way: Chill,
  depth: number,
  first: { fromC: number; toC: number; withinMin: number | null },
  onClock: number | null,
  coldC: number,
): string {
  const where = way === 'trays' ? `${depth} cm deep and open in still fridge air` : `${depth} cm deep in ice water, stirred`;
  const then = first.toC > coldC ? ` Then on in the cold to ${coldC} C, the lids on when it is there.` : ' The lids on when it is there.';
  if (onClock === null) return `${where}: by the estimate it never gets to ${first.toC} C. Use ice.`;
  const head = `Made ahead: ${where}, from ${first.fromC} to ${first.toC} C in some ${Math.round(onClock)} minutes by the estimate`;
  if (first.withinMin === null) return `${head}; your national code decides how fast it must be. Only a thermometer passes it.${then}`;
  return onClock > first.withinMin
    ? `${head}, and ${first.withinMin} are allowed: too slow. ${way === 'trays' ? 'Ice water, moving air, or shallower.' : 'Smaller pots, or part of the water as ice.'}`
    : `${head} (${first.withinMin} allowed); only a thermometer passes it.${then}`;
}
