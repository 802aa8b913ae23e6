/** A catalogue file as it was sent: bounded, then read and checked. Runs in a worker. */
import type { Bundle } from '#core/catalogue/types'
import { Bundle as BundleSchema } from '#shared/api/catalogue'
import { presentCatalogue } from '#shared/api/catalogueVersions'
import { partsWithin, tooIntricate } from '../../http/intricate'
import type { FieldIssue } from '../../http/problems'
import { brokenTexts } from '../../http/wholeText'

export const MOST_MEGABYTES = 40
/** Places of faults that are told: nobody reads more. */
const MOST_ISSUES = 200

/** The catalogue, or what is wrong with it and where. */
export const readCatalogue = (bytes: Uint8Array): { bundle: Bundle } | { issues: FieldIssue[] } => {
  const fault = tooIntricate(bytes, partsWithin(MOST_MEGABYTES))
  if (fault !== undefined) return { issues: [{ path: [], message: fault }] }
  let value: unknown
  try {
    value = JSON.parse(new TextDecoder('utf-8', { fatal: true, ignoreBOM: false }).decode(bytes))
  } catch (error) {
    return { issues: [{ path: [], message: error instanceof Error ? error.message : 'it is not readable JSON' }] }
  }
  const broken = brokenTexts(value)
  if (broken.length > 0) return { issues: broken }
  const checked = BundleSchema.safeParse(presentCatalogue(value))
  if (checked.success) return { bundle: checked.data }
  return {
    issues: checked.error.issues
      .slice(0, MOST_ISSUES)
      .map(({ path, message }) => ({ path: path as (string | number)[], message })),
  }
}
