/** What is printed, as plain data: web lays it out, tests read it. */
export * from './cutSheet.js';
export * from './shopping.js';
export * from './cards.js';
export * from './tableList.js';
export * from './rows.js';
