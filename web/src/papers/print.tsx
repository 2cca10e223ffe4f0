import { goodsById, PAPERS, printed, type PaperGround, type PaperId } from '@rotula/core';
import { convert, type FormatCallback, type HtmlToTextOptions } from 'html-to-text';
import type { ComponentType } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { MemoryRouter } from 'react-router';
import { formatFor } from '../ui/format';
import { paperBench, PaperContext } from './context';
import { SHEETS } from './sheets';
import { Held } from './Held';

/**
 * Papers without a browser: the server loads what is built of this (web/dist-print) and asks it for plain text. The words are those of
 * the printed paper, since it is drawn and then read off; pictures and what is only on the screen are left out.
 */

/** Side by side on the sheet, apart in a line of text. */
const apart: FormatCallback = (element, walk, builder) => {
  builder.addInline(' ');
  walk(element.children, builder);
  builder.addInline(' ');
};

const READ_OFF: HtmlToTextOptions = {
  wordwrap: 100,
  formatters: { apart },
  selectors: [
    ...['svg', 'style', '.no-print'].map((selector) => ({ selector, format: 'skip' })),
    { selector: 'table', format: 'dataTable', options: { uppercaseHeaderCells: false, maxColumnWidth: 70 } },
    ...['h1', 'h2'].map((selector) => ({ selector, options: { uppercase: false, leadingLineBreaks: 2 } })),
    { selector: 'a', options: { ignoreHref: true } },
    { selector: 'ul', options: { itemPrefix: '- ' } },
    // What is numbered on the sheet says its number itself.
    { selector: 'ol', format: 'unorderedList', options: { itemPrefix: '' } },
    { selector: 'span', format: 'apart' },
    // Flex and grid lay these side by side; read off, each is a line.
    ...['article', 'section', 'header', 'div', 'li'].map((selector) => ({ selector, format: 'block' })),
  ],
};

/** The paper as plain text, ending in a line break; where it is held, why. */
export async function paperText(id: PaperId, ground: PaperGround, orderId: string): Promise<string> {
  const { order, plan, house, counter } = ground;
  const made = printed(id, ground);
  const { default: Draw } = (await SHEETS[id].draw()) as { default: ComponentType<{ data: unknown }> };
  const bench = paperBench(
    { reader: PAPERS[id].for, orderId, order, plan, house, format: formatFor(house) },
    goodsById(counter),
  );
  const html = renderToStaticMarkup(
    <MemoryRouter>
      <PaperContext value={bench}>
        {'held' in made ? <Held paper={id} hold={made.held} /> : <Draw data={made.data} />}
      </PaperContext>
    </MemoryRouter>,
  );
  return `${convert(html, READ_OFF)
    .replace(/[ \t]+$/gm, '')
    .replace(/\n{3,}/g, '\n\n')
    .trim()}\n`;
}
