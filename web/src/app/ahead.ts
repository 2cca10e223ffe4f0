import { matchPath } from 'react-router';
import { askForOrder } from '../api/shop';
import { Preview } from '../book/BookPage';
import { PAGES } from './pages';
import { STAGE_SCREENS } from './stageScreens';

/**
 * What the page of an address cannot do without, all of it asked for at once: its code, that of its stage, and its data. It ends when
 * the code is here; that it cannot be had is said when the page is drawn.
 */
export async function codeFor(address: string): Promise<void> {
  const [pattern, Page] = Object.entries(PAGES).find(([path]) => matchPath(path, address)) ?? [];
  if (!Page) return void (await Preview.comes());
  const { id, stage } = matchPath(pattern!, address)!.params;
  if (id && stage) askForOrder(id);
  await Promise.all([Page.comes(), stage && STAGE_SCREENS[stage]?.comes()]);
}
