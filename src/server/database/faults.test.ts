import { describe, expect, it } from 'vitest'
import { isUnavailable, isUnfit, logged } from './faults'

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

  it('of our own says what it is', () => {
    expect(logged(new RangeError('no such place'))).toMatchObject({ type: 'RangeError', message: 'no such place' })
    expect(logged('thrown text')).toEqual({ type: 'string' })
  })
})

describe('what a fault of the driver means', () => {
  it.each(['ECONNREFUSED', 'PROTOCOL_CONNECTION_LOST', 'PROTOCOL_SEQUENCE_TIMEOUT', 'ER_DISK_FULL'])(
    '%s: try again later',
    (code) => expect([isUnavailable(fault({ code })), isUnfit(fault({ code }))]).toEqual([true, false]),
  )
  it('too many waiting: try again later', () => expect(isUnavailable(fault({}, 'Queue limit reached.'))).toBe(true))
  it.each(['ER_DUP_ENTRY', 'ER_PARSE_ERROR', undefined])('%s: neither', (code) =>
    expect([isUnavailable(fault({ code })), isUnfit(fault({ code }))]).toEqual([false, false]),
  )
})
