/**
 * A backup: one file, gzip, a line each. First what it is, then for each table its name and columns and a line for each
 * row, last how many rows each table has, the SHA-256 of their lines, and that of all lines before. A file without its
 * last line is not whole, nor is one that leaves out a table.
 */
import { createHash, type Hash } from 'node:crypto'
import { z } from 'zod'

export const Head = z.strictObject({
  format: z.literal('handhold-backup'),
  version: z.literal(1),
  at: z.string(),
  migrations: z.array(z.string()),
})
export type Head = z.infer<typeof Head>
export const TableLine = z.strictObject({ table: z.string(), columns: z.array(z.string()) })
export const End = z.strictObject({
  end: z.literal(true),
  tables: z.record(z.string(), z.object({ rows: z.int(), sha256: z.string() })),
  /** SHA-256 of all lines before this one; left out by Handhold before 0.2. */
  digest: z.string().optional(),
})
export type End = z.infer<typeof End>
export type Sums = End['tables']

/** Bytes stand as `{ "base64": … }`; everything else JSON can say. */
export type Value = string | number | null | { base64: string }

export const encode = (value: unknown): Value =>
  Buffer.isBuffer(value) ? { base64: value.toString('base64') } : (value as string | number | null)

export const decode = (value: Value): unknown =>
  value !== null && typeof value === 'object' ? Buffer.from(value.base64, 'base64') : value

/** Characters of a line: a row is a packet of the database at the most, of 16 MB, and bytes are written longer. */
export const MOST_OF_LINE = 64 * 1024 * 1024

/** Throws `BackupFault` at a line that is too long to be a row, before it is read whole. */
export async function* cutIntoLines(pieces: AsyncIterable<string>, most = MOST_OF_LINE): AsyncGenerator<string> {
  let open: string[] = []
  let length = 0
  const take = (piece: string) => {
    length += piece.length
    if (length > most) throw new BackupFault('A line of it is too long to be a row. Nothing was changed.')
    open.push(piece)
  }
  for await (const piece of pieces) {
    const [first = '', ...others] = piece.split('\n')
    take(first)
    for (const next of others) {
      yield open.join('')
      open = []
      length = 0
      take(next)
    }
  }
  if (length > 0) yield open.join('')
}

/** Sums up the lines of tables as they pass. */
export class Summing {
  private readonly open = new Map<string, { rows: number; hash: Hash }>()

  add(table: string, line: string): void {
    const one = this.of(table)
    one.rows++
    one.hash.update(line).update('\n')
  }

  of(table: string): { rows: number; hash: Hash } {
    const one = this.open.get(table) ?? { rows: 0, hash: createHash('sha256') }
    this.open.set(table, one)
    return one
  }

  sums(): Sums {
    return Object.fromEntries(
      [...this.open].map(([table, { rows, hash }]) => [table, { rows, sha256: hash.copy().digest('hex') }]),
    )
  }
}

/** What is wrong with a file, or with asking for it. */
export class BackupFault extends Error {
  constructor(message: string) {
    super(message)
    this.name = 'BackupFault'
  }
}
