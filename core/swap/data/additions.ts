/**
 * What a cook puts into a pot that wants more of something: each is a row with its amounts in grams a litre of the pot. Offered only where a
 * need asks for what it is for. Amounts, work and distance of flavour are common practice, no source, unless a row names one.
 */
import type { Nutrient } from '../../vocabulary/nutrient.ts';
import { COMMON, one, type Swap } from './swap.ts';
import { BLEND_BEANS, SEASON, SIMMER_POTATO } from './works.ts';

export interface Addition extends Swap {
  /** A minimum of one of these calls for it. */
  gives: readonly Nutrient[];
  /** Body is what it gives. */
  thickens?: true;
  /** Hardly more than fat: it may stand in for what was taken out, asked for or not, where nothing else does. */
  fills?: true;
}

const ENERGY: readonly Nutrient[] = ['energyKcal', 'fatG'];
const PROTEIN: readonly Nutrient[] = ['proteinG', 'energyKcal', 'calciumMg', 'phosphorusMg', 'potassiumMg'];
const FIBRE: readonly Nutrient[] = ['fibreG', 'proteinG', 'ironMg', 'potassiumMg', 'energyKcal'];

export const ADDITIONS: readonly Addition[] = [
  { id: 'add-skim-milk-powder', name: 'Skim milk powder', replaces: [], gives: PROTEIN, parts: [one('skim-milk-powder', 8, 80)], stage: 'finish', work: 0.08, flavour: 0.1, steps: [{ text: 'Whisk the skim milk powder into a ladle of warm soup and stir it in off the boil.', when: 'finish' }], cautions: ['In an acid soup it may curdle: bind first, and do not boil.'], note: 'rounder, a little sweet; more protein and calcium', source: 'two to five spoons a litre: common practice, no source' },
  { id: 'add-cream', name: 'Double cream', replaces: [], gives: ENERGY, fills: true, parts: [one('cream-double', 20, 120)], stage: 'finish', work: 0.02, flavour: 0.1, steps: [{ text: 'Stir the double cream in off the boil.', when: 'finish' }], cautions: [], note: 'richer', source: COMMON },
  { id: 'add-cheese', name: 'Grated cheddar', replaces: [], gives: PROTEIN, parts: [one('cheddar', 15, 90)], stage: 'finish', work: 0.05, flavour: 0.25, steps: [{ text: 'Stir the grated cheddar in off the boil until it has melted.', when: 'finish' }], cautions: [], note: 'tastes of cheese; more protein and salt', source: COMMON },
  { id: 'add-cream-cheese', name: 'Cream cheese', replaces: [], gives: ENERGY, parts: [one('cream-cheese', 20, 100)], stage: 'finish', work: 0.03, flavour: 0.15, steps: [{ text: 'Whisk the cream cheese with a ladle of the soup and stir it in off the boil.', when: 'finish' }], cautions: [], note: 'rich, a little sharp', source: COMMON },
  { id: 'add-quark', name: 'Quark', replaces: [], gives: ['proteinG', 'calciumMg'], parts: [one('quark', 30, 150)], stage: 'finish', work: 0.05, flavour: 0.2, steps: [{ text: 'Temper the quark with hot soup and stir it in off the boil.', when: 'finish' }], cautions: ['Splits with heat: temper it.'], note: 'sharp; brings protein', source: COMMON },
  { id: 'add-egg', name: 'Egg, whisked in', replaces: [], gives: ['proteinG', 'energyKcal'], parts: [one('egg', 25, 110)], stage: 'finish', work: 0.15, flavour: 0.2, steps: [{ text: 'Whisk the eggs with a ladle of hot soup, stir them in off the boil and warm to 71 to 74 C.', when: 'finish' }], cautions: ['Tell the table: it has egg in it.', 'For the young, old, pregnant or frail: pasteurised egg.'], note: 'velvety', source: COMMON },
  { id: 'add-oil', name: 'Rapeseed oil', replaces: [], gives: ENERGY, fills: true, parts: [one('rapeseed-oil', 5, 35)], stage: 'finish', work: 0.02, flavour: 0.1, steps: [{ text: 'Whisk the rapeseed oil in at the end.', when: 'finish' }], cautions: [], note: 'rounder', source: COMMON },
  { id: 'add-ground-almonds', name: 'Ground almonds', replaces: [], gives: ['energyKcal', 'fibreG', 'proteinG'], parts: [one('almonds-blanched', 15, 50)], stage: 'simmer', work: 0.05, flavour: 0.5, steps: [{ text: 'Simmer the ground almonds in the pot 10 minutes, before blending.', when: 'before' }], cautions: ['Tell the table: it has almonds in it.'], note: 'rich and nutty', source: COMMON },
  { id: 'add-red-lentils', name: 'Red lentils', replaces: [], gives: FIBRE, thickens: true, parts: [one('lentils-red-dry', 15, 60)], stage: 'simmer', work: 0.1, flavour: 0.25, steps: [{ text: 'Simmer the lentils in the pot until they fall apart, 20 minutes, before blending.', when: 'before' }], cautions: ['Tell the table: it has lentils in it.'], note: 'earthy, thicker', source: COMMON },
  { id: 'add-white-beans', name: 'White beans', replaces: [], gives: FIBRE, thickens: true, parts: [one('white-beans-canned-drained', 40, 200)], stage: 'blend', work: 0.1, flavour: 0.2, steps: [BLEND_BEANS, SEASON], cautions: ['Tell the table: it has beans in it.'], note: 'mild, thicker', source: '200 g a litre at most: common practice, no source' },
  { id: 'add-silken-tofu', name: 'Silken tofu', replaces: [], gives: ['proteinG'], parts: [one('silken-tofu', 40, 180)], stage: 'blend', work: 0.1, flavour: 0.2, steps: [{ text: 'Blend the tofu with a ladle of the liquid until smooth, then add to the pot.', when: 'blend' }], cautions: ['Tell the table: it has soy in it.'], note: 'smooth; brings protein', source: COMMON },
  { id: 'add-potato', name: 'Potato', replaces: [], gives: [], thickens: true, parts: [one('potato', 30, 120)], stage: 'simmer', work: 0.15, flavour: 0.1, steps: [SIMMER_POTATO], cautions: ['Blend briefly: overworked potato turns gluey.'], note: 'plain; thicker', source: COMMON },
  { id: 'add-cornstarch', name: 'Cornstarch', replaces: [], gives: [], thickens: true, parts: [one('cornstarch', 3, 15)], stage: 'finish', work: 0.08, flavour: 0.04, steps: [{ text: 'Slake the cornstarch in cold water, stir in at the end and simmer 2 minutes.', when: 'finish' }], cautions: [], note: 'thicker, glossier', source: COMMON },
];

/** Where no liquid of the pot can be poured by more: water. */
export const ADD_WATER: Addition = { id: 'add-water', name: 'Water', replaces: [], gives: [], parts: [one('water', 20, 250)], stage: 'simmer', work: 0, flavour: 0.06, steps: [], cautions: [], note: 'the pot stays full', source: COMMON };

