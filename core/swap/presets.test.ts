import { describe, expect, test } from '@jest/globals';
import { line, soup } from '../test/soup.ts';
import { PRESETS, type Preset, withPreset } from './data/presets.ts';
import { needsFaults } from './needs.ts';

const of = (id: string) => PRESETS.find((preset) => preset.id === id) as Preset;

describe('presets', () => {
  test('each asks for something that can be asked, and says whose figures they are', () => {
    for (const preset of PRESETS) {
      expect(needsFaults(preset.needs, soup([line('w', 'water', 1)]), () => true)).toEqual([]);
      expect(Object.keys(preset.needs).length).toBeGreaterThan(0);
      expect(preset.source).not.toBe('');
    }
    expect(new Set(PRESETS.map(({ id }) => id)).size).toBe(PRESETS.length);
  });
  test('are added to what is asked, and replace a bound on the same nutrient', () => {
    const asked = withPreset(
      {
        allergens: ['milk'],
        limits: [
          { nutrient: 'sodiumMg', per: 'serving', max: 600 },
          { nutrient: 'fatG', per: '100g', max: 1 },
        ],
      },
      of('sodiumLow'),
    );
    expect(asked).toEqual({
      allergens: ['milk'],
      limits: [
        { nutrient: 'fatG', per: '100g', max: 1 },
        { nutrient: 'sodiumMg', per: 'serving', max: 140 },
      ],
    });
  });
  test('low residue asks for a smooth soup too', () => {
    expect(withPreset({}, of('residueLow'))).toEqual({ smooth: true, limits: [{ nutrient: 'fibreG', per: 'serving', max: 2 }] });
  });
});
