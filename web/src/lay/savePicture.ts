/** Pixels for each unit of the drawing, up to this many across. */
const ACROSS = 2000;

/** The drawing of an SVG as a PNG file, on a white ground. */
export async function savePicture(svg: SVGSVGElement, name: string): Promise<void> {
  const { width, height } = svg.viewBox.baseVal;
  const scale = ACROSS / width;
  const copy = svg.cloneNode(true) as SVGSVGElement;
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', String(width * scale));
  copy.setAttribute('height', String(height * scale));
  const url = URL.createObjectURL(
    new Blob([new XMLSerializer().serializeToString(copy)], { type: 'image/svg+xml' }),
  );
  try {
    const image = new Image();
    image.src = url;
    await image.decode();
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [width * scale, height * scale];
    const ink = canvas.getContext('2d')!;
    ink.fillStyle = '#ffffff';
    ink.fillRect(0, 0, canvas.width, canvas.height);
    ink.drawImage(image, 0, 0);
    const link = document.createElement('a');
    link.href = canvas.toDataURL('image/png');
    link.download = name;
    link.click();
  } finally {
    URL.revokeObjectURL(url);
  }
}
