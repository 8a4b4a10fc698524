/** Longest side of a photo that is sent, pixels, and what it may weigh, bytes. */
const LONGEST_SIDE = 2000;
const MOST_BYTES = 2_000_000;
/** Tried one after another until it is light enough. */
const QUALITIES = [0.85, 0.7, 0.5, 0.3] as const;

/**
 * A photo as it is sent: drawn anew, so that nothing that the camera wrote beside the picture (where it was taken, when,
 * with what) goes along. `null` where the browser cannot read it as a picture.
 */
export async function shrinkPhoto(file: Blob): Promise<Blob | null> {
  const picture = await createImageBitmap(file).catch(() => null);
  if (picture === null) return null;
  const { width, height } = picture;
  const scale = Math.min(1, LONGEST_SIDE / Math.max(width, height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(width * scale));
  canvas.height = Math.max(1, Math.round(height * scale));
  const pen = canvas.getContext('2d');
  if (pen === null) return null;
  // JPEG knows no transparency.
  pen.fillStyle = '#fff';
  pen.fillRect(0, 0, canvas.width, canvas.height);
  pen.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  for (const quality of QUALITIES) {
    const drawn = await new Promise<Blob | null>((resolve) =>
      canvas.toBlob(resolve, 'image/jpeg', quality),
    );
    if (drawn !== null && drawn.size <= MOST_BYTES) return drawn;
  }
  return null;
}
