/** What people paste: schema.org JSON-LD in its shapes, HTML, tables, Markdown; and what must not get through. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../../food/shelf.ts';
import { readRecipe } from '../read.ts';
import { readHtml } from './html.ts';
import { minutesOfDuration, sectionsOfJsonLd } from './jsonLd.ts';
import { flattenPipes, tableRows } from './table.ts';

const RECIPE = { '@type': 'Recipe', name: 'Leek soup', recipeIngredient: ['2 leeks', '1 l water'], recipeInstructions: 'Simmer 20 minutes.' };
const sections = (value: unknown) => sectionsOfJsonLd(value, JSON.stringify(value));
const foods = (text: string) => readRecipe(text, { measures: 'metric' }, SHELF).recipe.lines.map(({ foodId }) => foodId);

describe('schema.org JSON-LD', () => {
  test.each([
    ['alone', RECIPE],
    ['in a list', [{ '@type': 'WebSite' }, RECIPE]],
    ['in a graph', { '@context': 'https://schema.org', '@graph': [{ '@type': 'Person' }, RECIPE] }],
    ['as the entity of a page', { '@type': 'WebPage', mainEntity: RECIPE }],
    ['with a full type', { ...RECIPE, '@type': 'https://schema.org/Recipe' }],
    ['with several types', { ...RECIPE, '@type': ['Recipe', 'NewsArticle'] }],
  ])('a recipe %s is found', (_where, value) => {
    expect(sections(value)).toMatchObject({
      title: 'Leek soup',
      ingredients: [{ text: '2 leeks' }, { text: '1 l water' }],
      steps: [{ text: 'Simmer 20 minutes.' }],
    });
  });
  test('what is no recipe is none', () => {
    expect(sections({ '@type': 'Article', name: 'Leeks' })).toBeNull();
  });
  test.each([
    ['4', 4],
    [4, 4],
    ['4 servings', 4],
    [['4', '4 bowls'], 4],
    ['Serves 4 to 6', 4],
    ['2 litres', null],
    [undefined, null],
  ])('a yield of %j is %j bowls at least', (recipeYield, bowls) => {
    expect(sections({ ...RECIPE, recipeYield })?.made?.bowls?.min ?? null).toBe(bowls);
  });
  test('steps come from sections, steps, lists and plain text', () => {
    const step = (text: string) => ({ '@type': 'HowToStep', text });
    const all = (recipeInstructions: unknown) => sections({ ...RECIPE, recipeInstructions })?.steps.map(({ text }) => text);
    expect(all([step('Sweat.'), step('Blend.')])).toEqual(['Sweat.', 'Blend.']);
    expect(all([{ '@type': 'HowToSection', name: 'Soup', itemListElement: [step('Sweat.'), step('Blend.')] }])).toEqual(['Sweat.', 'Blend.']);
    expect(all(['Sweat.', 'Blend.'])).toEqual(['Sweat.', 'Blend.']);
    expect(all('<ol><li>Sweat.</li><li>Blend.</li></ol>')).toEqual(['1. Sweat.', '2. Blend.']);
  });
  test('markup inside its fields is text', () => {
    expect(sections({ ...RECIPE, name: '<b>Leek</b> &amp; potato<script>x()</script>' })?.title).toBe('Leek & potato');
  });
  test.each([
    ['PT45M', 45],
    ['PT1H30M', 90],
    ['P0DT2H', 120],
    ['P1D', 1440],
    ['PT0M', null],
    ['soon', null],
  ])('%s is %j minutes', (duration, minutes) => {
    expect(minutesOfDuration(duration)).toBe(minutes);
  });
  test('nesting without end is given up', () => {
    let deep: unknown = RECIPE;
    for (let level = 0; level < 60; level += 1) deep = { '@graph': [deep] };
    expect(sections(deep)).toBeNull();
  });
  test('broken JSON is read as the text it is', () => {
    expect(foods('{"@type":"Recipe",\n2 leeks\n1 onion\nSimmer for 10 minutes.')).toContain('leek');
  });
});

describe('HTML', () => {
  test('lists become lines, ordered ones with their number', () => {
    expect(readHtml('<h1>Soup</h1><ul><li>2 leeks</li><li>1 l <b>water</b></li></ul><ol><li>Simmer.</li></ol>').text).toBe(
      'Soup\n- 2 leeks\n- 1 l water\n1. Simmer.',
    );
  });
  test('entities are characters', () => {
    expect(readHtml('<p>&frac12; cup cr&egrave;me &amp; caf&#233;</p>').text).toBe('½ cup crème & café');
  });
  test.each(['script', 'style', 'template', 'noscript', 'iframe', 'svg', 'button'])('%s says nothing', (tag) => {
    expect(readHtml(`<p>Soup</p><${tag}>alert(1)</${tag}><p>end</p>`).text).toBe('Soup\nend');
  });
  test('cells of a row stand on one line', () => {
    expect(readHtml('<table><tr><td>2</td><td>leeks</td></tr><tr><td>1 l</td><td>water</td></tr></table>').text).toBe('2 leeks\n1 l water');
  });
  test('tags that are not closed end with the text', () => {
    expect(foods('<ul><li>2 leeks<li>1 onion<li>1 l water')).toEqual(['leek', 'onion', 'water']);
  });
});

describe('tables', () => {
  test.each([
    ['commas', 'amount,unit,ingredient\n2,cups,milk'],
    ['semicolons', 'amount;unit;ingredient\n2;cups;milk'],
    ['tabs', 'amount\tunit\tingredient\n2\tcups\tmilk'],
    ['quotes', '"quantity","unit","item"\n"2","cups","milk"'],
    ['another order', 'ingredient,unit,amount\nmilk,cups,2'],
  ])('%s', (_what, text) => {
    expect(tableRows(text)?.map((row) => row.text)).toEqual(['2 cups milk']);
  });
  test('notes follow the food; a stage is kept', () => {
    expect(tableRows('stage,amount,ingredient,note\nbowl,10 g,chives,snipped')).toEqual([{ text: '10 g chives, snipped', at: 1, stage: 'bowl' }]);
  });
  test.each(['2 cups milk, warm\n1 onion, chopped', 'Soup, the good one\n2 leeks', ''])('%j is no table', (text) => {
    expect(tableRows(text)).toBeNull();
  });
  test('pipes become lines where they stand', () => {
    expect(flattenPipes('Soup\n| Amount | Ingredient |\n|---|---|\n| 2 | leeks |\nSimmer.').split('\n')).toEqual([
      'Soup',
      '- 2 leeks',
      '',
      '',
      'Simmer.',
    ]);
  });
});

describe('Markdown', () => {
  test('bold, headings and boxes are marks, not words', () => {
    expect(
      foods('# Soup\n\n**Serves 4**\n\n## Ingredients\n- [ ] **2** leeks\n- [x] 1 __onion__\n* 1 l water\n\n## Method\n1. Simmer for 20 minutes.'),
    ).toEqual(['leek', 'onion', 'water']);
  });
});
