import { Controller, Get, HttpCode, Post } from '@nestjs/common';
import { CopiesService } from './copies.service.js';

@Controller('api/copies')
export class CopiesController {
  constructor(private readonly copies: CopiesService) {}

  @Get()
  read() {
    return this.copies.told();
  }

  @Post()
  @HttpCode(200)
  make() {
    return this.copies.make();
  }
}
