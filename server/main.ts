import { makeApp } from './app.ts';
import { readConfig } from './config.ts';
import { makeContext } from './context.ts';
import { loadDemo } from './demo/load.ts';

const context = await makeContext(readConfig(process.env));
if (context.config.loadDemo) await loadDemo(context.kitchen, context.book);

const { host, port } = context.config;
const server = makeApp(context).listen(port, host, (error) => {
  if (error) {
    console.error(`Cannot listen on ${host}:${port}: ${error.message}. Set PORT to a free one.`);
    process.exit(1);
  }
  const address = server.address();
  console.log(`ready http://${host}:${typeof address === 'object' && address ? address.port : port}`);
});

const stop = () => {
  server.close(() => context.close().then(() => process.exit(0)));
  server.closeIdleConnections();
};
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
