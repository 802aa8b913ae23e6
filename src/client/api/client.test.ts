import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ApiProblem, call, file, get, noteRevision, problemText, rememberCsrf, upload, whenSignedOut } from './client'

const asked: { path: string; method: string; headers: Record<string, string>; body?: unknown }[] = []
let answer: () => Response | Promise<Response>
const json = (body: unknown, status = 200) => new Response(JSON.stringify(body), { status })

beforeEach(() => {
  asked.length = 0
  answer = () => json({ told: true })
  vi.stubGlobal('fetch', async (path: string, { method, headers, body }: RequestInit) => {
    asked.push({ path, method: method as string, headers: headers as Record<string, string>, body })
    return answer()
  })
})
afterEach(() => {
  vi.unstubAllGlobals()
  rememberCsrf(undefined)
  whenSignedOut(() => undefined)
})
const problemOf = async (what: Promise<unknown>): Promise<ApiProblem> => {
  const error: unknown = await what.catch((thrown: unknown) => thrown)
  if (!(error instanceof ApiProblem)) throw new Error(`not refused: ${String(error)}`)
  return error
}

const CUPBOARD = { version: 1, supplies: [] }
const CASE = { question: 'Why?', outcome: 'open' } as const
const SIGN_IN = { user: 'maren', password: 'secret' }

/** Compiled only: what the API's description has not cannot be asked. */
const refused = () => [
  // @ts-expect-error no such address
  get('/api/cards'),
  // @ts-expect-error no such address, though it begins as one
  get(`/api/classes/${SIGN_IN.user}/nothing`),
  // @ts-expect-error it is not written there
  call('PUT', '/api/picks'),
  // @ts-expect-error no such parameter
  get('/api/card', { machine: 'm' }),
  // @ts-expect-error the version is missing
  call('PUT', '/api/cupboard', { supplies: [] }),
  // @ts-expect-error nothing is sent with it
  call('POST', '/api/library', {}),
]
void refused

describe('a call', () => {
  it('asks with what is given, and leaves out what is not', async () => {
    expect(await get('/api/card', { model: 'a b', technique: undefined, fabric: '' })).toEqual({ told: true })
    expect(asked[0]).toMatchObject({ path: '/api/card?model=a+b', method: 'GET', body: undefined })
    await get('/api/picks')
    expect(asked[1]?.path).toBe('/api/picks')
  })

  it('sends its token with everything that writes, never with what reads', async () => {
    rememberCsrf('secret')
    await call('PUT', '/api/cupboard', CUPBOARD)
    await get('/api/picks')
    await upload('/api/samples/7/photo', new Blob(['x'], { type: 'image/png' }))
    expect(asked.map(({ headers }) => headers['X-CSRF-Token'])).toEqual(['secret', undefined, 'secret'])
    expect(asked.map(({ headers }) => headers['Content-Type'])).toEqual(['application/json', undefined, 'image/png'])
    expect(asked[0]?.body).toBe(JSON.stringify(CUPBOARD))
  })

  it('carries the name of its work', async () => {
    await call('POST', '/api/library', undefined, 'w-1')
    expect(asked[0]?.headers['X-Work']).toBe('w-1')
  })

  it('asks again what cannot be answered at the moment, as often as is decent', async () => {
    const later = (seconds: string) =>
      new Response(JSON.stringify({ title: 'Not now.', status: 503 }), {
        status: 503,
        headers: { 'Retry-After': seconds },
      })
    answer = () => (asked.length < 3 ? later('0') : json({ told: true }))
    expect(await get('/api/picks')).toEqual({ told: true })
    expect(asked).toHaveLength(3)
    asked.length = 0
    answer = () => later('0')
    expect((await problemOf(get('/api/picks'))).details.status).toBe(503)
    expect(asked).toHaveLength(4)
    asked.length = 0
    answer = () => json({ title: 'Too heavy.', status: 503 }, 503)
    expect((await problemOf(get('/api/picks'))).details.title).toBe('Too heavy.')
    expect(asked).toHaveLength(1)
  })

  it('writes again under one key, so that it is done once; two writes have two keys', async () => {
    rememberCsrf('secret')
    answer = () => (asked.length < 2 ? Promise.reject(new TypeError('network')) : json({ told: true }))
    expect(await call('POST', '/api/cases', CASE)).toEqual({ told: true })
    await call('POST', '/api/cases', CASE)
    const keys = asked.map(({ headers }) => headers['Idempotency-Key'])
    expect(keys[0]).toMatch(/^[0-9a-f]{32}$/)
    expect(keys[1]).toBe(keys[0])
    expect(keys[2]).not.toBe(keys[0])
    await get('/api/picks')
    expect(asked.at(-1)?.headers).not.toHaveProperty('Idempotency-Key')
  })

  it('of nobody who is signed in is not written again', async () => {
    answer = () => Promise.reject(new TypeError('network'))
    await problemOf(call('POST', '/api/session', SIGN_IN))
    expect(asked).toHaveLength(1)
  })

  it('says the revision that an answer speaks of', async () => {
    const heard: number[] = []
    noteRevision((revision) => heard.push(revision))
    answer = () => new Response('{}', { headers: { 'Catalogue-Revision': '17' } })
    await get('/api/picks')
    answer = () => json({})
    await get('/api/picks')
    expect(heard).toEqual([17])
  })

  it('understands an answer without a body', async () => {
    answer = () => new Response(null, { status: 204 })
    expect(await call('DELETE', '/api/outbox/7')).toBeUndefined()
  })

  it('brings a file as it is, asked for or made from what is sent', async () => {
    answer = () => new Response('%PDF')
    expect(await (await file('/api/sheet.pdf')).text()).toBe('%PDF')
    await file('/api/sheet.pdf', { marks: [] })
    expect(asked.map(({ method }) => method)).toEqual(['GET', 'POST'])
  })
})

describe('a refusal', () => {
  it('says what the server said', async () => {
    answer = () => json({ title: 'Not right.', status: 422, issues: [{ path: ['name'], message: 'is empty' }] }, 422)
    const problem = await problemOf(call('PUT', '/api/cupboard', CUPBOARD))
    expect(problem.details).toMatchObject({ status: 422, title: 'Not right.' })
    expect(problemText(problem)).toBe('Not right.\nname: is empty')
  })

  it('that is no answer of Handhold’s says that nothing is lost', async () => {
    answer = () => new Response('<html>bad gateway</html>', { status: 502 })
    const problem = await problemOf(get('/api/picks'))
    expect(problem.details.status).toBe(502)
    expect(problem.message).toContain('What you typed is kept here')
  })

  it('because nobody answers says so', async () => {
    answer = () => Promise.reject(new TypeError('network'))
    expect((await problemOf(get('/api/picks'))).details.status).toBe(0)
  })

  it('because nobody is signed in any more is told to whoever wants to know, but not while signing in', async () => {
    const signedOut = vi.fn()
    whenSignedOut(signedOut)
    answer = () => json({ title: 'Please sign in.', status: 401 }, 401)
    await problemOf(call('POST', '/api/session', SIGN_IN))
    expect(signedOut).not.toHaveBeenCalled()
    await problemOf(get('/api/picks'))
    expect(signedOut).toHaveBeenCalledOnce()
  })

  it('names eight fields at most, and of anything else that was thrown tells nothing of its inside', () => {
    const issues = Array.from({ length: 12 }, (_, i) => ({ path: ['stitches', i, 'select'], message: 'is empty' }))
    const text = problemText(new ApiProblem({ title: 'Not right.', status: 422, issues }))
    expect(text.split('\n')).toHaveLength(9)
    expect(text).toContain('stitches › 0 › select: is empty')
    expect(problemText(new TypeError('x is not a function'))).not.toContain('function')
  })
})
