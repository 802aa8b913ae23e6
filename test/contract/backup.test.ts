import { createHash } from 'node:crypto'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gunzipSync, gzipSync } from 'node:zlib'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { BackupFault } from '#server/backup/format'
import { checkBackup, isEmptyShop, restoreBackup } from '#server/backup/read'
import { writeBackup } from '#server/backup/write'
import { openShop, type Shop } from './shop'

let shop: Shop
const folder = mkdtempSync(join(tmpdir(), 'handhold-backup-'))
const file = join(folder, 'shop.backup')
beforeAll(async () => {
  shop = await openShop()
  const desk = await shop.as('desk')
  // What a dump most easily spoils: quotes, line ends, letters of all kinds, bytes, times.
  await desk
    .post('/api/cases')
    .send({ question: 'Quotes \' " ` \\ and\nlines; ø 漢字 🧵', outcome: 'open' })
    .expect(201)
  await desk.post('/api/label-printer/jobs').send({ sample: 'smp-003' }).expect(201)
  await writeBackup(shop.databaseUrl, file, new Date('2026-11-25T12:00:00Z'))
})
afterAll(async () => {
  await shop.close()
  rmSync(folder, { recursive: true })
})

const lines = () => gunzipSync(readFileSync(file)).toString('utf8').split('\n').slice(0, -1)
const spoiled = (name: string, change: (all: string[]) => string[]) => {
  const other = join(folder, name)
  writeFileSync(
    other,
    gzipSync(
      change(lines())
        .map((line) => `${line}\n`)
        .join(''),
    ),
  )
  return other
}
const scratches = async () =>
  ((await shop.services.database.query("SHOW DATABASES LIKE 'handhold_scratch%'")) as unknown[]).length

/** Two tables, each whole, in each other's place. */
const swapped = (all: string[]): string[] => {
  const at = all.flatMap((line, i) => (line.startsWith('{"table":') ? [i] : []))
  const [first = 1, second = 1, third = 1] = at
  return [...all.slice(0, first), ...all.slice(second, third), ...all.slice(first, second), ...all.slice(third)]
}

describe('a backup', () => {
  it('is one file that comes back the same, and leaves nobody signed in', async () => {
    expect(lines().some((line) => line.includes('"table":"session"'))).toBe(false)
    const sums = await checkBackup(shop.databaseUrl, file)
    expect(sums['desk_case']?.rows).toBe(41)
    expect(sums['printed_label']?.rows).toBe(1)
    const other = await openShop({ demo: false })
    await other.services.database.query('DELETE FROM user')
    expect(await isEmptyShop(other.databaseUrl)).toBe(true)
    await restoreBackup(other.databaseUrl, file)
    const again = join(folder, 'again.backup')
    await writeBackup(other.databaseUrl, again, new Date('2026-11-25T12:00:00Z'))
    expect(gunzipSync(readFileSync(again)).equals(gunzipSync(readFileSync(file)))).toBe(true)
    expect(await isEmptyShop(other.databaseUrl)).toBe(false)
    expect(await scratches()).toBe(0)
    await other.close()
  })

  it.each([
    ['no backup at all', () => ['{"format":"handhold-catalogue"}'], /no backup of Handhold/],
    ['cut off', (all: string[]) => all.slice(0, -3), /not whole/],
    ['a line cut off', (all: string[]) => [...all.slice(0, 20), (all[20] as string).slice(0, 10)], /not whole/],
    ['a row changed', (all: string[]) => all.map((line) => line.replace('Quotes', 'Quarts')), /as it was written/],
    [
      'of nothing',
      (all: string[]) => [all[0], JSON.stringify({ end: true, tables: {} })],
      /says nothing of .*customer/,
    ],
    [
      'of empty tables',
      (all: string[]) => {
        const end = JSON.parse(all.at(-1) as string) as { tables: Record<string, unknown> }
        const none = { rows: 0, sha256: createHash('sha256').digest('hex') }
        const tables = Object.fromEntries(Object.keys(end.tables).map((table) => [table, none]))
        return [all[0], JSON.stringify({ end: true, tables })]
      },
      /no revision/,
    ],
    [
      'without its first line of a table',
      (all: string[]) => all.filter((line) => !line.startsWith('{"table":"desk_case"')),
      /are not rows of that table/,
    ],
    ['with its lines in another order', (all: string[]) => swapped(all), /not as it was written|come back as it was/],
    [
      'of a table that is none',
      (all: string[]) => [all[0], '{"table":"mysql","columns":["a"]}', ...all.slice(1)],
      /a table that Handhold has not: mysql/,
    ],
    [
      'of a newer Handhold',
      (all: string[]) =>
        all.map((line, i) => (i === 0 ? line.replace('"migrations":[', '"migrations":["FromTheFuture9999",') : line)),
      /newer Handhold/,
    ],
  ] as const)('that is %s is refused, and the shop stays as it is', async (name, change, says) => {
    const other = spoiled(`${name}.backup`, change as never)
    const before = (await shop.services.cases.all()).length
    await expect(restoreBackup(shop.databaseUrl, other)).rejects.toThrow(says)
    await expect(restoreBackup(shop.databaseUrl, other)).rejects.toBeInstanceOf(BackupFault)
    expect((await shop.services.cases.all()).length).toBe(before)
    expect(await scratches()).toBe(0)
  })

  it('from before its lines were summed up is still checked table by table, and restored', async () => {
    const other = spoiled('older.backup', (all) => {
      const { digest: _, ...end } = JSON.parse(all.at(-1) as string) as { digest: string }
      return [...all.slice(0, -1), JSON.stringify(end)]
    })
    expect(await checkBackup(shop.databaseUrl, other)).toEqual(await checkBackup(shop.databaseUrl, file))
    const changed = spoiled('older-changed.backup', (all) => {
      const { digest: _, ...end } = JSON.parse(all.at(-1) as string) as { digest: string }
      return [...all.slice(0, -1).map((line) => line.replace('Quotes', 'Quarts')), JSON.stringify(end)]
    })
    await expect(checkBackup(shop.databaseUrl, changed)).rejects.toThrow(/does not come back as it was written/)
  })

  it('that is not even packed is refused', async () => {
    const plain = join(folder, 'plain.backup')
    writeFileSync(plain, 'nothing of the kind')
    await expect(checkBackup(shop.databaseUrl, plain)).rejects.toThrow(/cannot be unpacked/)
  })

  it('takes the place of what came after it', async () => {
    const desk = await shop.as('desk')
    await desk.post('/api/cases').send({ question: 'Postludium', outcome: 'open' }).expect(201)
    await restoreBackup(shop.databaseUrl, file)
    expect((await shop.services.cases.all({ q: 'Postludium' })).length).toBe(0)
    expect((await shop.services.cases.all({ q: 'Quotes' }))[0]?.case.question).toBe(
      'Quotes \' " ` \\ and\nlines; ø 漢字 🧵',
    )
    await desk.get('/api/cases').expect(401)
  })
})
