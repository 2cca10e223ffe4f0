import { Body, Controller, Get, HttpCode, Param, Post, Res } from '@nestjs/common';
import { OrderId, PickRequest, plan, PlanRequest, planOut, previewOf } from '@rotula/core';
import type { Response } from 'express';
import type { z } from 'zod';
import { CounterService } from '../counter/counter.service.js';
import { checked } from '../http/checked.js';
import { HouseService } from '../house/house.service.js';
import { OrdersService } from '../orders/orders.service.js';
import { PickPool } from './pickPool.js';

/** The computation for whoever asks by HTTP: stateless, nothing is stored. Load, compute, answer. */
@Controller('api')
export class PlanningController {
  constructor(
    private readonly counter: CounterService,
    private readonly house: HouseService,
    private readonly orders: OrdersService,
    private readonly picks: PickPool,
  ) {}

  /** What a stored order comes to, small: the book shows it without the computation. */
  @Get('orders/:id/preview')
  async preview(@Param('id', checked(OrderId)) id: string) {
    const order = await this.orders.read(id);
    const { goods } = await this.counter.all();
    return previewOf(plan(order, goods, await this.house.read()), goods);
  }

  @Post('plan')
  @HttpCode(200)
  async plan(@Body(checked(PlanRequest)) ask: z.infer<typeof PlanRequest>) {
    const counter = ask.counter ?? (await this.counter.all()).goods;
    const house = ask.house ?? (await this.house.read());
    return planOut(plan(ask.order, counter, house));
  }

  /** In a thread of its own; it ends when the asker hangs up. */
  @Post('pick')
  @HttpCode(200)
  async pick(
    @Body(checked(PickRequest)) ask: z.infer<typeof PickRequest>,
    @Res({ passthrough: true }) response: Response,
  ) {
    const house = ask.house ?? (await this.house.read());
    const hungUp = new AbortController();
    response.on('close', () => hungUp.abort());
    const { brief, locks, search } = ask;
    const job = { brief, counter: ask.counter ?? null, house, locks, nodeLimit: search.nodeLimit };
    return { ...(await this.picks.run(job, hungUp.signal)), seed: search.seed };
  }
}
