/** As much as helps to see a scorched lug, and no more. */
const LONGEST_SIDE = 1600;
const QUALITY = 0.82;

/**
 * A picture made small enough to keep, drawn anew: nothing the camera wrote into it (place, time, device) comes
 * along, and it stands upright.
 *
 * @throws Error if the browser cannot read it as a picture
 */
export async function shrink(file: Blob): Promise<Blob> {
  const picture = await createImageBitmap(file).catch(() => {
    throw new Error('This browser cannot read the file as an image. Take a photo, or choose a JPEG or PNG.');
  });
  const scale = Math.min(1, LONGEST_SIDE / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return new Promise((resolve, reject) =>
    canvas.toBlob(
      (blob) => (blob ? resolve(blob) : reject(new Error('The image could not be resized.'))),
      'image/jpeg',
      QUALITY,
    ),
  );
}
