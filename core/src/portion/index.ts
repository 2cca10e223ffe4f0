export { type Loss, type Portion, type Portions, portionsFor } from './portion.js';
