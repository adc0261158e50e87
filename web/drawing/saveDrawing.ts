/** The styles a drawing needs when it leaves the page. */
const STYLES = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-linejoin',
  'stroke-linecap',
  'stroke-dasharray',
  'opacity',
  'paint-order',
  'font-family',
  'font-size',
];

/** A drawing with its colours written into it, so that it looks the same wherever it is opened. */
function standingAlone(drawing: SVGSVGElement): string {
  const copy = drawing.cloneNode(true) as SVGSVGElement;
  const originals = [drawing, ...drawing.querySelectorAll<SVGElement>('*')];
  const copies = [copy, ...copy.querySelectorAll<SVGElement>('*')];
  originals.forEach((original, index) => {
    const style = getComputedStyle(original);
    const to = copies[index];
    if (!to) return;
    for (const name of STYLES) to.style.setProperty(name, style.getPropertyValue(name));
    to.removeAttribute('class');
  });
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  return new XMLSerializer().serializeToString(copy);
}

function download(content: Blob, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(content);
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}

/** Saves a drawing as an SVG file. */
export const saveSvg = (drawing: SVGSVGElement, name: string): void =>
  download(new Blob([standingAlone(drawing)], { type: 'image/svg+xml' }), `${name}.svg`);

/** How many times larger than on the screen a drawing is saved as a picture. */
const LARGER = 4;

/** Saves a drawing as a PNG file on the paper of the page. */
export async function savePng(drawing: SVGSVGElement, name: string): Promise<void> {
  const { width, height } = drawing.getBoundingClientRect();
  const picture = new Image();
  picture.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(standingAlone(drawing))}`;
  await picture.decode();
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(width * LARGER);
  canvas.height = Math.round(height * LARGER);
  const brush = canvas.getContext('2d');
  if (!brush) throw new Error('This browser cannot paint pictures.');
  brush.fillStyle = getComputedStyle(document.documentElement).getPropertyValue('--paper');
  brush.fillRect(0, 0, canvas.width, canvas.height);
  brush.drawImage(picture, 0, 0, canvas.width, canvas.height);
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
  if (blob) download(blob, `${name}.png`);
}
