/** A server that is cut off while three cooks write: what it acknowledged is there afterwards, once. */
import { randomUUID } from 'node:crypto';
import { expect, test } from './kitchen.ts';

/** 200 in the full run. */
const KILLS = Number(process.env.KIND_LADLE_KILLS ?? 6);
const BETWEEN_MS = 250;

test(`${KILLS} power cuts during entries of three clients lose nothing that was acknowledged and double nothing`, async ({ server }) => {
  test.setTimeout(60_000 + KILLS * 6000);
  const send = async (path: string, body: unknown) => {
    const reply = await fetch(server.url + path, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });
    if (!reply.ok) throw new Error(`${path}: ${reply.status} ${await reply.text()}`);
    return (await reply.json()) as { id: string; recipe: unknown; accepted: string[] };
  };
  const { recipe } = await send('/api/read', { text: 'Leek soup\nServes 4\n\n500 g leeks\n1 litre water\n\nSimmer 20 minutes and blend.' });
  const soup = await send('/api/soups', { title: 'Leek soup', recipe });
  const { id } = await send('/api/batches', { soupId: soup.id, version: null, servings: 4, recipe });

  const acknowledged = new Set<string>();
  const written: string[] = [];
  let isOver = false;
  /** Sends an entry until it is taken, as a page does that lost its server. */
  const client = async (name: string) => {
    for (let count = 0; !isOver; count++) {
      const entry = { id: randomUUID(), at: new Date().toISOString(), by: name, kind: 'note', text: `${name} ${count}` };
      written.push(entry.id);
      for (let taken = false; !taken && !isOver; ) {
        taken = await send(`/api/batches/${id}/entries`, { entries: [entry] }).then(
          ({ accepted }) => {
            for (const one of accepted) acknowledged.add(one);
            return true;
          },
          () => new Promise<boolean>((resolve) => setTimeout(() => resolve(false), 20)),
        );
      }
    }
  };
  const clients = Promise.all(['A', 'B', 'C'].map(client));
  for (let kill = 0; kill < KILLS; kill++) {
    await new Promise((resolve) => setTimeout(resolve, BETWEEN_MS + (kill % 7) * 13));
    await server.kill();
    await server.start();
  }
  isOver = true;
  await clients;
  const kept = ((await (await fetch(`${server.url}/api/batches/${id}`)).json()) as { entries: { id: string }[] }).entries.map((entry) => entry.id);
  expect(acknowledged.size).toBeGreaterThan(KILLS * 3);
  expect(new Set(kept).size).toBe(kept.length);
  expect([...acknowledged].filter((one) => !kept.includes(one))).toEqual([]);
  expect(kept.filter((one) => !written.includes(one))).toEqual([]);
});
