import { makeApp } from './app.ts';
import { ConfigProblem, readConfig } from './config.ts';
import { makeContext } from './context.ts';
import { DatabaseProblem } from './database.ts';
import { loadDemo } from './demo/load.ts';
import { KEEP_ALIVE_MS } from './http.ts';

/** A sentence, and the end. */
function refuse(sentence: string): never {
  console.error(sentence);
  process.exit(1);
}

async function start() {
  const context = await makeContext(readConfig(process.env));
  if (context.config.loadDemo) await loadDemo(context, context.shelf.base);
  const { host, port } = context.config;
  const server = makeApp(context).listen(port, host, (error) => {
    if (error)
      refuse(`Cannot listen on ${host}:${port}: ${error.message}. Set PORT to a free one; a second kitchen needs a KIND_LADLE_DB of its own too.`);
    const address = server.address();
    // Where rows or rules have changed since the kitchen was last open; nobody waits for it.
    context.kitchen.freshen().catch((why: unknown) => context.log.error(why, 'what versions answer needs with could not be worked out anew'));
    console.log(`ready http://${host}:${typeof address === 'object' && address ? address.port : port}`);
  });

  server.keepAliveTimeout = KEEP_ALIVE_MS;
  let stopping = false;
  const stop = () => {
    // Asked twice, nobody waits for what is still being done.
    if (stopping) process.exit(1);
    stopping = true;
    // Threads first: those who wait for them are answered that the kitchen is closing.
    const closed = context.heavy.close();
    // Nobody who only listens is waited for.
    context.streams.close();
    server.close(() => closed.then(() => context.close()).then(() => process.exit(0)));
    server.closeIdleConnections();
  };
  process.on('SIGINT', stop);
  process.on('SIGTERM', stop);
}

start().catch((error: unknown) => {
  if (error instanceof ConfigProblem || error instanceof DatabaseProblem) refuse(error.message);
  throw error;
});
