import { Body, Controller, Get, Header, HttpCode, Param, Post, Req } from '@nestjs/common';
import { CounterChange, GoodId } from '@rotula/core';
import type { Request } from 'express';
import { CopiesService } from '../copies/copies.service.js';
import { checked } from '../http/checked.js';
import { changeFromLines, isLines } from './changeLines.js';
import { CounterService } from './counter.service.js';

@Controller('api/counter')
export class CounterController {
  constructor(
    private readonly counter: CounterService,
    private readonly copies: CopiesService,
  ) {}

  @Get()
  list() {
    return this.counter.all();
  }

  /** What orders cut off the lots since they were counted. */
  @Get('taken')
  async taken() {
    return { takings: await this.counter.takings() };
  }

  @Get(':id/stored')
  @Header('Content-Type', 'application/json')
  @Header('Content-Disposition', 'attachment; filename="good.json"')
  stored(@Param('id', checked(GoodId)) id: string) {
    return this.counter.stored(id);
  }

  @Post('changes')
  @HttpCode(200)
  change(@Body(checked(CounterChange)) change: CounterChange) {
    return this.counter.change(change);
  }

  /** A large change (an import) as lines of JSON, checked line by line as they come in. */
  @Post('changes/lines')
  @HttpCode(200)
  async changeInLines(@Req() request: Request) {
    isLines(request);
    const change = await changeFromLines(request);
    // Whatever goes wrong with an import, the shop as it was before lies beside it.
    await this.copies.make();
    return this.counter.change(change);
  }
}
