import { Body, Controller, Get, HttpCode, Post } from '@nestjs/common';
import { CounterChange } from '@rotula/core';
import { checked } from '../http/checked.js';
import { CounterService } from './counter.service.js';

@Controller('api/counter')
export class CounterController {
  constructor(private readonly counter: CounterService) {}

  @Get()
  async list() {
    return { goods: await this.counter.all() };
  }

  @Post('changes')
  @HttpCode(200)
  change(@Body(checked(CounterChange)) change: CounterChange) {
    return this.counter.change(change);
  }
}
