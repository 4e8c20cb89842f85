/** What a cook reads first: dangers, what was asked about, three more; and the figures are those of the place. */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import type { RegimeId } from '../regime/regime.ts';
import { line, soup, step } from '../test/soup.ts';
import { MOST_UNASKED, rankNotes } from './rank.ts';

/** A pea and ham soup that is chilled, with everything in it that anybody could be told of. */
const PEA_AND_HAM = soup(
  [
    line('water', 'water', 2200),
    line('peas', 'split-peas-dry', 450),
    line('ham', 'ham', 250),
    line('celery', 'celery', 100),
    line('leek', 'leek', 200),
    line('bay', 'bay-leaf', 0.5),
    line('parsley', 'parsley', 60, { stage: 'bowl' }),
  ],
  {
    servings: 6,
    steps: [
      step('s', { method: 'simmer', minutes: { min: 60, max: 60 } }),
      step('b', { stage: 'blend', method: 'blend' }),
      step('k', { text: 'Chill and keep in the fridge; reheat and season to taste.' }),
    ],
  },
);
const notesOf = (regime: RegimeId = 'us') => analyse(PEA_AND_HAM, { regime }, SHELF).notes;
const codes = (notes: readonly { code: string }[]) => notes.map(({ code }) => code);

describe('what is shown first', () => {
  test('no more than three that nobody asked about', () => {
    const { first, more } = rankNotes(notesOf(), {});
    expect(first.length).toBe(MOST_UNASKED);
    expect(more.length).toBeGreaterThan(5);
  });
  test('a potassium limit brings potassium to the fore, beside the three', () => {
    const { first } = rankNotes(notesOf(), { limits: [{ nutrient: 'potassiumMg' }] });
    expect(codes(first)).toContain('potassium.high');
    expect(first.length).toBe(MOST_UNASKED + 1);
  });
  test('a phosphorus limit speaks of additives first', () => {
    expect(codes(rankNotes(notesOf(), { limits: [{ nutrient: 'phosphorusMg' }] }).first)).toEqual(
      expect.arrayContaining(['additive.phosphate', 'phosphorus.high']),
    );
  });
  test('who asks for smooth is told of strings, skins and what is on top', () => {
    expect(codes(rankNotes(notesOf(), { smooth: true }).first)).toEqual(expect.arrayContaining(['swallow.stringy', 'swallow.topping']));
  });
  test('no nuts: what stands in for them is asked about too', () => {
    const { notes } = analyse(soup([line('w', 'water', 900), line('p', 'split-peas-dry', 200)], { servings: 4 }), {}, SHELF);
    expect(codes(rankNotes(notes, { allergens: ['peanut'] }).first)).toContain('cross.peanut');
  });
  test('every danger is there, whatever was asked', () => {
    const { notes } = analyse(
      soup([line('w', 'water', 900), line('k', 'kidney-beans-dry', 200), line('h', 'honey', 20), line('x', null, 20)], { servings: 4 }),
      {},
      SHELF,
    );
    const dangers = codes(notes.filter(({ severity }) => severity === 'danger'));
    expect(dangers.length).toBeGreaterThanOrEqual(3);
    expect(codes(rankNotes(notes, {}).first)).toEqual(expect.arrayContaining(dangers));
  });
  test('nothing is lost between what is shown and what is asked for', () => {
    const notes = notesOf();
    const { first, more } = rankNotes(notes, { diets: ['noAlcohol'], smooth: true });
    expect(codes([...first, ...more]).sort()).toEqual(codes(notes).sort());
  });
});

describe('figures by regime', () => {
  const said = (code: string, regime: RegimeId) => notesOf(regime).find((note) => note.code === code)?.message ?? '';
  test('cooling: 57 > 21 > 5 C in the US, 63 to 8 C in 90 minutes in the UK, no figure of its own in the EU', () => {
    expect(said('cool.chilled', 'us')).toContain('from 57 to 21 C within 2 hours');
    expect(said('cool.chilled', 'uk')).toContain('from 63 to 8 C within 90 minutes');
    expect(said('cool.chilled', 'eu')).toContain('as fast as the national code says');
  });
  test('keeping: seven days in the US, two to three in the UK, no borrowed number elsewhere', () => {
    expect(said('keep.days', 'us')).toContain('7 days at most');
    expect(said('keep.days', 'uk')).toContain('At 8 C or below'.slice(3));
    expect(said('keep.days', 'uk')).toContain('2 to 3 days');
    expect(said('keep.days', 'anz')).toContain('no number of days is set');
  });
  test('heating again: 74 C, 70 C for 2 minutes, 75 C', () => {
    expect(said('reheat.through', 'us')).toContain('74 C');
    expect(said('reheat.through', 'uk')).toContain('70 C for 2 minutes');
    expect(said('reheat.through', 'eu')).toContain('75 C');
  });
  test.each<[RegimeId, string]>([
    ['us', '74 C'],
    ['uk', '70 C for 2 minutes'],
    ['ca', '74 C'],
    ['anz', 'commonly 75 C'],
  ])('raw poultry in %s: %s', (regime, figure) => {
    const { notes } = analyse(soup([line('w', 'water', 900), line('c', 'chicken-thigh-raw', 300)], { servings: 4 }), { regime }, SHELF);
    expect(notes.find(({ code }) => code === 'poultry.core')?.message).toContain(figure);
  });
  test('what is hidden is named', () => {
    expect(said('hidden.tell', 'us')).toMatch(/celery and pulses|pulses and celery/);
  });
});
