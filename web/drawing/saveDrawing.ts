import { download } from '../app/machine/download';

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
  'font-weight',
];

const SVG = 'http://www.w3.org/2000/svg';

/** A copy with its colours written into it, so that it looks the same wherever it is opened. */
function styledCopy(drawing: SVGSVGElement): SVGSVGElement {
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
  return copy;
}

/** The words that belong to a drawing stand in elements with this mark. */
export const DRAWN = 'data-drawn';

function styledWords(words: Element, left: number, top: number): SVGTextElement {
  const { x, y, width, height } = words.getBoundingClientRect();
  const style = getComputedStyle(words);
  const text = document.createElementNS(SVG, 'text');
  const centred = style.textAlign === 'center';
  text.setAttribute('x', String(x - left + (centred ? width / 2 : 0)));
  text.setAttribute('y', String(y - top + height * 0.75));
  if (centred) text.setAttribute('text-anchor', 'middle');
  text.style.fontFamily = style.fontFamily;
  text.style.fontSize = style.fontSize;
  text.style.fill = style.color;
  text.textContent = words.textContent;
  return text;
}

/** Everything drawn in a part of the page as one drawing, each thing where it stands there. */
function drawingOf(part: Element): SVGSVGElement {
  const { left, top, width, height } = part.getBoundingClientRect();
  const whole = document.createElementNS(SVG, 'svg');
  whole.setAttribute('width', String(Math.ceil(width)));
  whole.setAttribute('height', String(Math.ceil(height)));
  for (const drawing of part.querySelectorAll<SVGSVGElement>('svg:not(.anticon svg)')) {
    const box = drawing.getBoundingClientRect();
    const copy = styledCopy(drawing);
    copy.setAttribute('x', String(box.left - left));
    copy.setAttribute('y', String(box.top - top));
    copy.setAttribute('width', String(box.width));
    copy.setAttribute('height', String(box.height));
    copy.style.overflow = 'visible';
    whole.append(copy);
  }
  for (const words of part.querySelectorAll(`[${DRAWN}]`)) whole.append(styledWords(words, left, top));
  return whole;
}

const asText = (drawing: SVGSVGElement): string => new XMLSerializer().serializeToString(drawing);

/** Saves what is drawn in a part of the page as an SVG file. */
export const saveSvg = (part: Element, name: string): void =>
  download(new Blob([asText(drawingOf(part))], { type: 'image/svg+xml' }), `${name}.svg`);

/** How many times larger than on the screen a drawing is saved as a picture. */
const LARGER = 4;

/** Saves what is drawn in a part of the page as a PNG file, on the paper of the page. */
export async function savePng(part: Element, name: string): Promise<void> {
  const { width, height } = part.getBoundingClientRect();
  const picture = new Image();
  picture.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(asText(drawingOf(part)))}`;
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
