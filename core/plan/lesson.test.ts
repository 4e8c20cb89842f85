/** A class in a teaching kitchen: nobody is given what they cannot do, and what does not fit is made before. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { type Learner, lessonOf, TAGS, TEACHER, tagsOf } from './lesson.ts';
import type { Task } from './tasks.ts';

const task = (id: string, minutes: number, label: string, resources: Task['resources'], after: number[] = []): Task => ({
  id,
  stepId: id,
  label,
  minutes,
  handsOn: resources.includes('cook'),
  resources,
  after,
  assumed: false,
});
/** Squash soup: heat the oven, cut, roast, sweat, simmer, cool, blend, serve. */
const TASKS = [
  task('oven', 12, 'Heat the oven', ['oven']),
  task('cut', 10, 'Make ready: squash, onion', ['cook']),
  task('roast', 40, 'Roast the squash at 220 C', ['oven'], [0, 1]),
  task('sweat', 10, 'Sweat the onion', ['cook', 'ring'], [1]),
  task('simmer', 10, 'Add the stock and simmer', ['ring'], [2, 3]),
  task('cool', 10, 'Off the heat, lid off', [], [4]),
  task('blend', 5, 'Blend until smooth', ['cook', 'blender'], [5]),
  task('herbs', 5, 'Pick the herbs', ['cook']),
  task('serve', 4, 'Ladle and scatter with herbs', ['cook'], [6, 7]),
];
const CAPACITY = [1, 2, 1, 1, 1000, 1];
const seats = (...cannot: Learner['cannot'][]): Learner[] => cannot.map((one, at) => ({ seat: `C${at + 1}`, cannot: one }));

describe('a task asks', () => {
  test.each([
    ['cut', ['knife']],
    ['sweat', ['hot', 'standing']],
    ['blend', ['hot', 'heavy', 'standing']],
    ['herbs', ['standing', 'fine']],
  ] as const)('%s: %p', (id, wanted) => {
    expect(tagsOf(TASKS.find((one) => one.id === id) as Task, 3000)).toEqual(wanted);
  });
});

describe('a class', () => {
  test('of two hours fits, and nothing stands ready', () => {
    const { fits, ready, takes } = lessonOf(TASKS, CAPACITY, { minutes: 120, stations: 3, learners: seats([], []) }, 3000);
    expect([fits, ready, takes <= 120]).toEqual([true, [], true]);
  });

  test('of fifty minutes has its tray roasted before', () => {
    const { fits, ready, takes } = lessonOf(TASKS, CAPACITY, { minutes: 50, stations: 3, learners: seats([], []) }, 3000);
    expect(fits).toBe(true);
    expect(takes).toBeLessThanOrEqual(50);
    // The squash is cut and roasted before; sweating, blending and serving are the class's.
    expect(ready.map(({ id }) => id)).toEqual(['oven', 'cut', 'roast']);
    expect(ready.map(({ id }) => id)).not.toContain('serve');
  });

  test('of three minutes says what would do', () => {
    const { fits, would } = lessonOf(TASKS, CAPACITY, { minutes: 3, stations: 3, learners: seats([]) }, 3000);
    expect(fits).toBe(false);
    expect(would.join()).toMatch(/a class of \d+ minutes/);
  });

  test('gives the knife to whoever may hold one, and the hot jar to the teacher where nobody may', () => {
    const { work } = lessonOf(TASKS, CAPACITY, { minutes: 200, stations: 4, learners: seats(['knife'], ['hot', 'heavy'], ['hot']) }, 3000);
    const of = (seat: string) => work.find((one) => one.seat === seat)?.tasks.map(({ id }) => id) ?? [];
    expect(of('C1')).not.toContain('cut');
    expect([...of('C2'), ...of('C3')]).toContain('cut');
    expect(of('C1')).toContain('blend');
    const seated = lessonOf(TASKS, CAPACITY, { minutes: 200, stations: 4, learners: seats(['hot'], ['heavy']) }, 3000).work;
    expect(seated.find(({ seat }) => seat === TEACHER)?.tasks.map(({ id }) => id)).toContain('blend');
  });

  test('whoever they are, gives every task once and nobody what they cannot do', () => {
    const learner = fc.array(fc.subarray([...TAGS]), { minLength: 1, maxLength: 6 });
    fc.assert(
      fc.property(learner, fc.integer({ min: 20, max: 150 }), (cannot, minutes) => {
        const learners = seats(...cannot);
        const { work, ready } = lessonOf(TASKS, CAPACITY, { minutes, stations: 3, learners }, 3000);
        const given = work.flatMap(({ tasks }) => tasks.map(({ id }) => id));
        expect([...given, ...ready.map(({ id }) => id)].sort()).toEqual(TASKS.map(({ id }) => id).sort());
        for (const { seat, tasks } of work) {
          const able = learners.find((one) => one.seat === seat);
          if (able) expect(tasks.flatMap(({ tags }) => tags.filter((tag) => able.cannot.includes(tag)))).toEqual([]);
        }
      }),
      { numRuns: 100, seed: 8 },
    );
  });
});
