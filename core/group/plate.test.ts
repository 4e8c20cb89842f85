/** What stands beside the bowl: judged with it where the plate is asked about, told where it is not. */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import type { Needs } from '../swap/needs.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { bySameNeeds } from './columns.ts';
import { eatenOf } from './eaten.ts';
import { matrixRow } from './matrix.ts';
import { servedTo } from './plate.ts';
import { asServed } from './plateWords.ts';
import { potsFor } from './pots.ts';
import { seatPlate } from './seatPlate.ts';
import type { Beside, Guest, PotsReply } from './types.ts';

const { recipe: PEA } = readRecipe(
  'Pea soup\nServes 4\n\nIngredients\n20 g rapeseed oil\n150 g onions, diced\n600 g frozen peas\n800 ml water\n4 g salt\nTo serve\n120 g wholemeal bread\n\nMethod\n1. Sweat the onions in the oil for 8 minutes.\n2. Add the peas, water and salt and simmer for 8 minutes.\n3. Blend until smooth.\n4. Serve with the bread beside.',
  { measures: 'metric' },
  SHELF,
);
const BREAD: Beside[] = [{ foodId: 'bread-wholemeal', grams: 60 }];
const CHEESE: Beside[] = [...BREAD, { foodId: 'cheddar', grams: 30 }];
const plain: Recipe = servedTo(PEA, [], SHELF);
const guest = (seat: string, needs: Needs, sides?: Beside[], bowls?: number): Guest => ({ seat, needs, sides, bowls });
const table = (...guests: Guest[]): PotsReply => potsFor({ recipe: PEA, guests }, SHELF, () => performance.now());
const kettles = ({ pots }: PotsReply): number => new Set(pots.map(({ kettle }) => kettle)).size;
const told = ({ explains }: PotsReply): string => explains.join('\n');
const onPlate = (reply: PotsReply, seat: string, options = {}) => {
  const pot = reply.pots.find(({ seats }) => seats.includes(seat));
  return analyse(asServed(pot as (typeof reply.pots)[number], seat), options, SHELF);
};
const state = (analysis: ReturnType<typeof onPlate>, id: string, scope: 'bowl' | 'plate') =>
  analysis.allergens.find((row) => row.id === id)?.scopes[scope];

describe('a soup as it is served at a seat', () => {
  test('has the sides of the guest instead of its own, and its bowl as it was', () => {
    const served = analyse(servedTo(PEA, CHEESE, SHELF), {}, SHELF);
    expect(served.perServing).toEqual(analyse(PEA, {}, SHELF).perServing);
    expect(state(served, 'milk', 'bowl')).not.toBe('contains');
    expect(state(served, 'milk', 'plate')).toBe('contains');
  });
  test('with nothing beside it is no longer told to be served with bread', () => {
    expect(plain.lines.some(({ stage }) => stage === 'plate')).toBe(false);
    expect(plain.steps.map(({ text }) => text).join(' ')).not.toMatch(/bread/);
  });
});

describe('a table with sides', () => {
  test('judged by the bowl keeps the cheese beside a guest without milk, and says it does not fit', () => {
    const reply = table(guest('A1', { allergens: ['milk'] }, CHEESE), guest('A2', {}));
    expect(kettles(reply)).toBe(1);
    expect(reply.unserved).toEqual([]);
    expect(told(reply)).toMatch(/A1: in the bowl yes, with what stands beside it no: no milk \(.*cheddar/i);
  });

  test('judged by the plate changes what stands beside that guest, and nobody else', () => {
    const reply = table(guest('A1', { allergens: ['milk'], scope: 'plate' }, CHEESE), guest('A2', {}, CHEESE));
    expect(kettles(reply)).toBe(1);
    expect(state(onPlate(reply, 'A1'), 'milk', 'plate')).not.toBe('contains');
    expect(state(onPlate(reply, 'A2'), 'milk', 'plate')).toBe('contains');
    expect(told(reply)).toMatch(/Beside the bowl of A1: /);
  });

  test('makes no pot more of it: who eats the same soup eats from one pot', () => {
    const reply = table(guest('A1', {}), guest('A2', {}, BREAD), guest('A3', {}, CHEESE), guest('A4', {}, []));
    expect(reply.pots).toHaveLength(1);
    expect(reply.pots[0]?.beside.map(({ seats }) => seats)).toEqual([['A2'], ['A3'], ['A4']]);
  });

  test('keeps a limit of the plate with the side on it', () => {
    const max = analyse(plain, {}, SHELF).perServing.sodiumMg.value + 150;
    const limit: Needs = { limits: [{ nutrient: 'sodiumMg', per: 'serving', max }], scope: 'plate' };
    const reply = table(guest('A1', limit, CHEESE), guest('A2', {}));
    const { plateServing, perServing } = onPlate(reply, 'A1');
    expect((plateServing ?? perServing).sodiumMg.value).toBeLessThanOrEqual(max);
  });

  test('the bread of the soup is changed for the guest without gluten, and stays for the others', () => {
    const reply = table(guest('A1', { allergens: ['gluten', 'wheat'], scope: 'plate' }), guest('A2', {}));
    expect(kettles(reply)).toBe(1);
    expect(state(onPlate(reply, 'A1'), 'gluten', 'plate')).not.toBe('contains');
    expect(state(onPlate(reply, 'A2'), 'gluten', 'plate')).toBe('contains');
  });

  test('tells what is put on by taste with what it holds', () => {
    const salted: Recipe = {
      ...plain,
      lines: [...plain.lines, { id: 'top', stage: 'bowl', text: 'parmesan to taste', foodId: 'parmesan', grams: null, perBowl: true }],
    };
    const { explains } = potsFor({ recipe: salted, guests: [guest('A1', {})] }, SHELF, () => performance.now());
    expect(explains.join('\n')).toMatch(/By taste at the table, and counted in no figure: Parmesan.*holds.*milk/i);
  });
});

describe('the matrix', () => {
  test('parts guests who need the same and have other things beside, and says which plate breaks', () => {
    const columns = bySameNeeds([
      guest('A1', { allergens: ['milk'] }, CHEESE),
      guest('A2', { allergens: ['milk'] }),
      guest('A3', { allergens: ['milk'] }),
    ]);
    expect(columns.map(({ seats }) => seats)).toEqual([['A1'], ['A2', 'A3']]);
    const [own, soups] = matrixRow(PEA, columns, {}, SHELF);
    expect(own?.state).not.toBe('breaks');
    expect(own?.plate?.state).toBe('breaks');
    expect(soups?.plate?.state).not.toBe('breaks');
  });
});

describe('what a guest has before them', () => {
  const served = servedTo(PEA, CHEESE, SHELF);
  const analysis = analyse(served, {}, SHELF);
  test('is every bowl and one plate', () => {
    const { sodiumMg } = eatenOf(analysis, 1.5);
    const side = (analysis.plateServing?.sodiumMg.value ?? 0) - analysis.perServing.sodiumMg.value;
    expect(sodiumMg.value).toBeCloseTo(1.5 * analysis.perServing.sodiumMg.value + side, 6);
  });
  test('makes a meal or says what it lacks, with the side counted', () => {
    const alone = seatPlate(guest('A1', {}), plain, analyse(plain, {}, SHELF), SHELF);
    const fed = seatPlate(guest('A1', {}), served, analysis, SHELF);
    expect(alone.lacks.map(({ nutrient }) => nutrient)).toContain('energyKcal');
    expect(fed.lacks.length).toBeLessThan(alone.lacks.length);
    expect(fed.beside.map(({ foodId }) => foodId)).toEqual(['bread-wholemeal', 'cheddar']);
  });
  test('tells a limit that one bowl keeps and a bowl and a half does not', () => {
    const max = analysis.perServing.sodiumMg.value * 1.2;
    const limits: Needs['limits'] = [{ nutrient: 'sodiumMg', per: 'serving', max }];
    expect(seatPlate(guest('A1', { limits }, undefined, 1.5), plain, analyse(plain, {}, SHELF), SHELF).over).toEqual([
      expect.stringMatching(/^1\.5 bowls come to .* mg sodium, over the .* of one$/),
    ]);
    expect(seatPlate(guest('A1', { limits }), plain, analyse(plain, {}, SHELF), SHELF).over).toEqual([]);
  });
});
