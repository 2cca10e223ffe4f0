import type { Server } from 'node:http';
import { createServer } from 'node:net';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { createApp } from './app.js';
import { ConfigTrouble, readConfig } from './config.js';
import { CopiesService } from './copies/copies.service.js';
import { DataTrouble } from './database/trouble.js';
import { Planners } from './planning/planners.js';

const canListen = (host: string, port: number): Promise<boolean> =>
  new Promise((resolve) => {
    const probe = createServer()
      .once('error', () => resolve(false))
      .once('listening', () => probe.close(() => resolve(true)))
      .listen(port, host);
  });

const PORTS_TRIED = 50;

/** The wanted port, or the next free one above it. @throws ConfigTrouble when none of fifty is free */
async function freePort(host: string, wanted: number): Promise<number> {
  if (wanted === 0) return 0;
  for (let port = wanted; port < wanted + PORTS_TRIED; port++) if (await canListen(host, port)) return port;
  throw new ConfigTrouble(
    `no port from ${wanted} to ${wanted + PORTS_TRIED - 1} is free; set ROTULA_PORT to another`,
  );
}

/** How long a stop waits for answers on their way before it hangs up. */
const STOP_PATIENCE_MS = 3_000;

/** How long what was sent before the signal has to be read. */
const STOP_READS_MS = 150;

/** Stop on a signal: nothing new is taken, what is on its way is answered, the data are closed; within five seconds. */
function stopOn(signal: NodeJS.Signals, app: NestExpressApplication) {
  process.once(signal, () => {
    const server = app.getHttpServer() as Server;
    void app.get(Planners).stop();
    const impatient = setTimeout(() => server.closeAllConnections(), STOP_PATIENCE_MS);
    // A connection whose request lies unread looks idle: it is read before idle ones are closed.
    setTimeout(() => {
      server.closeIdleConnections();
      void app.close().finally(() => {
        clearTimeout(impatient);
        process.exit(0);
      });
    }, STOP_READS_MS);
  });
}

async function start() {
  const config = readConfig(process.env);
  const app = await createApp(config);
  const port = await freePort(config.host, config.port);
  await app.listen(port, config.host);
  app.get(Planners).warm();
  app.get(CopiesService).keepUp();
  stopOn('SIGTERM', app);
  stopOn('SIGINT', app);
  if (port !== config.port && config.port !== 0) console.log(`Port ${config.port} is taken; using ${port}.`);
  console.log(`Rotula is at ${await app.getUrl()}  (data in ${config.dataDirectory})`);
}

/** What a person can do something about is one sentence; a fault of our own keeps its trace. */
start().catch((fault: unknown) => {
  const isPlain = fault instanceof DataTrouble || fault instanceof ConfigTrouble;
  console.error(isPlain ? fault.message : fault);
  process.exit(1);
});
