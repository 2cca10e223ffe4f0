import { fileURLToPath } from 'node:url';
import { resolve } from 'node:path';

/** Where things are, from the environment; every value has a default that suits one shop on one machine. */
export interface Config {
  readonly dataDirectory: string;
  readonly host: string;
  readonly port: number;
  readonly demoDirectory: string | null;
  readonly webDirectory: string;
  /** Draws papers where there is no browser: built of web/src/papers/print.tsx. */
  readonly printer: string;
  readonly migrations: string;
  /** The compiled file that plans and searches run in. */
  readonly plannerWorker: string;
  /** The compiled file that makes a copy of the data. */
  readonly copyWorker: string;
  /** Names beside its own under which the shop is reached. */
  readonly names: readonly string[];
}

/** The repository's root, from the compiled place of this file (server/dist) or its source (server/src). */
const ROOT = resolve(fileURLToPath(import.meta.url), '../../..');
const DEFAULT_PORT = 4310;

/** A setting that cannot be used, in one sentence. */
export class ConfigTrouble extends Error {}

/** @throws ConfigTrouble naming the variable when ROTULA_PORT is not a port */
export function readConfig(env: NodeJS.ProcessEnv): Config {
  const port = Number(env.ROTULA_PORT ?? DEFAULT_PORT);
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    throw new ConfigTrouble(`ROTULA_PORT is "${env.ROTULA_PORT}"; give a port number from 0 to 65535`);
  return {
    dataDirectory: resolve(env.ROTULA_DATA ?? resolve(ROOT, '.data')),
    host: env.ROTULA_HOST ?? '127.0.0.1',
    port,
    demoDirectory: env.ROTULA_DEMO === '0' ? null : resolve(ROOT, 'demo'),
    webDirectory: resolve(ROOT, 'web/dist'),
    printer: resolve(ROOT, 'web/dist-print/print.js'),
    migrations: resolve(ROOT, 'server/drizzle'),
    plannerWorker: resolve(ROOT, 'server/dist/planning/planner.worker.js'),
    copyWorker: resolve(ROOT, 'server/dist/database/copy.worker.js'),
    names: (env.ROTULA_HOSTS ?? '')
      .split(',')
      .map((name) => name.trim())
      .filter(Boolean),
  };
}
