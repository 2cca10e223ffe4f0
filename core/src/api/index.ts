export * from './requests.js';
export * from './answers.js';
