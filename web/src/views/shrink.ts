/** Pictures of phones are larger than anybody needs, and say where they were taken: drawn anew, they do not. */
const LONGEST = 1600
const QUALITY = 0.82
/** More than that is no picture from a phone. */
const MOST_BYTES = 50_000_000

/** Why a file cannot be a picture, for people. */
export class NoPicture extends Error {}

/** A JPEG of at most 1600 points, without what the camera wrote into it. */
export async function shrink(file: File): Promise<Blob> {
  if (file.size > MOST_BYTES) throw new NoPicture('It is larger than 50 MB: choose a picture.')
  const picture = await createImageBitmap(file).catch(() => {
    throw new NoPicture('It is no picture that this browser can open: take it again, or choose a JPEG or a PNG.')
  })
  const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(picture.width * scale)
  canvas.height = Math.round(picture.height * scale)
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height)
  picture.close()
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY))
  if (!blob) throw new NoPicture('This browser cannot make it smaller: choose a smaller one.')
  return blob
}

/** As a picture that a page can show at once. */
export const asDataUrl = (blob: Blob): Promise<string> =>
  new Promise((done) => {
    const reader = new FileReader()
    reader.onload = () => done(typeof reader.result === 'string' ? reader.result : '')
    reader.readAsDataURL(blob)
  })
