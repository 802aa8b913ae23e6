/**
 * The coverage's question asked of the database, as a plain query and staged: which stitch and which foot for every
 * technique on every model. Simpler than the rules (feet fit by shank or pattern alone, no adapters, one fabric, no
 * needs), so it is a low mark to beat; how often it says the same is told beside the times.
 */
import { createConnection, type Connection } from 'mysql2/promise'
import type { Bundle, Stage } from '#core/catalogue/types'
import type { Verdict } from '#core/answer/types'

const ROWS_A_STATEMENT = 5000
const RUNS = 3
/** A statement that takes longer is given up, and said to have been. */
const MOST_SECONDS = 120

const SCHEMA = [
  'CREATE TABLE model (id INT PRIMARY KEY, shank VARCHAR(8), pattern VARCHAR(16) NOT NULL, max_width ' +
    'DOUBLE NOT NULL, has_dual TINYINT NOT NULL, make INT NOT NULL)',
  'CREATE TABLE stitch (model INT NOT NULL, place INT NOT NULL, fn INT NOT NULL, width DOUBLE NOT ' +
    'NULL, PRIMARY KEY (model, place), KEY (fn, model))',
  'CREATE TABLE foot (id INT PRIMARY KEY, shank VARCHAR(8), pattern VARCHAR(16), slot DOUBLE, price INT NOT NULL)',
  'CREATE TABLE foot_job (foot INT NOT NULL, job VARCHAR(16) NOT NULL, PRIMARY KEY (job, foot))',
  'CREATE TABLE supplied (model INT NOT NULL, foot INT NOT NULL, PRIMARY KEY (model, foot))',
  'CREATE TABLE stage (id INT PRIMARY KEY, technique INT NOT NULL, method INT NOT NULL, least DOUBLE ' +
    'NOT NULL, most DOUBLE NOT NULL, prefer DOUBLE NOT NULL, has_dual TINYINT NOT NULL)',
  'CREATE TABLE accepted_stitch (stage INT NOT NULL, fn INT NOT NULL, place INT NOT NULL, cost TINYINT ' +
    'NOT NULL, PRIMARY KEY (stage, fn))',
  'CREATE TABLE accepted_foot (stage INT NOT NULL, job VARCHAR(16) NOT NULL, place INT NOT NULL, cost ' +
    'TINYINT NOT NULL, PRIMARY KEY (stage, job))',
]

const WANTED = 'CASE WHEN s.width BETWEEN g.least AND g.most THEN s.width ELSE g.prefer END'
const FITS = '(f.shank IS NULL AND f.pattern = m.pattern OR f.shank = m.shank)'
const SETTING = `LEAST(${WANTED}, COALESCE(f.slot, 99) - 1.2, m.max_width + 0.4)`
const CLEARS = `${SETTING} >= GREATEST(g.least, ${WANTED} * 2 / 3) - 0.000001`
const ORDER =
  `u.foot IS NULL, a.cost OR j.cost, a.place, j.place, f.slot IS NULL, ${SETTING} < ${WANTED}, f.price, s.place, ` +
  'f.id'

/** The plain query is asked of so many techniques only, and its time told for all. */
const SOME = 6

const PLAIN = `
  SELECT technique, model, had, cost FROM (
    SELECT g.technique, m.id model, u.foot IS NOT NULL had, a.cost OR j.cost cost,
      ROW_NUMBER() OVER (PARTITION BY g.technique, m.id ORDER BY ${ORDER}, g.method) best
    FROM stage g
    JOIN accepted_stitch a ON a.stage = g.id
    JOIN stitch s ON s.fn = a.fn
    JOIN model m ON m.id = s.model AND m.has_dual >= g.has_dual
    JOIN accepted_foot j ON j.stage = g.id
    JOIN foot_job l ON l.job = j.job
    JOIN foot f ON f.id = l.foot AND ${FITS}
    LEFT JOIN supplied u ON u.model = m.id AND u.foot = f.id
    WHERE ${CLEARS} AND g.technique < ${SOME}
  ) every_pair WHERE best = 1`

/** The best foot to get per stage, shank, pattern, widest swing and width of the stitch is found once. */
const STAGED = [
  'DROP TEMPORARY TABLE IF EXISTS kind_of_model, kind_of_stitch, best_foot, had_foot, candidate',
  'CREATE TEMPORARY TABLE kind_of_model (kind INT AUTO_INCREMENT PRIMARY KEY, shank VARCHAR(8), ' +
    'pattern VARCHAR(16), max_width DOUBLE, has_dual TINYINT, KEY (pattern, max_width)) SELECT DISTINCT ' +
    'shank, pattern, max_width, has_dual FROM model',
  'CREATE TEMPORARY TABLE kind_of_stitch (KEY (stage)) SELECT a.stage, a.place, a.cost, a.fn, s.width ' +
    'FROM accepted_stitch a JOIN (SELECT DISTINCT fn, width FROM stitch) s ON s.fn = a.fn',
  `CREATE TEMPORARY TABLE best_foot (KEY (kind, fn, width)) 
  SELECT stage, kind, fn, width, place, cost, foot_place, narrowed, price FROM (
    SELECT g.id stage, m.kind, s.fn, s.width, s.place, s.cost OR j.cost cost, j.place foot_place,
      ${SETTING} < ${WANTED} narrowed, f.price,
      ROW_NUMBER() OVER (PARTITION BY g.id, m.kind, s.fn, s.width
        ORDER BY s.cost OR j.cost, j.place, f.slot IS NULL, ${SETTING} < ${WANTED}, f.price, f.id) best
    FROM stage g JOIN kind_of_stitch s ON s.stage = g.id JOIN kind_of_model m ON m.has_dual >= g.has_dual
    JOIN accepted_foot j ON j.stage = g.id JOIN foot_job l ON l.job = j.job JOIN foot f ON f.id = l.foot AND ${FITS}
    WHERE ${CLEARS}) every_kind WHERE best = 1`,
  `CREATE TEMPORARY TABLE had_foot (KEY (technique, model)) 
  SELECT STRAIGHT_JOIN g.technique, m.id model, MIN(a.cost OR j.cost) cost
    FROM supplied u JOIN model m ON m.id = u.model JOIN foot f ON f.id = u.foot AND ${FITS}
    JOIN foot_job l ON l.foot = f.id JOIN accepted_foot j ON j.job = l.job
    JOIN stage g ON g.id = j.stage AND m.has_dual >= g.has_dual JOIN accepted_stitch a ON a.stage = g.id
    JOIN stitch s FORCE INDEX (fn) ON s.model = m.id AND s.fn = a.fn WHERE ${CLEARS} GROUP BY g.technique, m.id`,
  `CREATE TEMPORARY TABLE candidate (KEY (technique, model)) 
  SELECT STRAIGHT_JOIN g.technique, m.id model,
      MIN(b.cost * 100000000 + b.place * 1000000 + b.foot_place * 100000 + b.narrowed * 50000 + b.price) cost
    FROM model m JOIN kind_of_model k
      ON k.shank <=> m.shank AND k.pattern = m.pattern AND k.max_width = m.max_width AND k.has_dual = m.has_dual
    JOIN stitch s ON s.model = m.id
    JOIN best_foot b FORCE INDEX (kind) ON b.kind = k.kind AND b.fn = s.fn AND b.width = s.width
    JOIN stage g ON g.id = b.stage
    GROUP BY g.technique, m.id`,
  `SELECT technique, model, 1 had, cost FROM had_foot UNION ALL
    SELECT c.technique, c.model, 0, c.cost >= 100000000
    FROM candidate c LEFT JOIN had_foot h USING (technique, model) WHERE h.model IS NULL`,
]

type Row = { technique: number; model: number; had: number; cost: number }

const numberIn = (id: string): number => Number(/\d+$/.exec(id)?.[0])

const load = async (database: Connection, { models, items, makes, techniques }: Bundle): Promise<void> => {
  const insert = async (table: string, rows: unknown[][]) => {
    for (let from = 0; from < rows.length; from += ROWS_A_STATEMENT) {
      await database.query(`INSERT INTO ${table} VALUES ?`, [rows.slice(from, from + ROWS_A_STATEMENT)])
    }
  }
  const patterns = new Map(makes.map(({ id, footPattern }) => [id, footPattern ?? 'generic']))
  const feet = items.filter(({ what }) => what === 'foot')
  await insert(
    'model',
    models.map((m) => [
      numberIn(m.id),
      m.shank ?? null,
      patterns.get(m.make),
      m.maxWidth,
      Number(m.features.includes('dualFeed')),
      numberIn(m.make),
    ]),
  )
  await insert(
    'stitch',
    models.flatMap((m) =>
      m.stitches.map((s, place) => [numberIn(m.id), place, numberIn(s.function), s.defaults?.width]),
    ),
  )
  await insert(
    'foot',
    feet.map((f) => [
      numberIn(f.id),
      f.shank ?? null,
      f.shank ? null : patterns.get(f.make ?? ''),
      f.slot ?? null,
      f.price,
    ]),
  )
  await insert(
    'foot_job',
    feet.flatMap((f) => (f.functions ?? []).map((job) => [numberIn(f.id), job])),
  )
  await insert(
    'supplied',
    models.flatMap((m) =>
      [...new Set(m.supplied)].filter((id) => id.startsWith('foot')).map((id) => [numberIn(m.id), numberIn(id)]),
    ),
  )
  const stages = techniques.flatMap(({ methods }, technique) =>
    methods.map(({ stages: [stage] }, method) => ({ technique, method, stage: stage as Stage })),
  )
  const rangeOf = ({ targets }: Stage) =>
    targets.find(({ parameter }) => parameter === 'width')?.to as { from: number; to: number; prefer: number }
  await insert(
    'stage',
    stages.map(({ technique, method, stage }, id) => [
      id,
      technique,
      method,
      rangeOf(stage).from,
      rangeOf(stage).to,
      rangeOf(stage).prefer,
      Number((stage.features?.need?.length ?? 0) > 0),
    ]),
  )
  await insert(
    'accepted_stitch',
    stages.flatMap(({ stage }, id) =>
      stage.stitches.map((entry, place) => [id, numberIn(entry.function), place, Number(entry.tradeOff !== undefined)]),
    ),
  )
  await insert(
    'accepted_foot',
    stages.flatMap(({ stage }, id) =>
      (Array.isArray(stage.feet) ? stage.feet : [{ function: 'standard', tradeOff: undefined }]).map((entry, place) => [
        id,
        entry.function,
        place,
        Number(entry.tradeOff !== undefined),
      ]),
    ),
  )
  await database.query('ANALYZE TABLE model, stitch, foot, foot_job, supplied, stage, accepted_stitch, accepted_foot')
}

/** `ours`: what the rules say of technique and model, by their numbers. Times in ms, medians. */
export const benchSql = async (url: string, bundle: Bundle, ours: (technique: number, model: number) => Verdict) => {
  const database = await createConnection({ uri: url, multipleStatements: true })
  try {
    await database.query('DROP DATABASE IF EXISTS handhold_bench; CREATE DATABASE handhold_bench; USE handhold_bench')
    for (const table of SCHEMA) await database.query(table)
    await load(database, bundle)
    await database.query(`SET max_statement_time = ${MOST_SECONDS}`)
    const timed = async (techniques: number, ask: () => Promise<Row[]>) => {
      const times: number[] = []
      let rows: Row[] = []
      for (let run = 0; run < RUNS; run++) {
        const from = performance.now()
        rows = await ask()
        times.push(performance.now() - from)
      }
      times.sort((a, b) => a - b)
      const said = new Map(
        rows.map(({ technique, model, had, cost }) => [
          `${technique} ${model}`,
          had ? (cost ? 'otherRoute' : 'ready') : 'needsItems',
        ]),
      )
      let same = 0
      for (let t = 0; t < techniques; t++) {
        for (let m = 0; m < bundle.models.length; m++) {
          if ((said.get(`${t} ${m}`) ?? 'notOnThisModel') === ours(t, m)) same++
        }
      }
      const time = ((times[RUNS >> 1] as number) * bundle.techniques.length) / techniques
      return { time, same: same / (techniques * bundle.models.length) }
    }
    const plain = await timed(SOME, async () => (await database.query(PLAIN))[0] as Row[])
    const staged = await timed(bundle.techniques.length, async () => {
      for (const step of STAGED.slice(0, -1)) await database.query(step)
      return (await database.query(STAGED.at(-1) as string))[0] as Row[]
    })
    await database.query('DROP DATABASE handhold_bench')
    return { plain, staged }
  } finally {
    await database.end()
  }
}
