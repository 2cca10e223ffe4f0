export * from './portion.js';
