import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { writtenDocuments } from './documents'

const written = Object.entries(await writtenDocuments())

describe('documents written from the code', () => {
  it.each(written)('%s is what `npm run docs` writes', (path, content) => {
    expect(readFileSync(path, 'utf8')).toBe(content)
  })
})
