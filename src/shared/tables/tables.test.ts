import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Bundle, Technique } from '#core/catalogue/types'
import { demoBundle } from '#demo/bundle'
import { demoClasses } from '#demo/classes'
import { demoCustomers } from '#demo/customers'
import { resourceList, type Resource } from '../api/resources'
import { parseCsv } from '../files/csv'
import { isPlain, readCell, showCell, unusualIn, type CellKind } from './cells'
import { columnsOf, USUAL_USES, parametersOf, type Column } from './columns'
import * as classColumns from './classColumns'
import { customerColumns, machineColumns } from './customerColumns'
import * as columnsOfTechnique from './techniqueColumns'
import { csvFile, defused, tableCsv, undefused } from './csv'
import { blankRow, cellOf, withCell } from './rowCells'
import { namesOf } from './titles'

const bundle: Bundle = demoBundle()
const names = namesOf(bundle)

/** What is nested deeper than a cell has an editor of its own. */
const BEYOND: Partial<Record<Resource, string[]>> = {
  techniques: ['methods'],
  models: ['controls'],
  stitches: ['points'],
  samples: ['measured'],
}

const rowsOf = (resource: Resource): { id: string; value: unknown }[] => {
  if (resource === 'stitches')
    return bundle.models.flatMap(({ stitches }) => stitches.map((value) => ({ id: value.id, value })))
  if (resource === 'models') return bundle.models.map(({ stitches: _, ...value }) => ({ id: value.id, value }))
  return (bundle[resource] as { id: string }[]).map((value) => ({ id: value.id, value }))
}

describe('a table’s columns', () => {
  it.each(resourceList)('hold every plain fact of the demo’s %s, and give it back as it was', (resource) => {
    const rows = rowsOf(resource)
    const columns = columnsOf(
      resource,
      parametersOf(
        resource,
        rows.map(({ value }) => value),
      ),
    )
    for (const { value } of rows) {
      let built: unknown = { ...blankRow(resource), id: (value as { id: string }).id }
      for (const column of columns) {
        const cell = cellOf(value, column)
        expect(isPlain(column, cell, names), `${column.heading}: ${JSON.stringify(cell)}`).toBe(true)
        const read = readCell(column.kind, showCell(column.kind, cell, names), names)
        built = withCell(built, column, 'value' in read ? read.value : undefined)
      }
      const within = Object.entries(value as object).filter(([key]) => !(BEYOND[resource] ?? []).includes(key))
      const again = Object.entries(built as object).filter(([key]) => !(BEYOND[resource] ?? []).includes(key))
      expect(Object.fromEntries(again)).toEqual(Object.fromEntries(within))
    }
  })

  it('say each heading once', () => {
    for (const resource of resourceList) {
      const headings = columnsOf(resource).map(({ heading }) => heading.toLowerCase())
      expect(new Set(headings).size, resource).toBe(headings.length)
    }
  })
})

describe('a technique’s parts', () => {
  const parts = (technique: Technique): [string, Column[], object[]][] =>
    technique.methods.flatMap((method) => [
      ['method', columnsOfTechnique.methodColumns, [method]],
      ['step', columnsOfTechnique.stepColumns, [...(method.prepare ?? []), ...(method.finish ?? [])]],
      ...method.stages.flatMap((stage): [string, Column[], object[]][] => [
        ['stage', [...columnsOfTechnique.stageColumns, ...columnsOfTechnique.stageMoreColumns], [stage]],
        ['stitch', columnsOfTechnique.stitchColumns, stage.stitches],
        ['foot', columnsOfTechnique.footColumns, Array.isArray(stage.feet) ? stage.feet : []],
        ['target', columnsOfTechnique.targetColumns, stage.targets],
        ['needle', columnsOfTechnique.needleColumns, stage.needle ?? []],
        ['thread', columnsOfTechnique.threadColumns, stage.threads ?? []],
        ['material', columnsOfTechnique.materialColumns, stage.materials ?? []],
        ['step', columnsOfTechnique.stepColumns, stage.steps],
        ['inspect', columnsOfTechnique.inspectColumns, stage.inspect],
        ['fault', columnsOfTechnique.faultColumns, stage.faults],
        ['cause', columnsOfTechnique.causeColumns, stage.faults.flatMap(({ causes }) => causes)],
      ]),
    ])

  it.each(bundle.techniques)('$name: every field is in a column and comes back as it was', (technique) => {
    const deeper = new Set([
      'id',
      'prepare',
      'finish',
      'stages',
      'stitches',
      'feet',
      'targets',
      'needle',
      'threads',
      'materials',
      'steps',
      'inspect',
      'faults',
      'causes',
    ])
    for (const [what, columns, values] of parts(technique)) {
      for (const value of values) {
        let built: unknown = {}
        for (const column of columns) {
          const cell = cellOf(value, column)
          expect(isPlain(column, cell, names), `${what}, ${column.heading}: ${JSON.stringify(cell)}`).toBe(true)
          const read = readCell(column.kind, showCell(column.kind, cell, names), names)
          built = withCell(built, column, 'value' in read ? read.value : undefined)
        }
        const flat = Object.entries(value).filter(([key]) => !deeper.has(key))
        expect(built, what).toEqual(Object.fromEntries(flat))
      }
    }
  })
})

describe('the parts of a class and of a customer', () => {
  const parts: [string, Column[], object[]][] = [
    ['class', classColumns.classHeadColumns, demoClasses(new Date('2026-03-01T10:00:00Z'))],
    ['technique', classColumns.classTechniqueColumns, demoClasses(new Date()).flatMap(({ techniques }) => techniques)],
    ['seat', classColumns.seatColumns, demoClasses(new Date()).flatMap(({ seats }) => seats)],
    ['loan', classColumns.loanColumns, demoClasses(new Date()).flatMap(({ loans }) => loans)],
    ['customer', customerColumns, demoCustomers()],
    ['machine', machineColumns, demoCustomers().flatMap(({ machines }) => machines)],
  ]
  it.each(parts)('%s: every field can be edited and comes back as it was', (_, columns, values) => {
    expect(values.length).toBeGreaterThan(0)
    for (const value of values)
      for (const column of columns)
        expect(
          isPlain(column, cellOf(value, column), names),
          `${column.heading}: ${JSON.stringify(cellOf(value, column))}`,
        ).toBe(true)
  })
})

const USUAL: CellKind = { is: 'text', usual: [{ value: 'snapOn', word: 'snap-on' }] }

describe('a cell', () => {
  const read = (kind: CellKind, text: string) => readCell(kind, text, names)
  const length: CellKind = { is: 'setting', measures: 'length' }

  it.each<[CellKind, string, unknown]>([
    [length, '2,5', 2.5],
    [length, '3-4', { from: 3, to: 4 }],
    [length, '10 spi', 2.54],
    [length, 'auto', 'auto'],
    [length, '–', undefined],
    [length, '', undefined],
    [{ is: 'mm' }, '1/4"', 6.35],
    [{ is: 'mm', most: 100_000 }, '2400', 2400],
    [{ is: 'date' }, '2026-12-05', '2026-12-05'],
    [{ is: 'dateTime' }, '2026-12-05T10:00', '2026-12-05T10:00:00'],
    [{ is: 'dateTime' }, '2026-12-05 10:00:30', '2026-12-05T10:00:30'],
    [{ is: 'opening' }, '−2 to 3,5', { left: -2, right: 3.5 }],
    [{ is: 'opening' }, '9', 9],
    [{ is: 'yesNo' }, 'No', false],
    [{ is: 'ref', to: 'items' }, 'LF·07', 'lf-07'],
    [{ is: 'ref', to: 'items' }, 'lf-07', 'lf-07'],
    [{ is: 'ref', to: 'models' }, 'Ripple S1', 'ripple-s1'],
    [{ is: 'ref', to: 'functions' }, 'ZIGZAG', 'zigzag'],
    [{ is: 'positions' }, 'upperKnife=retracted, leftNeedle=in', { upperKnife: 'retracted', leftNeedle: 'in' }],
    [
      { is: 'turns' },
      'shank=high → shank=low, attachment=screwOn',
      { from: { shank: 'high' }, to: { shank: 'low', attachment: 'screwOn' } },
    ],
    [{ is: 'target' }, '= 3,2', { abs: 3.2 }],
    [{ is: 'target' }, '3.2', { abs: 3.2 }],
    [{ is: 'target' }, '× 1.2', { times: 1.2 }],
    [{ is: 'target' }, '− 0.5', { plus: -0.5 }],
    [{ is: 'target' }, '1 number down', { numbers: -1 }],
    [{ is: 'target' }, '2–3, best 2,5', { from: 2, to: 3, prefer: 2.5 }],
    [{ is: 'target' }, 'as given', 'default'],
    [
      { is: 'when' },
      'weight: light, medium; IS: slippery; layers: 3',
      { weight: ['light', 'medium'], behaviour: ['slippery'], minLayers: 3 },
    ],
    [{ is: 'when' }, 'fabric: Denim; make: larkfen', { fabric: ['denim'], make: ['larkfen'] }],
    [{ is: 'guide' }, 'right 3', { kind: 'right', offset: 3 }],
    [
      { is: 'guide' },
      'adjustable -2; -4 to -1; 0.5 a turn',
      { kind: 'adjustable', offset: -2, range: { from: -4, to: -1 }, turn: 0.5 },
    ],
    [{ is: 'scale' }, 'absent', 'absent'],
    [
      { is: 'scale' },
      'mm 0 to 7 by 0,5; shown +3.5; kept; reads 0=0, R=.5; when leftNeedle=in: 1=3',
      {
        shows: 'mm',
        from: 0,
        to: 7,
        step: 0.5,
        shownOffset: 3.5,
        kept: true,
        marks: [
          { mark: '0', value: 0 },
          { mark: 'R', value: 0.5 },
        ],
        faces: [{ when: { leftNeedle: 'in' }, marks: [{ mark: '1', value: 3 }] }],
      },
    ],
    [USUAL, 'snap-on', 'snapOn'],
    [USUAL, 'Snap on', 'snapOn'],
    [USUAL, 'snapOn', 'snapOn'],
    [{ is: 'text', usual: USUAL_USES }, 'button sew', 'buttonSew'],
    [USUAL, 'own:hook', 'own:hook'],
    [{ ...USUAL, is: 'words' }, 'snap on, own:hook', ['snapOn', 'own:hook']],
    [{ is: 'words', usual: USUAL_USES }, 'Overcasting, blind hem foot', ['overcastGuide', 'blindHem']],
  ])('%o reads %s', (kind, text, value) => expect(read(kind, text)).toEqual({ value }))

  it('shows what is usual as the trade says it, and any other word as it is', () => {
    const shown = ['snapOn', 'own:hook'].map((one) => showCell(USUAL, one, names))
    expect(shown).toEqual(['snap-on', 'own:hook'])
  })

  it('says which words are none of the usual ones, and what may be meant', () => {
    const uses: CellKind = { is: 'words', usual: USUAL_USES }
    expect(unusualIn(uses, ['blindHem', 'zip', 'own:x'])).toEqual([])
    expect(unusualIn(uses, ['buttonhole'])).toEqual([
      expect.stringMatching(/“buttonhole” .* perhaps sensor button.* or /),
    ])
    expect(unusualIn(uses, ['lantern'])).toEqual(['“lantern” is none of the usual words'])
    expect(unusualIn({ is: 'words' }, ['lantern'])).toEqual([])
  })

  it('finds the demo’s feet, accessories and machines in usual words', () => {
    const rows = { items: bundle.items, models: bundle.models }
    for (const resource of ['items', 'models'] as const)
      for (const column of columnsOf(resource))
        expect(rows[resource].flatMap((row) => unusualIn(column.kind, cellOf(row, column)))).toEqual([])
  })

  it('has a word for each code of its own', () => {
    for (const resource of ['models', 'items'] as const)
      for (const { kind } of columnsOf(resource)) {
        const words = 'usual' in kind ? (kind.usual ?? []).map(({ word }) => word) : []
        expect(new Set(words).size).toBe(words.length)
        expect(words.filter((word) => /[,;]/.test(word))).toEqual([])
      }
  })

  it.each<[CellKind, string, string]>([
    [length, '03-Apr', 'looks like a date'],
    [length, 'wide', 'is not a number'],
    [length, '4-3', 'first end'],
    [{ is: 'mm' }, '3-4', 'is not one length'],
    [{ is: 'mm' }, '2400', 'is far too large for a stitch'],
    [{ is: 'mm', most: 100_000 }, '240000', '“240000” is far too large'],
    [{ is: 'date' }, '2026-02-30', 'is no day'],
    [{ is: 'dateTime' }, '2026-12-05', 'is no time'],
    [{ is: 'dateTime' }, '2026-12-05 25:00', 'is no time'],
    [{ is: 'number', whole: true }, '2.5', 'whole number'],
    [{ is: 'number', least: 1 }, '0', 'below 1'],
    [{ is: 'yesNo' }, 'perhaps', 'neither yes nor no'],
    [{ is: 'choice', of: [{ value: 'a', word: 'left' }] }, 'right', 'none of left'],
    [{ is: 'ref', to: 'items' }, 'nonesuch', 'no item is called'],
    [{ is: 'positions' }, 'leftNeedle', 'is not as'],
    [{ is: 'turns' }, 'shank=high', 'is not as'],
    [{ is: 'target' }, 'wide', 'is not as'],
    [{ is: 'target' }, '3–2, best 2', 'is not as'],
    [{ is: 'target' }, '× 0', 'is not as'],
    [{ is: 'when' }, 'weight: heavyish', 'none of light'],
    [{ is: 'when' }, 'mood: good', 'known are'],
    [{ is: 'when' }, 'fabric: cloud', 'no fabric is called'],
    [{ is: 'when' }, 'layers: many', 'no number of layers'],
    [{ is: 'scale' }, 'mm 7–0', 'is not as'],
    [{ is: 'scale' }, 'mm 0–7; bright', 'is not understood'],
  ])('%o refuses %s', (kind, text, why) =>
    expect(read(kind, text)).toMatchObject({ fault: expect.stringContaining(why) }),
  )

  it('never guesses between two things of one name', () => {
    const twins = { items: { a: 'K4 blind hem', b: 'K4 blind hem', c: 'K5 cord' } }
    const kind: CellKind = { is: 'ref', to: 'items' }
    expect(readCell(kind, 'K4', twins)).toMatchObject({ fault: expect.stringContaining('may be') })
    expect(showCell(kind, 'a', twins)).toBe('a')
    expect(showCell(kind, 'c', twins)).toBe('K5 cord')
  })

  it('that cannot be told as text without loss is known', () => {
    expect(isPlain({ kind: { is: 'words' } }, ['a; b', 'c'], names)).toBe(false)
    expect(isPlain({ kind: { is: 'words' } }, ['a, b', 'c'], names)).toBe(true)
    const faces = [{ when: { needle: 'in', knife: 'up' }, marks: [{ mark: '1', value: 3 }] }]
    expect(isPlain({ kind: { is: 'scale' } }, { shows: 'marks', from: 0, to: 9, faces }, names)).toBe(false)
  })
})

describe('a row', () => {
  it('loses with its last cell what held it up', () => {
    const row = { id: 'x', needs: { features: ['a'] }, source: { where: 'p. 4' } }
    expect(withCell(row, { path: ['needs', 'features'] }, undefined)).toEqual({ id: 'x', source: { where: 'p. 4' } })
    expect(withCell({ id: 'x' }, { path: ['source', 'where'] }, 'p. 9')).toEqual({
      id: 'x',
      source: { evidence: 'book', where: 'p. 9' },
    })
    expect(withCell({ id: 'x', features: ['a'] }, { path: ['features'], empty: [] }, undefined)).toEqual({
      id: 'x',
      features: [],
    })
    expect(withCell({ scales: { width: 'absent' } }, { path: ['scales', 'width'] }, undefined)).toEqual({ scales: {} })
  })
})

describe('a CSV file', () => {
  it('holds nothing a spreadsheet would run, and gives numbers as numbers', () => {
    for (const text of ['=1+1', '+cmd|calc', '-2+3', '@SUM(A1)', '\t=1', '\r=1']) expect(defused(text)).toBe(`'${text}`)
    for (const text of ['-2', '+3.5', '−2 to 3', '0=0', "'tis", '']) expect(defused(text)).toBe(text)
    const apt = fc
      .array(fc.constantFrom("'", '=', '-', '+', '@', '1', '2', 'a', '\t', ' '))
      .map((parts) => parts.join(''))
    fc.assert(fc.property(fc.oneof(apt, fc.string({ maxLength: 40 })), (text) => undefused(defused(text)) === text))
    fc.assert(fc.property(apt, (text) => !/^[=+\-@\t\r]/.test(defused(text)) || /^[+-]\d+$/.test(text)))
  })

  it('is read by any other program cell for cell, whatever the cells hold', () => {
    // RFC 4180, sign by sign.
    const readBack = (file: string): string[][] => {
      const rows: string[][] = [[]]
      let [cell, quoted] = ['', false]
      const close = () => {
        rows.at(-1)?.push(cell)
        cell = ''
      }
      for (let at = file.startsWith('\uFEFF') ? 1 : 0; at < file.length; at++) {
        const sign = file[at] as string
        if (quoted && sign === '"' && file[at + 1] === '"') cell += file[++at]
        else if (sign === '"') quoted = !quoted
        else if (quoted) cell += sign
        else if (sign === ',') close()
        // A spreadsheet ends a line at a carriage return, at a line feed, and at both.
        else if (sign === '\r' || sign === '\n') {
          if (sign === '\r' && file[at + 1] === '\n') at++
          close()
          rows.push([])
        } else cell += sign
      }
      return rows.slice(0, -1)
    }
    const cell = fc.oneof(
      fc.string({ unit: fc.constantFrom('a', '\n', '\r', '"', ',', '=', '-', "'", ' ', ';', '\t', '1') }),
      fc.constantFrom('one\n=1+1', '\n', 'x\r=cmd', 'x\r\n@y', '"', '""', "'=", ''),
    )
    fc.assert(
      fc.property(fc.array(fc.tuple(cell, cell, cell), { minLength: 1 }), (rows) => {
        expect(readBack(csvFile(rows)).map((row) => row.map(undefused))).toEqual(rows)
      }),
    )
  })

  it('is read in again cell by cell', () => {
    const columns = columnsOf('items')
    const rows = rowsOf('items')
    const file = tableCsv(
      columns,
      [...rows, { id: 'odd', value: { code: '=HYPERLINK("x")', name: 'two\nlines; “quotes"' } }],
      names,
    )
    expect(file.startsWith('\uFEFFId,Code,Name')).toBe(true)
    const [head, ...lines] = parseCsv(file)
    expect(head).toEqual(['Id', ...columns.map(({ heading }) => heading)])
    expect(lines).toHaveLength(rows.length + 1)
    lines.forEach((line, i) => {
      const value = rows[i]?.value
      if (value === undefined) return
      columns.forEach((column, c) => {
        const cell = readCell(column.kind, undefused(line[c + 1] ?? ''), names)
        expect('value' in cell ? cell.value : cell, column.heading).toEqual(cellOf(value, column))
      })
    })
    expect(lines.at(-1)?.slice(0, 3)).toEqual(['odd', '\'=HYPERLINK("x")', 'two\nlines; “quotes"'])
  })
})
