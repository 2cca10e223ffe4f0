/** npm run restore: bring the newest copy of the data back (or the one that is named). `-- --list` names them. */
import { resolve } from 'node:path';
import { ensureBuilt, ensureInstalled } from './lib/setup.mjs';

await ensureInstalled();
await ensureBuilt();
const { readConfig } = await import('../server/dist/config.js');
const { copiesOf } = await import('../server/dist/database/copies.js');
const { restoreCopy } = await import('../server/dist/database/restore.js');
const { lockFolder } = await import('../server/dist/database/lock.js');
const { dataDirectory, migrations } = readConfig(process.env);
const copies = copiesOf(dataDirectory);
const [asked] = process.argv.slice(2);

async function restore(copy) {
  const unlock = await lockFolder(dataDirectory);
  const { aside } = await restoreCopy(dataDirectory, copy, new Date().toISOString(), { migrations }).finally(
    unlock,
  );
  console.log(`Brought back: ${copy}`);
  if (aside) console.log(`What was there is kept as ${aside}`);
}

try {
  if (copies.length === 0 && !(asked && asked !== '--list'))
    console.log(`There are no copies in ${dataDirectory}; one is made every day that Rotula runs.`);
  else if (asked === '--list') console.log(copies.map(({ file }) => file).join('\n'));
  else await restore(asked ? resolve(asked) : copies[0].file);
} catch (fault) {
  console.error(fault.message);
  process.exit(1);
}
