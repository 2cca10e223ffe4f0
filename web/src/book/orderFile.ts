export { OrderFile } from '@rotula/core';
