import { BadRequestException, Controller, Get, NotFoundException, Param, Query, Res } from '@nestjs/common';
import { isPaper, OrderId, PAPER_FORMS, PAPER_IDS, PAPERS, type PaperForm } from '@rotula/core';
import type { Response } from 'express';
import { CounterService } from '../counter/counter.service.js';
import { checked } from '../http/checked.js';
import { HouseService } from '../house/house.service.js';
import { OrdersService } from '../orders/orders.service.js';
import { hungUp } from './hungUp.js';
import { Planners } from './planners.js';

const TYPES: Record<PaperForm, string> = { data: 'application/json', text: 'text/plain; charset=utf-8' };

/** The papers of a stored order for whoever asks by HTTP: as data, and as plain text. */
@Controller('api/orders/:id/papers')
export class PapersController {
  constructor(
    private readonly counter: CounterService,
    private readonly house: HouseService,
    private readonly orders: OrdersService,
    private readonly planners: Planners,
  ) {}

  /** Which there are, and for whom. */
  @Get()
  async list(@Param('id', checked(OrderId)) id: string) {
    await this.orders.read(id);
    return { papers: PAPER_IDS.map((paper) => ({ id: paper, for: PAPERS[paper].for })) };
  }

  @Get(':paper')
  async paper(
    @Param('id', checked(OrderId)) id: string,
    @Param('paper') paper: string,
    @Query('as') as: unknown = 'data',
    @Res({ passthrough: true }) response: Response,
  ): Promise<string> {
    if (!isPaper(paper))
      throw new NotFoundException(`There is no paper “${paper}”. The papers: ${PAPER_IDS.join(', ')}.`);
    const form = PAPER_FORMS.find((one) => one === as);
    if (!form)
      throw new BadRequestException(
        `A paper is asked for as data or as text: ?as=${PAPER_FORMS.join(' or ?as=')}.`,
      );
    const [order, house] = await Promise.all([this.orders.read(id), this.house.read()]);
    const shelf = { stored: this.counter.revision };
    const answer = await this.planners.printed(
      { id: paper, as: form, order, house, shelf },
      hungUp(response),
    );
    response.type(TYPES[form]);
    return answer;
  }
}
