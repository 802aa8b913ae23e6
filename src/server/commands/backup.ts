/** `handhold backup` and `handhold restore`. */
import { BackupFault, type Sums } from '../backup/format'
import { checkBackup, isEmptyShop, restoreBackup } from '../backup/read'
import { writeBackup } from '../backup/write'
import { connect } from '../database/connect'
import { alone, migrate } from '../database/migrate'

const [command = '', file = '', over = ''] = process.argv.slice(2)
const url = process.env.DATABASE_URL ?? ''
const counted = (sums: Sums) =>
  `${Object.values(sums).reduce((all, { rows }) => all + rows, 0)} rows of ${Object.keys(sums).length} tables`
try {
  const database = await connect(url, { poolSize: 2 })
  await alone(database, (renewed) => migrate(database, renewed))
  await database.destroy()
  if (command === 'backup') {
    await writeBackup(url, file, new Date())
    process.stdout.write(
      `${counted(await checkBackup(url, file))} → ${file}; restored into a scratch database, it came back the same.\n`,
    )
  } else if (!(await isEmptyShop(url)) && over !== '--over') {
    process.stderr.write('There is something in this shop. With --over the backup takes its place.\n')
    process.exitCode = 2
  } else {
    process.stdout.write(`${counted(await restoreBackup(url, file))} are back.\n`)
  }
} catch (error) {
  if (!(error instanceof BackupFault)) throw error
  process.stderr.write(`${file}: ${error.message}\n`)
  process.exitCode = 2
}
