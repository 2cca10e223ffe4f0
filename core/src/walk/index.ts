export * from './walk.js';
