import { Body, Controller, Get, Put } from '@nestjs/common';
import { House } from '@rotula/core';
import { checked } from '../http/checked.js';
import { HouseService } from './house.service.js';

@Controller('api/house')
export class HouseController {
  constructor(private readonly house: HouseService) {}

  @Get()
  read() {
    return this.house.read();
  }

  @Put()
  save(@Body(checked(House)) house: House) {
    return this.house.save(house);
  }
}
