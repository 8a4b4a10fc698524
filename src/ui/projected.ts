/** Width that sizes on the wall are meant for, pixels. */
const MEANT_FOR = 1920;
/** On a narrow projector or a phone nothing gets smaller than this share. */
const LEAST_SHARE = 0.6;

/** A size on the wall: so many pixels on a screen of 1920, less in proportion on a narrower one. */
export function projected(pixels: number): string {
  return `clamp(${LEAST_SHARE * pixels}px, ${(100 * pixels) / MEANT_FOR}vw, ${pixels}px)`;
}
