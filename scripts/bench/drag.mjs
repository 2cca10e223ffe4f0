import { openBrowser } from '../lib/browser.mjs';
import { startServer } from '../lib/server.mjs';
import { median, round } from './stats.mjs';

const FRAMES = 120;
const PIECES = 600;

/** Dragging a thing over a board of many loose pieces, one move a frame: work of the main thread, and frames that are dropped. */
export async function benchDrag(row) {
  const server = await startServer();
  const { driver, close } = await openBrowser();
  try {
    // A bare table, so that a large party lies on one board.
    const path = `${server.address}/api/orders/boatyard-launch-supper`;
    const stored = await fetch(path).then((answer) => answer.json());
    const { version, ...order } = stored.order ?? stored;
    order.brief = {
      ...order.brief,
      surface: 'bare table',
      tableSize: { length: 1600, width: 900 },
      guests: { ...order.brief.guests, adults: 20 },
      budget: null,
    };
    await fetch(path, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ version, order }),
    }).then(async (answer) => {
      if (!answer.ok) throw new Error(`the order is not stored: ${await answer.text()}`);
    });
    await driver.get(`${server.address}/orders/boatyard-launch-supper/lay`);
    await driver.wait(
      () => driver.executeScript('return document.querySelectorAll("[data-thing] path").length > 100'),
      30_000,
    );
    await driver.manage().setTimeouts({ script: 60_000 });
    const { works, gaps, pieces } = await driver.executeAsyncScript(
      `const [frames, done] = arguments;
       const svg = document.querySelector('[data-board]');
       const thing = [...svg.querySelectorAll('[data-thing]')].find((e) => e.querySelector('circle, ellipse')) ?? svg.querySelector('[data-thing]');
       thing.setPointerCapture = () => undefined;
       const box = thing.getBoundingClientRect();
       const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
       const send = (type, by) => thing.dispatchEvent(new PointerEvent(type, { bubbles: true, pointerId: 1, clientX: x + by, clientY: y }));
       send('pointerdown', 0);
       const works = [], gaps = [];
       let i = 0, last = null;
       const frame = (now) => {
         if (last !== null) gaps.push(now - last);
         last = now;
         if (i++ === frames) { send('pointercancel', 0); done({ works, gaps, pieces: svg.querySelectorAll('[data-thing] path').length }); return; }
         const start = performance.now();
         send('pointermove', 60 * Math.sin(i / 10));
         // React works in a task of its own; the next one comes after it.
         const { port1, port2 } = new MessageChannel();
         port1.onmessage = () => { works.push(performance.now() - start); requestAnimationFrame(frame); };
         setTimeout(() => port2.postMessage(0), 0);
       };
       requestAnimationFrame(frame);`,
      FRAMES,
    );
    const usual = median(gaps);
    row(
      `dragging with ${Math.floor(pieces / 2)} loose pieces drawn: work of a frame`,
      round(median(works), 1),
      'ms',
      8,
    );
    row(
      `  frames dropped (${PIECES} pieces asked for)`,
      round((100 * gaps.filter((gap) => gap > 1.5 * Math.max(usual, 16.7)).length) / gaps.length, 1),
      '%',
      5,
    );
  } finally {
    await close();
    await server.close();
  }
}
