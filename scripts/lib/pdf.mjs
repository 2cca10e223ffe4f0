/** Print the page as the print dialog would, with the page's own size; the PDF and how many pages it has. */
export async function printToPdf(driver) {
  const { data } = await driver.sendAndGetDevToolsCommand('Page.printToPDF', { preferCSSPageSize: true });
  const pdf = Buffer.from(data, 'base64');
  const text = pdf.toString('latin1');
  const pages = text.match(/\/Type\s*\/Page[^s]/g)?.length ?? 0;
  const box = /\/MediaBox\s*\[\s*[\d.]+\s+[\d.]+\s+([\d.]+)\s+([\d.]+)/.exec(text);
  return { pdf, pages, widthPt: Number(box?.[1]), heightPt: Number(box?.[2]) };
}
