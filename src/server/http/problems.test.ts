import type { Response } from 'express'
import type { Logger } from 'pino'
import { describe, expect, it, vi } from 'vitest'
import { Conflict, Forbidden, Gone, Invalid, NotFound, NotSignedIn, Problem, problemHandler } from './problems'

/** What a browser would be sent for an error. */
const answered = (error: unknown, headersSent = false) => {
  const log = { error: vi.fn() }
  const next = vi.fn()
  const sent: { status?: number; type?: string; body?: unknown } = {}
  const response = {
    headersSent,
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
  ])('tells %s', (_, error, status, body) => {
    const sent = answered(error)
    expect(sent).toMatchObject({ status, type: 'application/problem+json', logged: 0 })
    expect(sent.body).toEqual({ type: 'about:blank', status, ...body })
  })

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
    expect(body).toMatchObject({
      yours: 'a',
      theirs: { version: 2, value: 'b' },
      clashes: [{ row: 'p' }, { row: 'q' }],
    })
  })
})
