import 'reflect-metadata';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { json, type NextFunction, type Request, type Response } from 'express';
import { AppModule } from './app.module.js';
import type { Config } from './config.js';
import { openDatabase } from './database/database.js';
import { hasDemo, loadDemo } from './database/demo.js';
import { ProblemFilter } from './http/problem.filter.js';

const BODY_LIMIT = '5mb';
const IMPORT_LIMIT = '120mb';

/** The whole application, ready to listen: API and, where it is built, the interface. */
export async function createApp(config: Config): Promise<NestExpressApplication> {
  const db = await openDatabase(config.dataDirectory, config.migrations);
  if (hasDemo(config.demoDirectory)) await loadDemo(db, config.demoDirectory, new Date().toISOString());
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(db), {
    logger: ['error', 'warn'],
    bodyParser: false,
  });
  // Only an import is ever larger than a few megabytes: a whole price list in one step.
  app.use('/api/counter/changes', json({ limit: IMPORT_LIMIT }));
  app.useBodyParser('json', { limit: BODY_LIMIT });
  app.useGlobalFilters(new ProblemFilter());
  app.enableShutdownHooks();
  serveInterface(app, config.webDirectory);
  return app;
}

/** Files by their hashed names for a year; every other address that is not the API's is a page of the interface. */
function serveInterface(app: NestExpressApplication, directory: string) {
  const page = join(directory, 'index.html');
  if (!existsSync(page)) return;
  app.useStaticAssets(directory, { index: false, maxAge: '1y', immutable: true });
  app.use((request: Request, response: Response, next: NextFunction) => {
    const isPage =
      request.method === 'GET' && !request.path.startsWith('/api') && !request.path.includes('.');
    if (!isPage) return next();
    response.sendFile(page, { headers: { 'Cache-Control': 'no-cache' } });
  });
}
