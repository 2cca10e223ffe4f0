import { Body, Controller, Get, Header, HttpCode, Param, Post, Res } from '@nestjs/common';
import {
  EXACTLY,
  foundOut,
  groundOf,
  OrderId,
  PickRequest,
  plan,
  PlanRequest,
  planOut,
  previewOf,
  timingOf,
  writtenPlan,
  type PlanOut,
} from '@rotula/core';
import type { Response } from 'express';
import type { z } from 'zod';
import { CounterService } from '../counter/counter.service.js';
import { checked } from '../http/checked.js';
import { HouseService } from '../house/house.service.js';
import { OrdersService } from '../orders/orders.service.js';
import { Searches, type PickAsk } from './searches.js';

/** The computation for whoever asks by HTTP: stateless, nothing is stored. Load, compute, answer. */
@Controller('api')
export class PlanningController {
  constructor(
    private readonly counter: CounterService,
    private readonly house: HouseService,
    private readonly orders: OrdersService,
    private readonly searches: Searches,
  ) {}

  /** What a stored order comes to, small: the book shows it without the computation. */
  @Get('orders/:id/preview')
  async preview(@Param('id', checked(OrderId)) id: string) {
    const order = await this.orders.read(id);
    const goods = await this.counter.shelf(order);
    return previewOf(plan(order, goods, await this.house.read()), goods);
  }

  /** The plan of a stored order, whole: a page shows it until it plans for itself. */
  @Get('orders/:id/plan')
  @Header('Content-Type', 'application/json')
  async planOf(@Param('id', checked(OrderId)) id: string): Promise<string> {
    const [order, house] = await Promise.all([this.orders.read(id), this.house.read()]);
    const { id: _, version, updatedAt: __, ...body } = order;
    const shelf = await this.counter.shelf(body);
    const { goods } = groundOf(body, shelf, house);
    return writtenPlan({ version, plan: plan(body, shelf, house) }, goods);
  }

  @Post('plan')
  @HttpCode(200)
  async plan(@Body(checked(PlanRequest)) ask: z.infer<typeof PlanRequest>): Promise<PlanOut> {
    const counter = ask.counter ?? (await this.counter.shelf(ask.order));
    const house = ask.house ?? (await this.house.read());
    return planOut(plan(ask.order, counter, house));
  }

  /** The searched day of an order: every good warmed by series and sections, the work backwards by branch and bound. */
  @Post('search/clock')
  @HttpCode(200)
  async clock(@Body(checked(PlanRequest)) ask: z.infer<typeof PlanRequest>): Promise<object> {
    const counter = ask.counter ?? (await this.counter.shelf(ask.order));
    const house = ask.house ?? (await this.house.read());
    return foundOut(timingOf(plan(ask.order, counter, house).timing.asked, EXACTLY));
  }

  /** What a stage searches, kept by the fingerprint of its inputs. In a thread; it ends when the asker hangs up. */
  @Post('search/:stage')
  @HttpCode(200)
  async search(
    @Param('stage') stage: string,
    @Body(checked(PickRequest)) ask: PickAsk,
    @Res({ passthrough: true }) response: Response,
  ) {
    const house = ask.house ?? (await this.house.read());
    const hungUp = new AbortController();
    response.on('close', () => hungUp.abort());
    return this.searches.find(stage, ask, house, hungUp.signal);
  }

  /** The search of the pick under its first name. */
  @Post('pick')
  @HttpCode(200)
  async pick(@Body(checked(PickRequest)) ask: PickAsk, @Res({ passthrough: true }) response: Response) {
    const { fingerprint: _, ...answer } = await this.search('pick', ask, response);
    return answer;
  }
}
