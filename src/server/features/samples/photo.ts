/** A photo made fit to keep: looked into, turned upright, shrunk, freed of what the camera wrote into it. */
import sharp from 'sharp'
import { Invalid } from '../../http/problems'

export const MOST_MEGABYTES = 25
const LARGE = 1600
const SMALL = 320
/** A picture that unpacks to more is refused before it is unpacked. */
const MOST_PIXELS = 100_000_000
const KINDS = ['jpeg', 'png', 'webp']

export interface Photo {
  width: number
  height: number
  large: Buffer
  small: Buffer
}

/** What a file really is, whatever it is called. */
const signs: [name: string, is: (file: Buffer) => boolean][] = [
  ['a PDF', (file) => file.subarray(0, 5).toString('latin1') === '%PDF-'],
  ['an SVG drawing', (file) => /<svg[\s>]/i.test(file.subarray(0, 4096).toString('utf8'))],
  ['an HEIC photo', (file) => /^ftyp(heic|heix|mif1|hevc)/.test(file.subarray(4, 12).toString('latin1'))],
  ['a text', (file) => !file.subarray(0, 512).includes(0)],
]

/** Throws `Invalid` that says what the file is instead of a photo. */
export const photoOf = async (file: Buffer): Promise<Photo> => {
  if (file.length === 0) throw refused('The file is empty')
  const kind = signs.find(([, is]) => is(file))?.[0]
  if (kind) throw refused(`The file is ${kind}`)
  const picture = () => sharp(file, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
  try {
    const { format } = await picture().metadata()
    if (!KINDS.includes(format)) throw refused(`The file is ${format.toUpperCase()}`)
    const shrink = (most: number) =>
      picture().autoOrient().resize(most, most, { fit: 'inside', withoutEnlargement: true }).jpeg({ quality: 82 })
    const [large, small] = [await shrink(LARGE).toBuffer({ resolveWithObject: true }), await shrink(SMALL).toBuffer()]
    return { width: large.info.width, height: large.info.height, large: large.data, small }
  } catch (error) {
    if (error instanceof Invalid) throw error
    throw refused('The file cannot be read as a picture: it is cut off, damaged, or far too large when unpacked')
  }
}

const refused = (why: string) =>
  new Invalid(`${why}. A photo is a JPEG, PNG or WebP file. Nothing was kept.`, [
    { path: ['photo'], message: why.toLowerCase() },
  ])
