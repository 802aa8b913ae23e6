/** Writes the documents that come from the code. */
import { writeFileSync } from 'node:fs'
import { writtenDocuments } from '#server/commands/documents'
import { inProject } from './places.mjs'

for (const [path, content] of Object.entries(await writtenDocuments())) writeFileSync(inProject(path), content)
