/** Numbers as hands type them. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { typedNumber } from './typedNumber.ts';

describe('a number in a box', () => {
  test.each([
    ['12', 12],
    [' 2.5 ', 2.5],
    ['2,5', 2.5],
    ['.5', 0.5],
    ['-4', -4],
    ['\u22124', -4],
    ['0.125', 0.125],
    ['0,125', 0.125],
    ['1200', 1200],
    ['7.', 7],
  ])('%p is read', (text, value) => {
    expect(typedNumber(text)).toEqual({ kind: 'number', value });
  });
  test.each([
    ['1,200', 'Type 1200, or 1.2.'],
    ['1.200', 'Type 1200, or 1.2.'],
    ['12,000', 'Type 12000, or 12.0.'],
  ])('%p is thousands to some and decimals to others: it is asked', (text, mend) => {
    expect(typedNumber(text)).toEqual({ kind: 'fault', message: expect.stringContaining(mend) });
  });
  test.each(['abc', '1e9', '3 g', '1,2,3', '--2', 'Infinity', '0x10'])('%p is no number, and is said so', (text) => {
    expect(typedNumber(text)).toEqual({ kind: 'fault', message: `'${text}' is not a number.` });
  });
  test('nothing typed is nothing, and not nought', () => {
    expect(typedNumber('  ')).toEqual({ kind: 'empty' });
  });
  test('bounds are inclusive, and said', () => {
    expect(typedNumber('10', { min: 0, max: 10 })).toEqual({ kind: 'number', value: 10 });
    expect(typedNumber('-1', { min: 0 })).toEqual({ kind: 'fault', message: 'Not below 0.' });
    expect(typedNumber('11', { max: 10 })).toEqual({ kind: 'fault', message: 'Not above 10.' });
  });
  test('whatever a program writes without grouping is read back', () => {
    fc.assert(
      fc.property(fc.integer({ min: -1_000_000, max: 1_000_000 }), fc.integer({ min: 0, max: 99 }), (whole, cents) => {
        const value = Number(`${whole}.${String(cents).padStart(2, '0')}`);
        expect(typedNumber(String(value))).toEqual({ kind: 'number', value });
      }),
    );
  });
});
