import { join } from 'node:path';
import { parentPort, workerData } from 'node:worker_threads';
import { createClient } from '@libsql/client';
import { DATA_FILE, makeCopy } from './copies.js';

/** Makes one copy in a thread of its own: a large shop takes seconds, and everybody else goes on reading and writing. */
const { directory, now } = workerData as { directory: string; now: string };
const client = createClient({ url: `file:${join(directory, DATA_FILE)}` });
void makeCopy(client, directory, now)
  .then(
    (file) => ({ file }),
    (fault: unknown) => ({ trouble: fault instanceof Error ? fault.message : String(fault) }),
  )
  .then((said) => {
    client.close();
    parentPort!.postMessage(said);
  });
