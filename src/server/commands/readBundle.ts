import { readFileSync } from 'node:fs'
import type { z } from 'zod'
import { checkBundle } from '#core/catalogue/check'
import type { Bundle } from '#core/catalogue/types'
import { Bundle as BundleSchema } from '#shared/api/catalogue'
import { presentCatalogue } from '#shared/api/catalogueVersions'

/** Something in a file that is not right: where, and why. */
export class FileFault extends Error {
  constructor(file: string, issues: readonly { path: readonly PropertyKey[]; message: string }[]) {
    super(
      issues
        .map(({ path, message }) => `${file}: ${path.length > 0 ? `${placeText(path)}: ` : ''}${message}`)
        .join('\n'),
    )
  }
}

/** `models[3].scales.width.to` */
const placeText = (path: readonly PropertyKey[]): string =>
  path.map((part, i) => (typeof part === 'number' ? `[${part}]` : `${i > 0 ? '.' : ''}${String(part)}`)).join('')

export const readJson = (file: string): unknown => {
  let text: string
  try {
    text = readFileSync(file, 'utf8').replace(/^\uFEFF/, '')
  } catch (error) {
    throw new FileFault(file, [{ path: [], message: `cannot be read (${(error as NodeJS.ErrnoException).code})` }])
  }
  try {
    return JSON.parse(text)
  } catch (error) {
    throw new FileFault(file, [{ path: [], message: `is not JSON: ${(error as Error).message}` }])
  }
}

/** Throws `FileFault` with the place of every fault in shape or reference. */
export const readBundle = (file: string): Bundle => {
  const bundle = checkShape(file, BundleSchema, presentCatalogue(readJson(file)))
  const issues = checkBundle(bundle)
  if (issues.length > 0) throw new FileFault(file, issues)
  return bundle
}

export const checkShape = <Shape extends z.ZodType>(
  file: string,
  schema: Shape,
  value: unknown,
  at: PropertyKey[] = [],
): z.output<Shape> => {
  const checked = schema.safeParse(value)
  if (checked.success) return checked.data
  throw new FileFault(
    file,
    checked.error.issues.map(({ path, message }) => ({ path: [...at, ...path], message })),
  )
}
