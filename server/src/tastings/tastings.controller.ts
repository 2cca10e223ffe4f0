import { Body, Controller, Delete, Get, Header, HttpCode, Param, Post, Put } from '@nestjs/common';
import { SessionId, CreateTasting, SaveTasting } from '@rotula/core';
import { checked } from '../http/checked.js';
import { TastingsService } from './tastings.service.js';

@Controller('api/tastings')
export class TastingsController {
  constructor(private readonly tastings: TastingsService) {}

  @Get()
  list() {
    return this.tastings.list();
  }

  @Post()
  create(@Body(checked(CreateTasting)) session: CreateTasting) {
    return this.tastings.create(session);
  }

  @Get(':id')
  read(@Param('id', checked(SessionId)) id: string) {
    return this.tastings.read(id);
  }

  @Get(':id/stored')
  @Header('Content-Type', 'application/json')
  @Header('Content-Disposition', 'attachment; filename="tasting.json"')
  stored(@Param('id', checked(SessionId)) id: string) {
    return this.tastings.stored(id);
  }

  @Put(':id')
  save(@Param('id', checked(SessionId)) id: string, @Body(checked(SaveTasting)) body: SaveTasting) {
    return this.tastings.save(id, body.version, body.session);
  }

  @Delete(':id')
  @HttpCode(204)
  remove(@Param('id', checked(SessionId)) id: string) {
    return this.tastings.remove(id);
  }

  @Post(':id/restore')
  @HttpCode(200)
  restore(@Param('id', checked(SessionId)) id: string) {
    return this.tastings.restore(id);
  }
}
