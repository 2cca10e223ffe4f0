import { Body, Controller, Get, Header, HttpCode, Param, Post, Res } from '@nestjs/common';
import { OrderId, PlanRequest } from '@rotula/core';
import type { Response } from 'express';
import type { z } from 'zod';
import { CounterService } from '../counter/counter.service.js';
import { checked } from '../http/checked.js';
import { HouseService } from '../house/house.service.js';
import { OrdersService } from '../orders/orders.service.js';
import { hungUp } from './hungUp.js';
import { Planners } from './planners.js';
import { Searches } from './searches.js';

type PlanAsked = z.infer<typeof PlanRequest>;

/** The computation for whoever asks by HTTP: stateless, nothing is stored. Load, compute (in a thread), answer. */
@Controller('api')
export class PlanningController {
  constructor(
    private readonly counter: CounterService,
    private readonly house: HouseService,
    private readonly orders: OrdersService,
    private readonly planners: Planners,
    private readonly searches: Searches,
  ) {}

  /** What a stored order comes to, small: the book shows it without the computation. */
  @Get('orders/:id/preview')
  @Header('Content-Type', 'application/json')
  async preview(
    @Param('id', checked(OrderId)) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<string> {
    return this.planners.plan('preview', await this.stored(id), hungUp(response));
  }

  /** The plan of a stored order: a page shows it until it plans for itself. */
  @Get('orders/:id/plan')
  @Header('Content-Type', 'application/json')
  async planOf(
    @Param('id', checked(OrderId)) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<string> {
    return this.planners.plan('plan', await this.stored(id), hungUp(response));
  }

  @Post('plan')
  @HttpCode(200)
  @Header('Content-Type', 'application/json')
  async plan(
    @Body(checked(PlanRequest)) ask: PlanAsked,
    @Res({ passthrough: true }) response: Response,
  ): Promise<string> {
    return this.planners.plan('plan', await this.asked(ask), hungUp(response));
  }

  /** What is searched, by the table of core. In a thread; it ends when the asker hangs up. */
  @Post('search/:id')
  @HttpCode(200)
  @Header('Content-Type', 'application/json')
  async search(
    @Param('id') id: string,
    @Body() body: unknown,
    @Res({ passthrough: true }) response: Response,
  ): Promise<string> {
    return this.searches.find(id, body, hungUp(response));
  }

  /** The search of the pick under its first name. */
  @Post('pick')
  @HttpCode(200)
  @Header('Content-Type', 'application/json')
  async pick(@Body() body: unknown, @Res({ passthrough: true }) response: Response): Promise<string> {
    return this.searches.find('pick', body, hungUp(response));
  }

  private async stored(id: string) {
    const [order, house] = await Promise.all([this.orders.read(id), this.house.read()]);
    return { order, house, shelf: { stored: this.counter.revision } };
  }

  private async asked({ order, counter, house }: PlanAsked) {
    return {
      order,
      house: house ?? (await this.house.read()),
      shelf: counter ? { sent: counter } : { stored: this.counter.revision },
    };
  }
}
