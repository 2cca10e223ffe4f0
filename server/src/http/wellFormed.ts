import { illText } from '@rotula/core';
import type { NextFunction, Request, RequestHandler, Response } from 'express';
import { refusalOf } from './problem.filter.js';

/**
 * The one door of every body: text that no store can hold (half an emoji, control characters) is refused with its field, before
 * any route sees it. What comes in lines is looked at line by line (counter/changeLines.ts).
 */
export const wellFormed =
  (): RequestHandler => (request: Request, response: Response, next: NextFunction) => {
    const ill = illText(request.body);
    if (!ill) return next();
    response.status(400).json(refusalOf([ill]));
  };
