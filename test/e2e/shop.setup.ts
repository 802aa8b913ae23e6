/** The built application with the demo, once for each worker, on one MariaDB of its own. */
import { rmSync } from 'node:fs'
import { createConnection } from 'mysql2/promise'
import { startMariadb } from '../../launcher/mariadb.mjs'
import { inProject } from '../../launcher/places.mjs'
import { startServer } from '../../launcher/start.mjs'
import { announceShops, WORKERS, type E2eShop } from './shops'

export default async () => {
  const folder = inProject('test-results', 'e2e-mariadb')
  rmSync(folder, { recursive: true, force: true })
  const database = await startMariadb({ folder })
  const connection = await createConnection(database.url)
  const shops: (E2eShop & { server: Awaited<ReturnType<typeof startServer>> })[] = []
  for (let worker = 0; worker < WORKERS; worker++) {
    const address = new URL(database.url)
    address.pathname = `/handhold_${worker}`
    await connection.query(`CREATE DATABASE \`handhold_${worker}\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`)
    const server = await startServer({ databaseUrl: address.href, port: 0, demo: 'yes' })
    shops.push({ server, url: server.url, databaseUrl: address.href })
  }
  await connection.end()
  announceShops(shops.map(({ url, databaseUrl }) => ({ url, databaseUrl })))
  return async () => {
    for (const { server } of shops) await server.stop()
    await database.stop()
  }
}
