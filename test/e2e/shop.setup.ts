/** The built application on a database of its own, with the demo, for all end-to-end tests. */
import { rmSync } from 'node:fs'
import { startMariadb } from '../../launcher/mariadb.mjs'
import { inProject } from '../../launcher/places.mjs'
import { startServer } from '../../launcher/start.mjs'

export default async () => {
  const folder = inProject('test-results', 'e2e-mariadb')
  rmSync(folder, { recursive: true, force: true })
  const database = await startMariadb({ folder })
  const server = await startServer({ databaseUrl: database.url, port: 0, demo: 'yes' })
  process.env.HANDHOLD_E2E_URL = server.url
  process.env.HANDHOLD_E2E_DATABASE = database.url
  return async () => {
    await server.stop()
    await database.stop()
  }
}
