/** A table of guests, written and read back; what is no seat, no need or no table is refused with its row. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { SHELF } from '../food/shelf.ts';
import { ALLERGENS, DIETS } from '../vocabulary/allergens.ts';
import { NUTRIENTS } from '../vocabulary/nutrient.ts';
import { groupCsv, readGroupCsv } from './csv.ts';
import type { Guest } from './types.ts';

const read = (text: string) => readGroupCsv(text, SHELF);
const faultsOf = (text: string) => read(text).faults.map(({ row, message }) => `${row}: ${message}`);

describe('a table of guests', () => {
  test('is seats, bowls and needs in words', () => {
    expect(read('Seat,Bowls,Needs\nA1,,no milk; at most 400 mg sodium\n\nB1,"1,5",vegan\nB2,2,\n')).toEqual({
      guests: [
        { seat: 'A1', needs: { allergens: ['milk'], limits: [{ nutrient: 'sodiumMg', per: 'serving', max: 400 }] } },
        { seat: 'B1', needs: { diets: ['vegan'] }, bowls: 1.5 },
        { seat: 'B2', needs: {}, bowls: 2 },
      ],
      faults: [],
    });
  });

  test('says what stands beside the bowl, of what the needs speak, and on which days a guest comes', () => {
    const guests: Guest[] = [
      {
        seat: 'A1',
        needs: { allergens: ['milk'], scope: 'plate' },
        sides: [
          { foodId: 'bread-rye', grams: 50 },
          { foodId: 'cheddar', grams: 30 },
        ],
      },
      { seat: 'A2', needs: {}, sides: [], days: ['2027-03-08', '2027-03-15'] },
      { seat: 'A3', needs: {} },
    ];
    const { text } = groupCsv(guests, SHELF);
    expect(text.split('\n')[0]).toBe('seat,bowls,needs,scope,days,beside');
    expect(read(text)).toEqual({ guests, faults: [] });
    expect(groupCsv([{ seat: 'A3', needs: {} }], SHELF).text.split('\n')[0]).toBe('seat,bowls,needs');
  });
  test('takes sides as a cook writes them', () => {
    expect(read('seat,beside\nA1,2 slices of wholemeal bread; 30 g cheddar\nA2,nothing\n').guests).toMatchObject([
      { sides: [{ foodId: 'bread-wholemeal' }, { foodId: 'cheddar', grams: 30 }] },
      { sides: [] },
    ]);
  });
  test.each([
    ['a day that is none', 'seat,days\nA1,2027-02-30', "2: '2027-02-30' is no day of the calendar, as 2027-03-08"],
    ['a side that is no food', 'seat,beside\nA1,60 g moonbread', "2: not understood as something beside the bowl: '60 g moonbread'"],
    ['a scope that is none', 'seat,scope\nA1,tray', "2: 'tray' is no scope: bowl or plate"],
  ])('refuses %s, and names its row', (_, text, fault) => {
    expect(faultsOf(text)).toEqual([fault]);
    expect(read(text).guests).toEqual([]);
  });

  test('reads back as it was written, and names the seats whose needs no words say', () => {
    const limit = fc
      .record({
        nutrient: fc.constantFrom(...NUTRIENTS),
        per: fc.constantFrom('serving' as const, '100g' as const),
        max: fc.integer({ min: 1, max: 900 }),
      })
      .map((one) => [one]);
    const needs = fc.record(
      {
        allergens: fc.uniqueArray(fc.constantFrom(...ALLERGENS), { minLength: 1, maxLength: 3 }),
        diets: fc.uniqueArray(fc.constantFrom(...DIETS), { minLength: 1, maxLength: 2 }),
        limits: limit,
        smooth: fc.constant(true),
        body: fc.constant('same' as const),
      },
      { requiredKeys: [] },
    );
    let said = 0;
    fc.assert(
      fc.property(fc.array(needs, { minLength: 1, maxLength: 4 }), (list) => {
        const guests = list.map((one, at): Guest => ({ seat: `A${at + 1}`, needs: one }));
        const { text, unsaid } = groupCsv(guests, SHELF);
        const back = read(text);
        for (const [at, guest] of guests.entries())
          if (!unsaid.includes(guest.seat) && back.faults.length === 0) {
            said += 1;
            expect(back.guests[at]?.needs).toEqual(guest.needs);
          }
        if (back.faults.length > 0) expect(unsaid.length).toBeGreaterThan(0);
      }),
      { numRuns: 100 },
    );
    expect(said).toBeGreaterThan(100);
    expect(groupCsv([{ seat: 'C1', needs: { body: { min: 0.3 } } }], SHELF).unsaid).toEqual(['C1']);
  });

  test('says every allergen and diet there is; without dairy is said as no milk, which asks no less', () => {
    const diets = DIETS.filter((id) => id !== 'dairyFree');
    const guests = [...ALLERGENS.map((id) => ({ allergens: [id] })), ...diets.map((id) => ({ diets: [id] }))].map(
      (needs, at): Guest => ({ seat: `A${at + 1}`, needs }),
    );
    const { text, unsaid } = groupCsv(guests, SHELF);
    expect(unsaid).toEqual([]);
    expect(read(text).guests).toEqual(guests);
    expect(groupCsv([{ seat: 'A1', needs: { diets: ['dairyFree'] } }], SHELF)).toEqual({ text: 'seat,bowls,needs\nA1,1,no milk\n', unsaid: ['A1'] });
  });
});

describe('what is refused names its row, and nothing is taken', () => {
  test.each([
    ['a name for a seat', 'seat,needs\nA1,no milk\nHarriet Vonn,vegan', /^3: 'Harriet Vonn' is no seat: it looks like a name/],
    ['a birth date', 'seat\n3.4.1951', /^2: .+ birth date/],
    ['a record number', 'seat\n4711-0815', /^2: /],
    ['an illness for a need', 'seat,needs\nA1,stage 4 kidney disease', /^2: not understood: 'stage 4 kidney disease'/],
    ['a column of names', 'seat,name\nA1,Harriet Vonn', /^1: .+'name' is not taken/],
    ['a formula', 'seat,needs\nA1,"=HYPERLINK(""x"")"', /^2: not understood: '=HYPERLINK/],
    ['a formula for a seat', 'seat\n=1+1', /^2: '=1\+1' is no seat/],
    ['signs that are no UTF-8', 'seat,needs\nA1,no cr\ufffdme', /^2: .+ UTF-8/],
    ['a seat twice', 'seat\nA1\nA1', /^3: seat A1 stands in row 2 too/],
    ['no bowls at all', 'seat,bowls\nA1,0', /^2: '0' is no number of bowls/],
    ['a row with more cells', 'seat\nA1,vegan', /^2: it has more cells/],
    ['an empty file', '\n\n', /^1: the table is empty/],
  ])('%s', (_, text, message) => {
    expect(read(text).guests).toEqual([]);
    expect(faultsOf(text)[0]).toMatch(message);
  });
  test('ten thousand rows', () => {
    expect(faultsOf(`seat\n${Array.from({ length: 10_000 }, (_, at) => `A${at}`).join('\n')}`)).toEqual([
      '202: 10000 guests; a group has 200 at most',
    ]);
  });
});
