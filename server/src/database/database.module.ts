import { Global, Module, type DynamicModule, type OnApplicationShutdown } from '@nestjs/common';
import type { Database } from './database.js';

export const DATABASE = Symbol('database');

/** Makes the opened database known everywhere, and closes it when the application stops. */
@Global()
@Module({})
export class DatabaseModule implements OnApplicationShutdown {
  private static opened: Database | null = null;

  static with(db: Database): DynamicModule {
    DatabaseModule.opened = db;
    return { module: DatabaseModule, providers: [{ provide: DATABASE, useValue: db }], exports: [DATABASE] };
  }

  onApplicationShutdown() {
    DatabaseModule.opened?.close();
  }
}
