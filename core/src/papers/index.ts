export * from './papers.js';
