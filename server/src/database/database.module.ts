import { Global, Inject, Module, type DynamicModule, type OnApplicationShutdown } from '@nestjs/common';
import type { Database } from './database.js';

export const DATABASE = Symbol('database');

/** Makes the opened database known everywhere, and closes it when the application stops. */
@Global()
@Module({})
export class DatabaseModule implements OnApplicationShutdown {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  static with(db: Database): DynamicModule {
    return { module: DatabaseModule, providers: [{ provide: DATABASE, useValue: db }], exports: [DATABASE] };
  }

  onApplicationShutdown() {
    return this.db.close();
  }
}
