import { createServer } from 'node:net';
import { createApp } from './app.js';
import { readConfig } from './config.js';

const canListen = (host: string, port: number): Promise<boolean> =>
  new Promise((resolve) => {
    const probe = createServer()
      .once('error', () => resolve(false))
      .once('listening', () => probe.close(() => resolve(true)))
      .listen(port, host);
  });

const PORTS_TRIED = 50;

/** The wanted port, or the next free one above it. @throws Error when none of fifty is free */
async function freePort(host: string, wanted: number): Promise<number> {
  if (wanted === 0) return 0;
  for (let port = wanted; port < wanted + PORTS_TRIED; port++) if (await canListen(host, port)) return port;
  throw new Error(
    `no port from ${wanted} to ${wanted + PORTS_TRIED - 1} is free; set ROTULA_PORT to another`,
  );
}

const config = readConfig(process.env);
const app = await createApp(config);
const port = await freePort(config.host, config.port);
await app.listen(port, config.host);
if (port !== config.port && config.port !== 0) console.log(`Port ${config.port} is taken; using ${port}.`);
console.log(`Rotula is at ${await app.getUrl()}  (data in ${config.dataDirectory})`);
