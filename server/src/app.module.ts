import { Module, type DynamicModule } from '@nestjs/common';
import type { Config } from './config.js';
import { CopiesController } from './copies/copies.controller.js';
import { CopiesService } from './copies/copies.service.js';
import { CounterController } from './counter/counter.controller.js';
import { CounterService } from './counter/counter.service.js';
import { DatabaseModule } from './database/database.module.js';
import type { Database } from './database/database.js';
import { HouseController } from './house/house.controller.js';
import { HouseService } from './house/house.service.js';
import { OpenApiController } from './http/openapi.controller.js';
import { OrdersController } from './orders/orders.controller.js';
import { OrdersService } from './orders/orders.service.js';
import { Planners } from './planning/planners.js';
import { PapersController } from './planning/papers.controller.js';
import { PlanningController } from './planning/planning.controller.js';
import { Searches } from './planning/searches.js';
import { TastingsController } from './tastings/tastings.controller.js';
import { TastingsService } from './tastings/tastings.service.js';

@Module({})
export class AppModule {
  static with(db: Database, { plannerWorker, copyWorker, dataDirectory, printer }: Config): DynamicModule {
    return {
      module: AppModule,
      imports: [DatabaseModule.with(db)],
      controllers: [
        CopiesController,
        CounterController,
        HouseController,
        OpenApiController,
        OrdersController,
        PapersController,
        PlanningController,
        TastingsController,
      ],
      providers: [
        CounterService,
        HouseService,
        OrdersService,
        Searches,
        TastingsService,
        { provide: CopiesService, useFactory: () => new CopiesService(copyWorker, dataDirectory) },
        { provide: Planners, useFactory: () => new Planners(plannerWorker, dataDirectory, printer) },
      ],
    };
  }
}
