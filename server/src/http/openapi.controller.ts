import { Controller, Get } from '@nestjs/common';
import { openApiDocument } from './openapi.js';

@Controller('api/openapi.json')
export class OpenApiController {
  /** Built at the first question, so that it costs nothing at the start. */
  private document: ReturnType<typeof openApiDocument> | null = null;

  @Get()
  read(): Record<string, unknown> {
    return (this.document ??= openApiDocument());
  }
}
