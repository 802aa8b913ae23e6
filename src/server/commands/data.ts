/** `handhold export` and `handhold import`. */
import { renameSync, writeFileSync } from 'node:fs'
import { connect } from '../database/connect'
import { alone, migrate } from '../database/migrate'
import { Writes } from '../database/writes'
import { importBundle } from '../features/bundle/merge'
import { CatalogueStore } from '../features/catalogue/store'
import { Problem } from '../http/problems'
import { FileFault, checkShape, readJson } from './readBundle'
import { Bundle } from '#shared/api/catalogue'

const [command = '', file = ''] = process.argv.slice(2)
const database = await connect(process.env.DATABASE_URL ?? '')
try {
  await alone(database, (renewed) => migrate(database, renewed))
  const catalogue = new CatalogueStore(new Writes(database, () => new Date()), database)
  if (command === 'export') {
    const { bundle, revision } = await catalogue.snapshot()
    writeFileSync(`${file}.part`, `${JSON.stringify(bundle, null, 2)}\n`)
    renameSync(`${file}.part`, file)
    process.stdout.write(
      `Revision ${revision}: ${bundle.models.length} models, ${bundle.items.length} items → ${file}\n`,
    )
  } else {
    const bundle = checkShape(file, Bundle, readJson(file))
    const counts = await importBundle(catalogue, { name: 'import from a file', at: new Date() }, bundle)
    process.stdout.write(`${counts.added} added, ${counts.changed} changed, ${counts.same} as they were.\n`)
  }
} catch (error) {
  if (!(error instanceof FileFault) && !(error instanceof Problem)) throw error
  process.stderr.write(`${error.message}\n`)
  const issues = error instanceof Problem ? (error.more.issues as { path: unknown[]; message: string }[]) : undefined
  for (const { path, message } of issues ?? []) process.stderr.write(`${file}: ${path.join('.')}: ${message}\n`)
  process.exitCode = 2
} finally {
  await database.destroy()
}
