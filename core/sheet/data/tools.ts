/** What has to stand ready, by the station where it is used. Common practice of kitchens, no source. A row is needed where any of its signs is there. */
import type { Category } from '../../vocabulary/category.ts';
import type { FoodState } from '../../vocabulary/food.ts';
import type { Method } from '../../vocabulary/recipe.ts';

export const STATIONS = ['scales', 'board', 'oven', 'stove', 'blender', 'pass'] as const;
export type Station = (typeof STATIONS)[number];
export const STATION_LABELS: Readonly<Record<Station, string>> = {
  scales: 'Scales',
  board: 'Board',
  oven: 'Oven',
  stove: 'Stove',
  blender: 'Blender',
  pass: 'Pass',
};

export interface Tool {
  station: Station;
  tool: string;
  /** Methods of steps that need it. */
  methods?: readonly Method[];
  /** Words of a step or of what is done to a line beforehand. */
  said?: RegExp;
  /** Kinds and states of foods that need it. */
  categories?: readonly Category[];
  states?: readonly FoodState[];
  /** Only where such a food comes raw. */
  raw?: true;
}

export const TOOLS: readonly Tool[] = [
  { station: 'scales', tool: 'scales and small bowls for what is weighed out', said: /./ },
  { station: 'scales', tool: 'measuring jug', categories: ['broth', 'water', 'dairy', 'plant-cream'] },
  { station: 'board', tool: 'board and knife', said: /\b(?:chop|slic|dice|cub|halv|quarter|shred|trim|cut|chunk)/i, categories: ['vegetable', 'root', 'allium', 'leaf'] },
  { station: 'board', tool: 'peeler', said: /\bpeel/i, categories: ['root'] },
  { station: 'board', tool: 'a board and knife of their own for raw meat and fish', raw: true, categories: ['meat', 'poultry', 'fish', 'shellfish'] },
  { station: 'board', tool: 'grater', said: /\b(?:grate|zest)/i },
  { station: 'board', tool: 'can opener', states: ['canned'] },
  { station: 'board', tool: 'colander', said: /\b(?:drain|rins|wash)/i, states: ['canned'], categories: ['leaf'] },
  { station: 'oven', tool: 'tray, paper and oven gloves', methods: ['roast', 'bake'], said: /\b(?:roast|bake|oven)/i },
  { station: 'stove', tool: 'frying pan', said: /\b(?:frying pan|separate pan|small pan|skillet)\b/i },
  { station: 'stove', tool: 'whisk', said: /\b(?:whisk|temper|roux|slak)/i },
  { station: 'stove', tool: 'wooden spoon and ladle', methods: ['sweat', 'brown', 'fry', 'simmer', 'boil'] },
  { station: 'stove', tool: 'probe thermometer', categories: ['meat', 'poultry', 'fish', 'shellfish', 'egg'] },
  { station: 'blender', tool: 'fine sieve and the back of a ladle', said: /\b(?:sieve|strain|pass (?:it )?through)/i },
  { station: 'pass', tool: 'warm bowls, ladle of one bowl, spoon to taste with', said: /./ },
];
