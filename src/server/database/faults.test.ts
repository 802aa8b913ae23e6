import { describe, expect, it } from 'vitest'
import { isDuplicate, isLost, isUnavailable, isUnfit, logged } from './faults'

const fault = (more: object, message = "Duplicate entry 'Sunniva' for key 'name'") =>
  Object.assign(new Error(message), more)

describe('a fault in the log', () => {
  it('of the database holds its codes and where it was, and nothing of what was written', () => {
    const error = fault({
      ...{ code: 'ER_DUP_ENTRY', errno: 1062, sqlState: '23000' },
      ...{ sql: "INSERT INTO customer VALUES ('Sunniva')", query: 'INSERT …', parameters: ['Sunniva'] },
    })
    const line = logged(error)
    expect(JSON.stringify(line)).not.toContain('Sunniva')
    expect(line).toMatchObject({ type: 'Error', code: 'ER_DUP_ENTRY', errno: 1062 })
    expect(line['stack']).toContain('faults.test')
  })

  it.each([{ query: 'INSERT' }, { sql: 'INSERT' }, { sqlState: '23000' }])(
    'is known to be of the database by any of its marks: %o',
    (mark) => expect(logged(fault(mark))).not.toHaveProperty('message'),
  )

  it('of our own says what it is', () => {
    expect(logged(new RangeError('no such place'))).toMatchObject({ type: 'RangeError', message: 'no such place' })
    expect(logged('thrown text')).toEqual({ type: 'string' })
    expect(Object.keys(logged(new Error('a'))).sort()).toEqual(['message', 'stack', 'type'])
    expect(logged(Object.assign(new Error('a'), { stack: undefined }))['stack']).toBeUndefined()
  })
})

describe('what a fault of the driver means', () => {
  it.each(['ECONNREFUSED', 'PROTOCOL_CONNECTION_LOST', 'PROTOCOL_SEQUENCE_TIMEOUT', 'ER_DISK_FULL'])(
    '%s: try again later',
    (code) => expect([isUnavailable(fault({ code })), isUnfit(fault({ code }))]).toEqual([true, false]),
  )
  it('too many waiting: try again later', () => expect(isUnavailable(fault({}, 'Queue limit reached.'))).toBe(true))
  it.each([
    ['ER_DUP_ENTRY', 'duplicate'],
    ['ER_LOCK_DEADLOCK', 'lost'],
    ['ER_LOCK_WAIT_TIMEOUT', 'lost'],
    ['ER_CHECKREAD', 'lost'],
    ['ER_DATA_TOO_LONG', 'unfit'],
    ['ER_PARSE_ERROR', undefined],
    [undefined, undefined],
  ])('%s: %s', (code, meaning) => {
    const is = { duplicate: isDuplicate, lost: isLost, unfit: isUnfit, unavailable: isUnavailable }
    const meant = Object.entries(is).flatMap(([name, holds]) => (holds(fault({ code })) ? [name] : []))
    expect(meant).toEqual(meaning === undefined ? [] : [meaning])
  })
  it('nothing at all: nothing', () => expect([isLost(null), isUnfit(undefined)]).toEqual([false, false]))
})
