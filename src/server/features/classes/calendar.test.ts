import { describe, expect, it } from 'vitest'
import { clashesWith } from './calendar'

describe('a class among the shop’s events', () => {
  const event = (starts: string, ends: string) => ({
    title: '',
    starts: `2026-05-20T${starts}:00`,
    ends: `2026-05-20T${ends}:00`,
  })
  it.each<[string, [string, string], number]>([
    ['before it', ['08:00', '09:00'], 0],
    ['that ends as it begins', ['09:00', '10:00'], 0],
    ['into it', ['09:00', '10:01'], 1],
    ['within it', ['10:30', '10:45'], 1],
    ['around it', ['09:00', '15:00'], 1],
    ['out of it', ['11:59', '13:00'], 1],
    ['that begins as it ends', ['12:00', '13:00'], 0],
  ])('clashes with one %s or not', (_, [starts, ends], count) => {
    expect(clashesWith({ starts: '2026-05-20T10:00:00', minutes: 120 }, [event(starts, ends)])).toHaveLength(count)
  })

  it('goes on after midnight', () => {
    const late = { title: '', starts: '2026-05-21T00:30:00', ends: '2026-05-21T01:00:00' }
    expect(clashesWith({ starts: '2026-05-20T23:00:00', minutes: 120 }, [late])).toEqual([late])
  })
})
