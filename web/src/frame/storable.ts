export { holdBack } from '@rotula/core';
