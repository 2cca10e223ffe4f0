import { Controller, Get } from '@nestjs/common';
import { CounterService } from './counter.service.js';

@Controller('api/counter')
export class CounterController {
  constructor(private readonly counter: CounterService) {}

  @Get()
  async list() {
    return { goods: await this.counter.all() };
  }
}
