import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { NewOrder, OrderId } from '@rotula/core';
import { checked } from '../http/checked.js';
import { SaveOrder } from '../http/bodies.js';
import { OrdersService } from './orders.service.js';

@Controller('api/orders')
export class OrdersController {
  constructor(private readonly orders: OrdersService) {}

  @Get()
  async list() {
    return { orders: await this.orders.list() };
  }

  @Post()
  create(@Body(checked(NewOrder)) order: NewOrder) {
    return this.orders.create(order);
  }

  @Get(':id')
  read(@Param('id', checked(OrderId)) id: string) {
    return this.orders.read(id);
  }

  @Put(':id')
  save(@Param('id', checked(OrderId)) id: string, @Body(checked(SaveOrder)) body: SaveOrder) {
    return this.orders.save(id, body.version, body.order);
  }

  @Delete(':id')
  @HttpCode(204)
  remove(@Param('id', checked(OrderId)) id: string) {
    return this.orders.remove(id);
  }
}
