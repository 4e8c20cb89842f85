/** Entries on their way to the server: none lost, none left behind, whatever happens to the server and the page. */
import { describe, expect, test } from '@jest/globals';
import type { Entry } from '../../../core/batch/entry.ts';
import { EntryKeeper, type EntryPorts, type Sent } from './entryKeeper.ts';

const note = (id: string): Entry => ({ id, at: '2027-03-06T16:00:00.000Z', kind: 'note', text: id });

function house() {
  const kept = new Map<string, Entry>();
  const disk = new Map<string, readonly Entry[]>();
  const waiting: (() => void)[] = [];
  const answers: Sent[] = [];
  const ports: EntryPorts = {
    async send(_, entries) {
      const answer: Sent = entries.some(({ id }) => id === 'bad') ? { kind: 'refused', why: 'no such line' } : (answers.shift() ?? { kind: 'kept' });
      // A reply may be lost after the server has kept them.
      for (const entry of entries) if (answer.kind !== 'refused') kept.set(entry.id, entry);
      return answer;
    },
    store: { read: async (id) => [...(disk.get(id) ?? [])], write: async (id, entries) => void disk.set(id, [...entries]) },
    later: (work) => {
      waiting.push(work);
      return () => void waiting.splice(waiting.indexOf(work), 1);
    },
  };
  return { kept, disk, waiting, answers, ports, keeper: new EntryKeeper('b', ports) };
}
const rest = () => new Promise((resolve) => setTimeout(resolve));

describe('the keeper of entries', () => {
  test('sends what is written and is clean', async () => {
    const { keeper, kept, disk } = house();
    keeper.add(note('a'), note('b'));
    await rest();
    expect([...kept.keys()]).toEqual(['a', 'b']);
    expect(keeper.state).toBe('clean');
    await keeper.settled();
    expect(disk.get('b')).toEqual([]);
  });

  test('keeps in the browser what the server did not answer, and sends it later', async () => {
    const { keeper, kept, disk, answers, waiting } = house();
    answers.push({ kind: 'lost' });
    keeper.add(note('a'));
    await rest();
    expect(keeper.state).toBe('offline');
    await keeper.settled();
    expect(disk.get('b')).toEqual([note('a')]);
    keeper.add(note('b'));
    await rest();
    waiting.shift()?.();
    await rest();
    expect([...kept.keys()]).toEqual(['a', 'b']);
    expect(keeper.queue).toEqual([]);
  });

  test('of a page that was closed is found by the next one, before what that writes', async () => {
    const { disk, ports, kept } = house();
    disk.set('b', [note('a')]);
    const next = new EntryKeeper('b', ports);
    next.add(note('b'));
    await next.open();
    await rest();
    expect([...kept.keys()].sort()).toEqual(['a', 'b']);
  });

  test('puts aside what is refused, with the reason, and sends the rest', async () => {
    const { keeper, kept } = house();
    keeper.add(note('a'), note('bad'), note('c'));
    await rest();
    await rest();
    expect([...kept.keys()]).toEqual(['a', 'c']);
    expect(keeper.refused.map(({ entry, why }) => [entry.id, why])).toEqual([['bad', 'no such line']]);
    expect(keeper.state).toBe('refused');
    keeper.letGo('bad');
    expect(keeper.refused).toEqual([]);
  });

  test('waits longer each time, and not at all when the server is said to be back', async () => {
    const { keeper, answers, kept } = house();
    answers.push({ kind: 'lost' }, { kind: 'lost' });
    keeper.add(note('a'));
    await rest();
    keeper.tryNow();
    await rest();
    expect(keeper.state).toBe('offline');
    keeper.tryNow();
    await rest();
    expect(kept.has('a')).toBe(true);
  });
});
