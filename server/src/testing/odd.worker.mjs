/** A worker of the tests: it never answers, it needs all memory, or it answers at once. */
export default async function run({ ask }) {
  if (ask.does === 'waits') return new Promise(() => {});
  if (ask.does === 'grows') {
    const kept = [];
    for (;;) kept.push(new Array(1e5).fill({}));
  }
  return 'answered';
}
