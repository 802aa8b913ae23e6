/** One real MariaDB for all contract tests, in a folder of its own that is made anew. */
import { rmSync } from 'node:fs'
import type { TestProject } from 'vitest/node'
import { startMariadb } from '../../launcher/mariadb.mjs'
import { inProject } from '../../launcher/places.mjs'

declare module 'vitest' {
  interface ProvidedContext {
    databaseUrl: string
  }
}

export default async (project: TestProject): Promise<() => Promise<void>> => {
  const folder = inProject('test-results', 'contract-mariadb')
  rmSync(folder, { recursive: true, force: true })
  const database = await startMariadb({ folder })
  project.provide('databaseUrl', database.url)
  return database.stop
}
