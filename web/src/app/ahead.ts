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
  // The router reads addresses decoded; what cannot be is for the page to say.
  const path = decodeURI(address);
  const [pattern, Page] = Object.entries(PAGES).find(([page]) => matchPath(page, path)) ?? [];
  if (!Page) return void (await Preview.comes());
  const { id, stage } = matchPath(pattern!, path)!.params;
  if (id && stage) askForOrder(id);
  await Promise.all([Page.comes(), stage && STAGE_SCREENS[stage]?.comes()]);
}
