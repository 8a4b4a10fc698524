/** Colours of the theme that stand in a picture as CSS variables. */
const VARIABLE = /var\((--[\w-]+)\)/g;
/** Pixels of the saved picture for each drawing unit. */
const PNG_SCALE = 2;

/** A picture on the page as the text of an SVG file, with the theme's colours written in and a ground under it. */
export function svgText(picture: SVGSVGElement): string {
  const style = getComputedStyle(document.documentElement);
  const copy = picture.cloneNode(true) as SVGSVGElement;
  const { width, height } = picture.viewBox.baseVal;
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', String(width));
  copy.setAttribute('height', String(height));
  copy.setAttribute('font-family', 'sans-serif');
  const ground = document.createElementNS('http://www.w3.org/2000/svg', 'rect');
  ground.setAttribute('width', '100%');
  ground.setAttribute('height', '100%');
  ground.setAttribute('fill', 'var(--mui-palette-background-paper)');
  copy.prepend(ground);
  return new XMLSerializer()
    .serializeToString(copy)
    .replace(VARIABLE, (_, name: string) => style.getPropertyValue(name).trim());
}

/** The same picture as a PNG file; `null` where the browser cannot draw it. */
export async function pngBlob(picture: SVGSVGElement): Promise<Blob | null> {
  const { width, height } = picture.viewBox.baseVal;
  const image = new Image();
  const loaded = new Promise<boolean>((resolve) => {
    image.onload = () => resolve(true);
    image.onerror = () => resolve(false);
  });
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svgText(picture))}`;
  if (!(await loaded)) return null;
  const canvas = document.createElement('canvas');
  canvas.width = PNG_SCALE * width;
  canvas.height = PNG_SCALE * height;
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve) => canvas.toBlob(resolve, 'image/png'));
}
