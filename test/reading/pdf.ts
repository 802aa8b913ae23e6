/** Reads PDF files as somebody else would: pages as pictures, words as text. */
import { execFileSync } from 'node:child_process'
import jsQR from 'jsqr'
import { mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

export interface Picture {
  width: number
  height: number
  /** 0 black to 255 white, row by row. */
  grey: Uint8Array
  /** Pixels a millimetre. */
  perMm: number
}

const DPI = 600

const withFile = <T>(pdf: Buffer, work: (file: string, folder: string) => T): T => {
  const folder = mkdtempSync(join(tmpdir(), 'handhold-pdf-'))
  try {
    const file = join(folder, 'file.pdf')
    writeFileSync(file, pdf)
    return work(file, folder)
  } finally {
    rmSync(folder, { recursive: true })
  }
}

/** All pages at 600 dots an inch. */
export const picturesOf = (pdf: Buffer, dpi = DPI): Picture[] =>
  withFile(pdf, (file, folder) => {
    execFileSync('/usr/bin/pdftoppm', ['-gray', '-r', String(dpi), file, join(folder, 'page')])
    const pages = readdirSync(folder)
      .filter((name) => name.endsWith('.pgm'))
      .sort()
    return pages.map((name) => readPgm(readFileSync(join(folder, name)), dpi))
  })

/** The words of each page. */
export const wordsOf = (pdf: Buffer): string[] =>
  withFile(pdf, (file) => {
    const text = execFileSync('/usr/bin/pdftotext', ['-layout', file, '-'], { encoding: 'utf8' })
    return text.split('\f').slice(0, -1)
  })

const readPgm = (file: Buffer, dpi: number): Picture => {
  const head = /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(file.subarray(0, 40).toString('latin1'))
  if (!head) throw new Error('not a grey picture')
  return { width: Number(head[1]), height: Number(head[2]), grey: file.subarray(head[0].length), perMm: dpi / 25.4 }
}

interface Run {
  from: number
  length: number
}

const darkRuns = ({ width, grey }: Picture, row: number): Run[] => {
  const runs: Run[] = []
  for (let x = 0; x < width; x++) {
    if ((grey[row * width + x] as number) >= 128) continue
    const last = runs.at(-1)
    if (last && last.from + last.length === x) last.length++
    else runs.push({ from: x, length: 1 })
  }
  return runs
}

/**
 * The check bar on a page: mm from the middle of one end's tick to the middle of the other's. Undefined where no dark
 * line of about that length ends in two ticks.
 */
export const measuredBar = (picture: Picture, about: number): number | undefined => {
  const { height, perMm } = picture
  for (let row = 0; row < height; row++) {
    const bar = darkRuns(picture, row).find(({ length }) => Math.abs(length / perMm - about) < 2)
    if (!bar) continue
    const above = darkRuns(picture, row - Math.round(perMm))
    const tick = (at: number) => above.find(({ from, length }) => Math.abs(from + length / 2 - at) < perMm)
    const [left, right] = [tick(bar.from), tick(bar.from + bar.length)]
    if (!left || !right) continue
    return (right.from + right.length / 2 - left.from - left.length / 2) / perMm
  }
  return undefined
}

/** Long bands of the light grey of fabric, mm: each once that is about so long. */
export const greyRuns = ({ width, height, grey, perMm }: Picture, about: number): number[] => {
  const found = new Set<number>()
  for (let row = 0; row < height; row++)
    for (let x = 0, from = -1; x <= width; x++) {
      const level = x < width ? (grey[row * width + x] as number) : 255
      const isFabric = level > 225 && level < 248
      if (isFabric && from < 0) from = x
      if (!isFabric && from >= 0) {
        if (Math.abs((x - from) / perMm - about) < 1) found.add((x - from) / perMm)
        from = -1
      }
    }
  return [...found]
}

export interface WordBox {
  left: number
  top: number
  right: number
  bottom: number
  text: string
}

/** Where every word of each page stands, points from its left and top. */
export const boxesOf = (pdf: Buffer): { width: number; height: number; words: WordBox[] }[] =>
  withFile(pdf, (file) => {
    const html = execFileSync('/usr/bin/pdftotext', ['-bbox', file, '-'], { encoding: 'utf8' })
    return html
      .split('<page ')
      .slice(1)
      .map((page) => {
        const number = (text: string, name: string) => Number(new RegExp(`${name}="([\\d.-]+)"`).exec(text)?.[1])
        const words = [...page.matchAll(/<word ([^>]*)>([^<]*)</g)].map(([, at = '', text = '']) => ({
          left: number(at, 'xMin'),
          top: number(at, 'yMin'),
          right: number(at, 'xMax'),
          bottom: number(at, 'yMax'),
          text,
        }))
        return { width: number(page, 'width'), height: number(page, 'height'), words }
      })
  })

const CODE_DPI = 150

/** What the codes on the pages say: at most one in each half of a sheet. */
export const codesIn = (pdf: Buffer): string[] =>
  picturesOf(pdf, CODE_DPI).flatMap((picture) => [0, 1].flatMap((half) => codeIn(halfOf(picture, half)) ?? []))

const halfOf = ({ width, height, grey, perMm }: Picture, half: number): Picture => {
  const wide = width >> 1
  const part = new Uint8Array(wide * height)
  for (let y = 0; y < height; y++)
    part.set(grey.subarray(y * width + half * wide, y * width + half * wide + wide), y * wide)
  return { width: wide, height, grey: part, perMm }
}

const codeIn = ({ width, height, grey }: Picture): string | undefined => {
  const opaque = Uint32Array.from(grey, (level) => (0xff << 24) | (level * 0x010101))
  const rgba = new Uint8ClampedArray(opaque.buffer)
  // A page of text is now and then read as a code that says nothing.
  return jsQR(rgba, width, height, { inversionAttempts: 'dontInvert' })?.data || undefined
}
