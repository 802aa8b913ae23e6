/** A catalogue file as it was sent: bounded, then read and checked. Runs in a worker. */
import type { Bundle } from '#core/catalogue/types'
import { Bundle as BundleSchema } from '#shared/api/catalogue'
import { Merging } from '#shared/api/merging'
import { presentCatalogue } from '#shared/api/catalogueVersions'
import { partsWithin, tooIntricate } from '../../http/intricate'
import type { FieldIssue } from '../../http/problems'
import { brokenTexts } from '../../http/wholeText'

export const MOST_MEGABYTES = 40
/** Places of faults that are told: nobody reads more. */
const MOST_ISSUES = 200

type Faulty = { issues: FieldIssue[] }

const faulty = (issues: readonly { path: PropertyKey[]; message: string }[]): Faulty => ({
  issues: issues.slice(0, MOST_ISSUES).map(({ path, message }) => ({ path: path as (string | number)[], message })),
})

const readJson = (bytes: Uint8Array): { value: unknown } | Faulty => {
  const fault = tooIntricate(bytes, partsWithin(MOST_MEGABYTES))
  if (fault !== undefined) return faulty([{ path: [], message: fault }])
  try {
    const value: unknown = JSON.parse(new TextDecoder('utf-8', { fatal: true, ignoreBOM: false }).decode(bytes))
    const broken = brokenTexts(value)
    return broken.length > 0 ? faulty(broken) : { value }
  } catch (error) {
    return faulty([{ path: [], message: error instanceof Error ? error.message : 'it is not readable JSON' }])
  }
}

const checked = (value: unknown): { bundle: Bundle } | Faulty => {
  const { success, data, error } = BundleSchema.safeParse(presentCatalogue(value))
  return success ? { bundle: data } : faulty(error.issues)
}

/** The catalogue, or what is wrong with it and where. */
export const readCatalogue = (bytes: Uint8Array): { bundle: Bundle } | Faulty => {
  const read = readJson(bytes)
  return 'issues' in read ? read : checked(read.value)
}

/** A catalogue with what its reader has decided of it, or what is wrong with either and where. */
export const readMerging = (bytes: Uint8Array): { bundle: Bundle; merging: Merging } | Faulty => {
  const read = readJson(bytes)
  if ('issues' in read) return read
  const { catalogue, ...told } = (read.value ?? {}) as Record<string, unknown>
  const merging = Merging.safeParse(told)
  if (!merging.success) return faulty(merging.error.issues)
  const bundle = checked(catalogue)
  return 'issues' in bundle ? bundle : { ...bundle, merging: merging.data }
}
