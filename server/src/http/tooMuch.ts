import { HttpException } from '@nestjs/common';

/** Too much is asked at once; nothing is wrong with the question. */
export class TooMuch extends HttpException {
  constructor(readonly retryAfterSeconds: number) {
    super(
      `Too many questions wait already. Nothing was changed; ask again in ${retryAfterSeconds} ${retryAfterSeconds === 1 ? 'second' : 'seconds'}.`,
      429,
    );
  }
}
