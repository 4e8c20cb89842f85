/** Every way a draft is kept: what is saved, when, and that one soup's work never goes into another's. */
import { beforeEach, describe, expect, test } from '@jest/globals';
import type { DraftBody } from '../../../contract/types.ts';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import { DraftKeeper, type Outcome, type Ports, SAVE_AFTER_MS, TRY_AGAIN_MS } from './draftKeeper.ts';
import type { DraftContent } from './merge.ts';

const recipe = (title: string, ...grams: number[]): Recipe => ({
  title,
  steps: [],
  lines: grams.map((best, at) => ({ id: `l${at}`, stage: 'base', text: `line ${at}`, foodId: 'leek', grams: { best, low: best, high: best } })),
});
const draft = (revision: number, one: Recipe, needs = {}): DraftBody => ({ recipe: one, needs, basedOn: null, revision });
const content = (one: Recipe): DraftContent => ({ recipe: one, needs: {} });

/** A world whose clock and server are moved by hand. */
function world() {
  const stored = new Map<string, string>();
  const sent: { soupId: string; draft: DraftBody; reply: (outcome: Outcome) => Promise<void> }[] = [];
  const timers = new Set<{ work: () => void; ms: number }>();
  const announced: string[] = [];
  const server = { draft: null as DraftBody | null };
  const ports: Ports = {
    save: (soupId, body) =>
      new Promise((resolve) => {
        const reply = async (outcome: Outcome) => {
          resolve(outcome);
          await Promise.resolve();
          await Promise.resolve();
        };
        sent.push({ soupId, draft: body, reply });
      }),
    fetch: async () => server.draft,
    store: {
      read: (key) => stored.get(key) ?? null,
      write: (key, value) => void stored.set(key, value),
      remove: (key) => void stored.delete(key),
    },
    later: (work, ms) => {
      const timer = { work, ms };
      timers.add(timer);
      return () => timers.delete(timer);
    },
    announce: (soupId) => void announced.push(soupId),
  };
  const tick = (ms: number) => {
    for (const timer of [...timers])
      if (timer.ms <= ms) {
        timers.delete(timer);
        timer.work();
      }
  };
  const last = () => sent.at(-1) as (typeof sent)[number];
  const saved = async () => last().reply({ kind: 'saved', draft: { ...last().draft, revision: last().draft.revision + 1 } });
  return { ports, stored, sent, timers, announced, server, tick, last, saved };
}

let at: ReturnType<typeof world>;
let keeper: DraftKeeper;
let shown: DraftContent[];
const opened = (soupId = 'a', one = draft(1, recipe('A', 100))) => {
  const made = new DraftKeeper(soupId, one, at.ports);
  made.attach((next) => shown.push(next));
  return made;
};
beforeEach(() => {
  at = world();
  shown = [];
  keeper = opened();
});

describe('an edit', () => {
  test('is in this browser at once, on the server shortly after, and then the copy goes', async () => {
    keeper.edited(content(recipe('A', 200)));
    expect([keeper.state, at.stored.size, at.sent.length]).toEqual(['waiting', 1, 0]);
    at.tick(SAVE_AFTER_MS);
    expect([keeper.state, at.last().draft.revision, at.last().draft.recipe.lines[0]?.grams?.best]).toEqual(['saving', 1, 200]);
    await at.saved();
    expect([keeper.state, at.stored.size, at.announced]).toEqual(['clean', 0, ['a']]);
  });
  test('made again before the save is saved once, as it stands then', async () => {
    keeper.edited(content(recipe('A', 200)));
    keeper.edited(content(recipe('A', 300)));
    expect(at.timers.size).toBe(1);
    at.tick(SAVE_AFTER_MS);
    await at.saved();
    expect([at.sent.length, keeper.state]).toEqual([1, 'clean']);
  });
  test('made while a save is under way is saved after it, under the new revision', async () => {
    keeper.edited(content(recipe('A', 200)));
    at.tick(SAVE_AFTER_MS);
    keeper.edited(content(recipe('A', 300)));
    await at.saved();
    expect([keeper.state, at.stored.size]).toEqual(['waiting', 1]);
    at.tick(SAVE_AFTER_MS);
    expect([at.last().draft.revision, at.last().draft.recipe.lines[0]?.grams?.best]).toEqual([2, 300]);
  });
  test('undone before it was saved is not saved, and leaves no copy', () => {
    keeper.edited(content(recipe('A', 200)));
    keeper.edited(content(recipe('A', 100)));
    at.tick(SAVE_AFTER_MS);
    expect([keeper.state, at.sent.length, at.stored.size]).toEqual(['clean', 0, 0]);
  });
});

describe('leaving a soup', () => {
  test('saves what waits at once, without the wait', () => {
    keeper.edited(content(recipe('A', 200)));
    keeper.leave();
    expect([keeper.state, at.sent.length]).toEqual(['saving', 1]);
  });
  test('while its save is under way never puts the next soup into its draft, and keeps the next soup its copy', async () => {
    keeper.edited(content(recipe('A', 200)));
    at.tick(SAVE_AFTER_MS);
    keeper.leave();
    const next = opened('b', draft(5, recipe('B', 10)));
    next.edited(content(recipe('B', 20)));
    await at.sent[0]?.reply({ kind: 'saved', draft: draft(2, recipe('A', 200)) });
    at.tick(SAVE_AFTER_MS);
    expect(at.sent.map(({ soupId, draft: { recipe: one } }) => [soupId, one.title])).toEqual([
      ['a', 'A'],
      ['b', 'B'],
    ]);
    expect([...at.stored.keys()]).toEqual(['kind-ladle:draft:b']);
  });
  test('with an edit made during the save saves that too, at once', async () => {
    keeper.edited(content(recipe('A', 200)));
    at.tick(SAVE_AFTER_MS);
    keeper.edited(content(recipe('A', 300)));
    keeper.leave();
    await at.saved();
    expect([at.sent.length, at.last().draft.recipe.lines[0]?.grams?.best]).toEqual([2, 300]);
  });
  test('without edits sends nothing', () => {
    keeper.leave();
    expect(at.sent).toEqual([]);
  });
});

describe('a lost server', () => {
  test('is tried again until it answers, and the copy stays until then', async () => {
    keeper.edited(content(recipe('A', 200)));
    at.tick(SAVE_AFTER_MS);
    await at.last().reply({ kind: 'lost' });
    expect([keeper.state, at.stored.size]).toEqual(['offline', 1]);
    at.tick(TRY_AGAIN_MS);
    await at.saved();
    expect([keeper.state, at.stored.size]).toEqual(['clean', 0]);
  });
  test('leaves its work for the next visit, which saves it under the revision it was made on', async () => {
    keeper.edited(content(recipe('A', 200)));
    const again = opened('a', draft(1, recipe('A', 100)));
    expect([again.content.recipe.lines[0]?.grams?.best, at.last().draft.revision]).toEqual([200, 1]);
  });
  test('copy that cannot be read is no copy', () => {
    at.stored.set('kind-ladle:draft:c', '{"format":1,"content":{}}');
    expect(opened('c', draft(3, recipe('C', 5))).content.recipe.title).toBe('C');
  });
});

describe('a refusal', () => {
  test('is told in its own words and not tried again until the next edit', async () => {
    keeper.edited(content(recipe('A', 200)));
    at.tick(SAVE_AFTER_MS);
    await at.last().reply({ kind: 'refused', why: 'grams must be at most 10000000' });
    expect([keeper.state, keeper.why, at.timers.size, at.stored.size]).toEqual(['refused', 'grams must be at most 10000000', 0, 1]);
    keeper.edited(content(recipe('A', 300)));
    expect([keeper.state, keeper.why]).toEqual(['waiting', null]);
  });
});

describe('a save by someone else in between', () => {
  const two = (a: number, b: number) => recipe('A', a, b);
  beforeEach(() => {
    keeper = opened('a', draft(1, two(100, 50)));
  });
  test('of another line is joined and saved', async () => {
    keeper.edited(content(two(200, 50)));
    at.tick(SAVE_AFTER_MS);
    await at.last().reply({ kind: 'stale', current: draft(2, two(100, 70)) });
    expect(keeper.state).toBe('saving');
    expect([at.last().draft.revision, at.last().draft.recipe.lines.map(({ grams }) => grams?.best)]).toEqual([2, [200, 70]]);
    expect(shown.at(-1)?.recipe.lines[1]?.grams?.best).toBe(70);
  });
  test('of the same line is asked, and nothing is sent meanwhile', async () => {
    keeper.edited(content(two(200, 50)));
    at.tick(SAVE_AFTER_MS);
    await at.last().reply({ kind: 'stale', current: draft(2, two(300, 50)) });
    expect([keeper.state, keeper.clash?.conflicts.length]).toEqual(['clash', 1]);
    keeper.edited(content(two(210, 50)));
    at.tick(SAVE_AFTER_MS);
    expect(at.sent).toHaveLength(1);
    keeper.settle('mine');
    expect([keeper.state, at.last().draft.revision, at.last().draft.recipe.lines[0]?.grams?.best]).toEqual(['saving', 2, 210]);
  });
  test('settled for theirs takes theirs, with nothing left to save', async () => {
    keeper.edited(content(two(200, 50)));
    at.tick(SAVE_AFTER_MS);
    await at.last().reply({ kind: 'stale', current: draft(2, two(300, 50)) });
    keeper.settle('theirs');
    expect([keeper.state, keeper.clash, shown.at(-1)?.recipe.lines[0]?.grams?.best, at.stored.size]).toEqual(['clean', null, 300, 0]);
  });
  test('of the very same change is no clash', async () => {
    keeper.edited(content(two(200, 50)));
    at.tick(SAVE_AFTER_MS);
    await at.last().reply({ kind: 'stale', current: draft(2, two(200, 50)) });
    expect([keeper.state, at.sent.length]).toEqual(['clean', 1]);
  });
  test('met when the soup is opened with unsaved work of this browser is joined too', () => {
    keeper.edited(content(two(200, 50)));
    const again = opened('a', draft(4, two(100, 80)));
    expect(again.content.recipe.lines.map(({ grams }) => grams?.best)).toEqual([200, 80]);
    expect(at.last().draft.revision).toBe(4);
  });
});

describe('another tab that saved', () => {
  test('is followed by an idle bench', async () => {
    at.server.draft = draft(2, recipe('A', 150));
    await keeper.otherTabSaved();
    expect([shown.at(-1)?.recipe.lines[0]?.grams?.best, keeper.isDirty]).toEqual([150, false]);
  });
  test('is met by a busy bench at its own next save', async () => {
    keeper.edited(content(recipe('A', 200)));
    at.server.draft = draft(2, recipe('A', 150));
    await keeper.otherTabSaved();
    expect(shown).toEqual([]);
  });
  test('with an older draft than this is not followed', async () => {
    at.server.draft = draft(1, recipe('A', 150));
    await keeper.otherTabSaved();
    expect(shown).toEqual([]);
  });
  test('whose server does not answer changes nothing', async () => {
    await keeper.otherTabSaved();
    expect([shown, keeper.state]).toEqual([[], 'clean']);
  });
});

test('who listens is told of every state, until they stop', () => {
  const states: string[] = [];
  const stop = keeper.subscribe(() => states.push(keeper.state));
  keeper.edited(content(recipe('A', 200)));
  at.tick(SAVE_AFTER_MS);
  stop();
  keeper.leave();
  expect(states).toEqual(['waiting', 'saving']);
});
