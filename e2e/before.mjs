import { fillDemo } from '../scripts/lib/demoData.mjs';

export default async function before() {
  globalThis.throwDemoAway = await fillDemo();
}
