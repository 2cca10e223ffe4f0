import { Body, Controller, Delete, Get, Header, HttpCode, Param, Post, Put } from '@nestjs/common';
import { OrderId, CreateOrder, SaveOrder } from '@rotula/core';
import { checked } from '../http/checked.js';
import { OrdersService } from './orders.service.js';

@Controller('api/orders')
export class OrdersController {
  constructor(private readonly orders: OrdersService) {}

  @Get()
  list() {
    return this.orders.list();
  }

  @Post()
  create(@Body(checked(CreateOrder)) order: CreateOrder) {
    return this.orders.create(order);
  }

  @Get(':id')
  read(@Param('id', checked(OrderId)) id: string) {
    return this.orders.read(id);
  }

  @Get(':id/stored')
  @Header('Content-Type', 'application/json')
  @Header('Content-Disposition', 'attachment; filename="order.json"')
  stored(@Param('id', checked(OrderId)) id: string) {
    return this.orders.stored(id);
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

  @Post(':id/restore')
  @HttpCode(200)
  restore(@Param('id', checked(OrderId)) id: string) {
    return this.orders.restore(id);
  }
}
