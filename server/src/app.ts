import 'reflect-metadata';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { NestFactory } from '@nestjs/core';
import { refuseInWords } from '@rotula/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { NextFunction, Request, Response } from 'express';
import { AppModule } from './app.module.js';
import type { Config } from './config.js';
import { openDatabase } from './database/database.js';
import { hasDemo, loadDemo } from './demo/demo.js';
import { headers, ownNames, ownOnly } from './http/door.js';
import { ProblemFilter } from './http/problem.filter.js';
import { wellFormed } from './http/wellFormed.js';

/** Of every body but an import's, which comes in lines (counter/changeLines.ts); refused by its length before it is read. */
const BODY_LIMIT = '5mb';

/** The whole application, ready to listen: API and, where it is built, the interface. */
export async function createApp(config: Config): Promise<NestExpressApplication> {
  refuseInWords();
  const db = await openDatabase(config.dataDirectory, config.migrations);
  try {
    const demo = hasDemo(config.demoDirectory) ? config.demoDirectory : null;
    await loadDemo(db, demo, new Date().toISOString());
    const app = await NestFactory.create<NestExpressApplication>(AppModule.with(db, config), {
      logger: ['error', 'warn'],
      bodyParser: false,
    });
    app.use(headers());
    app.use(ownOnly(ownNames(config.host, config.names)));
    app.useBodyParser('json', { limit: BODY_LIMIT });
    app.use(wellFormed());
    app.useGlobalFilters(new ProblemFilter());
    serveInterface(app, config.webDirectory);
    return app;
  } catch (fault) {
    await db.close();
    throw fault;
  }
}

/** Files by their hashed names for a year; every other address that is not the API's is a page of the interface. */
function serveInterface(app: NestExpressApplication, directory: string) {
  const page = join(directory, 'index.html');
  if (!existsSync(page)) return;
  app.useStaticAssets(join(directory, 'assets'), {
    prefix: '/assets/',
    index: false,
    maxAge: '1y',
    immutable: true,
    fallthrough: true,
  });
  app.useStaticAssets(directory, { index: false, maxAge: '1h' });
  app.use((request: Request, response: Response, next: NextFunction) => {
    const isPage =
      ['GET', 'HEAD'].includes(request.method) &&
      !request.path.startsWith('/api') &&
      !request.path.startsWith('/assets') &&
      !request.path.includes('.');
    if (!isPage) return next();
    response.sendFile(page, { headers: { 'Cache-Control': 'no-cache' } });
  });
}
