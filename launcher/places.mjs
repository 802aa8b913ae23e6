// Where things are, from the project's own folder.
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

export const project = dirname(dirname(fileURLToPath(import.meta.url)))
export const inProject = (/** @type {string[]} */ ...parts) => join(project, ...parts)

/** The shop's own data; a test or a second shop sets HANDHOLD_DATA. */
export const dataFolder = () => process.env.HANDHOLD_DATA ?? inProject('data')
