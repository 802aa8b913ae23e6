// Where things are, from the project's own folder.
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

export const project = dirname(dirname(fileURLToPath(import.meta.url)))
export const inProject = (/** @type {string[]} */ ...parts) => join(project, ...parts)

/** Why the shop's folder does not take what is to be written there; undefined where that is not what failed.
 * @param {unknown} error @returns {string | undefined} */
export const folderFault = (error) => {
  const { code, path } = /** @type {NodeJS.ErrnoException} */ (error)
  if (code === undefined || path === undefined || !path.startsWith(dataFolder())) return undefined
  const why = FOLDER_FAULTS[code] ?? `does not take what is to be written there (${code})`
  return `The shop’s folder ${dataFolder()} ${why}. Make room or another folder for it; HANDHOLD_DATA names one.`
}
/** @type {Record<string, string>} */
const FOLDER_FAULTS = {
  EROFS: 'can only be read',
  EACCES: 'may not be written by you',
  EPERM: 'may not be written by you',
  ENOENT: 'cannot be made',
  ENOTDIR: 'cannot be made',
  ENOSPC: 'is on a disk that is full',
  EDQUOT: 'is on a disk that is full',
}

/** The shop's own data; a test or a second shop sets HANDHOLD_DATA. */
export const dataFolder = () => process.env.HANDHOLD_DATA ?? inProject('data')
