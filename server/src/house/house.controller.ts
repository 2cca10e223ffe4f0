import { SaveHouse } from '@rotula/core';
import { Body, Controller, Get, Header, Put } from '@nestjs/common';
import { checked } from '../http/checked.js';
import { HouseService } from './house.service.js';

@Controller('api/house')
export class HouseController {
  constructor(private readonly house: HouseService) {}

  @Get()
  read() {
    return this.house.read();
  }

  @Get('stored')
  @Header('Content-Type', 'application/json')
  @Header('Content-Disposition', 'attachment; filename="house.json"')
  stored() {
    return this.house.stored();
  }

  @Put()
  save(@Body(checked(SaveHouse)) body: SaveHouse) {
    return this.house.save(body.version, body.house);
  }
}
