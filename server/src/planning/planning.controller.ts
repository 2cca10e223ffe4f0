import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { pick, PickRequest, plan, PlanRequest, planOut } from '@rotula/core';
import type { z } from 'zod';
import { CounterService } from '../counter/counter.service.js';
import { checked } from '../http/checked.js';
import { HouseService } from '../house/house.service.js';

/** The computation for whoever asks by HTTP: stateless, nothing is stored. Load, compute, answer. */
@Controller('api')
export class PlanningController {
  constructor(
    private readonly counter: CounterService,
    private readonly house: HouseService,
  ) {}

  @Post('plan')
  @HttpCode(200)
  async plan(@Body(checked(PlanRequest)) ask: z.infer<typeof PlanRequest>) {
    const counter = ask.counter ?? (await this.counter.all());
    const house = ask.house ?? (await this.house.read());
    return planOut(plan(ask.order, counter, house));
  }

  @Post('pick')
  @HttpCode(200)
  async pick(@Body(checked(PickRequest)) ask: z.infer<typeof PickRequest>) {
    const counter = ask.counter ?? (await this.counter.all());
    const house = ask.house ?? (await this.house.read());
    const answer = pick(ask.brief, counter, house, ask.locks, { nodeLimit: ask.search.nodeLimit });
    return { ...answer, seed: ask.search.seed };
  }
}
