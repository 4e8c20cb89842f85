import { readFileSync } from 'node:fs';
import { test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from './read.ts';
import { runningText, sentencesOf } from './running.ts';

test('x', () => {
  const text = readFileSync('/tmp/w/in.txt', 'utf8');
  const r = readRecipe(text, { measures: 'auto' }, SHELF);
  const run = runningText(
    text.split('\n').map((t, at) => ({ text: t, at })),
    SHELF,
  );
  console.info(
    [
      ...(process.env.SENT ? sentencesOf(text.split('\n').map((t, at) => ({ text: t, at }))).map((s) => '> ' + s.text) : []),
      ...run.ingredients.map((l) => '+ ' + l.text),
      ...run.named.map((n) => `- ${n.role} ${n.text}`),
      '',
      ...r.recipe.lines.map((l) => `${l.stage} ${l.eaten ?? ''} ${l.foodId} ${l.grams?.best} '${l.text}'`),
      ...r.recipe.steps.map((s) => `${s.stage} ${s.method} ${s.minutes?.min} ${s.text} [${s.uses}]`),
      ...r.doubts.map((d) => `${d.code} ${d.message}`),
      r.recipe.servings,
      r.recipe.title,
    ].join('\n'),
  );
});
