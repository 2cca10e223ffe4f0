export { judge } from '@rotula/core';
export { sentence } from '../words';
import '../words/lay';
