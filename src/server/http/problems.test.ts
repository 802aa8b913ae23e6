import type { Response } from 'express'
import type { Logger } from 'pino'
import { describe, expect, it, vi } from 'vitest'
import { Conflict, Forbidden, Gone, Invalid, NotFound, NotSignedIn, Problem, problemHandler } from './problems'

/** What a browser would be sent for an error. */
const answered = (error: unknown, headersSent = false) => {
  const log = { error: vi.fn() }
  const next = vi.fn()
  const sent: { status?: number; type?: string; body?: unknown; headers: Record<string, string> } = { headers: {} }
  const response = {
    headersSent,
    setHeader: (name: string, value: string) => {
      sent.headers[name] = value
    },
    status: (status: number) => {
      sent.status = status
      return response
    },
    type: (type: string) => {
      sent.type = type
      return response
    },
    send: (body: string) => {
      sent.body = JSON.parse(body)
      return response
    },
  }
  problemHandler(log as unknown as Logger)(error, {} as never, response as unknown as Response, next)
  return { ...sent, logged: log.error.mock.calls.length, next }
}

describe('an error', () => {
  it.each<[string, unknown, number, Record<string, unknown>]>([
    [
      'what a field says',
      new Invalid('Not right.', [{ path: ['models', 2, 'name'], message: 'is empty' }]),
      422,
      { title: 'Not right.', issues: [{ path: ['models', 2, 'name'], message: 'is empty' }] },
    ],
    ['what is not there', new NotFound('There is no such card.'), 404, { title: 'There is no such card.' }],
    ['what was revoked', new Gone('This link was closed.'), 410, { title: 'This link was closed.', clashes: [] }],
    ['who is not signed in', new NotSignedIn(), 401, { title: 'Please sign in.' }],
    ['who may not', new Forbidden('Only the lead may.'), 403, { title: 'Only the lead may.' }],
    ['another refusal', new Problem(429, 'Too often.', { retryAfter: 3 }), 429, { title: 'Too often.', retryAfter: 3 }],
    [
      'a body that is too large',
      { type: 'entity.too.large', status: 413, limit: 5 * 1024 * 1024 },
      413,
      { title: 'That is too much at once. The most is 5 MB. Nothing was kept.' },
    ],
    [
      'a body that is too large, nobody knows of what',
      { type: 'entity.too.large' },
      413,
      { title: 'That is too much at once. Nothing was kept.' },
    ],
    ['a body that is no JSON', { type: 'entity.parse.failed' }, 400, { title: 'The request is not readable JSON.' }],
    [
      'a body in another alphabet',
      { type: 'charset.unsupported' },
      415,
      { title: 'The request is in an encoding that is not understood.' },
    ],
    [
      'a body packed as nobody unpacks it',
      { type: 'encoding.unsupported' },
      415,
      { title: 'The request is in an encoding that is not understood.' },
    ],
    ['what Express does not find', { status: 404 }, 404, { title: 'There is nothing at this address.' }],
    ['an address that cannot be read', { status: 400 }, 400, { title: 'The request cannot be read.' }],
    [
      'a text that no column holds',
      { code: 'ER_DATA_TOO_LONG' },
      422,
      { title: 'A text is longer than can be kept, or holds signs that cannot be.', issues: [] },
    ],
  ])('tells %s', (_, error, status, body) => {
    const sent = answered(error)
    expect(sent).toMatchObject({ status, type: 'application/problem+json', logged: 0, headers: {} })
    expect(sent.body).toEqual({ type: 'about:blank', status, ...body })
  })

  it.each([
    ['ECONNREFUSED', /does not answer/],
    ['ER_LOCK_DEADLOCK', /Several people are writing/],
    ['ER_DUP_ENTRY', /Several people are writing/],
  ])('of the database, %s, is to be tried again soon, and is logged', (code, title) => {
    const sent = answered({ code })
    expect(sent).toMatchObject({ status: 503, logged: 1, headers: { 'Retry-After': expect.stringMatching(/^\d+$/) } })
    expect((sent.body as { title: string }).title).toMatch(title)
  })

  it.each([{ status: 399 }, { status: 500 }, {}])('of Express that is no refusal is our own: %o', (error) =>
    expect(answered(error)).toMatchObject({ status: 500, logged: 1 }),
  )

  it('that nobody foresaw tells nothing of its inside, and is logged', () => {
    const sent = answered(new Error('SELECT password FROM account'))
    expect(sent).toMatchObject({ status: 500, logged: 1 })
    expect(JSON.stringify(sent.body)).not.toContain('SELECT')
    expect(sent.body).toMatchObject({ title: 'Something went wrong here; nothing was changed. Please try again.' })
  })

  it('after the answer has begun is left to the server', () => {
    const error = new NotFound('late')
    const sent = answered(error, true)
    expect(sent.body).toBeUndefined()
    expect(sent.next).toHaveBeenCalledWith(error)
  })

  it('of a second writer carries both versions of every row', () => {
    const clash = (row: string, yours: unknown) => ({
      resource: 'models',
      row,
      yours,
      theirs: { version: 2, value: 'b' },
    })
    const { body } = answered(new Conflict('Somebody was faster.', [clash('p', 'a'), clash('q', 'c')]))
    expect(answered(new Conflict('Somebody was faster.', [])).body).toMatchObject({ status: 409, clashes: [] })
    expect(body).toMatchObject({
      yours: 'a',
      theirs: { version: 2, value: 'b' },
      clashes: [{ row: 'p' }, { row: 'q' }],
    })
  })
})
