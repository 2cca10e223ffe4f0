import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import type { Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { createApp } from '../app.js';
import { readConfig, type Config } from '../config.js';

/** A folder of its own for one test. */
export const freshFolder = (): string => mkdtempSync(join(tmpdir(), 'rotula-server-'));

export const configFor = (data: string, more: Partial<Config> = {}): Config => ({
  ...readConfig({ ROTULA_DATA: data, ROTULA_PORT: '0' }),
  webDirectory: join(data, 'none'),
  ...more,
});

let filled: Promise<string> | null = null;

/** A folder of its own with the demo in it: loaded once, and copied. */
export async function filledFolder(): Promise<string> {
  filled ??= (async () => {
    const first = freshFolder();
    await (await openShop(first)).stop();
    return first;
  })();
  const folder = freshFolder();
  cpSync(await filled, folder, { recursive: true });
  return folder;
}

export interface OpenShop {
  readonly app: NestExpressApplication;
  readonly server: Server;
  readonly data: string;
  /** Stop it; the data stay. */
  readonly stop: () => Promise<void>;
  /** Stop it and throw the data away. */
  readonly close: () => Promise<void>;
}

/** A shop that answers, on data of its own or of the folder that is given. */
export async function openShop(data = freshFolder(), more: Partial<Config> = {}): Promise<OpenShop> {
  const app = await createApp(configFor(data, more));
  await app.init();
  return {
    app,
    data,
    server: app.getHttpServer() as Server,
    stop: () => app.close(),
    close: async () => {
      await app.close();
      rmSync(data, { recursive: true, force: true });
    },
  };
}
