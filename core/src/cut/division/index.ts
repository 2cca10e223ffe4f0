export { type Division, type Pieces, sorted3, type Stroke, times } from './pieces.js';
export { radial } from './radial.js';
export { layered, ringed } from './bands.js';
export { grid, zigzag } from './box.js';
export { coins } from './coins.js';
export { sideRays } from './sideRays.js';
export { lumps, whole } from './loose.js';
