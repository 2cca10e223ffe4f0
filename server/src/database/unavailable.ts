import { ServiceUnavailableException } from '@nestjs/common';

/** The data could not be written now; nothing was changed, and the person may try again. */
export class Unavailable extends ServiceUnavailableException {
  constructor(why: string) {
    super(`Nothing was stored. ${why}`);
  }
}
