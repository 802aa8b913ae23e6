/** Room, widths, sizes and colours stand once, in the tokens: what a view adds of its own is found here. */
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'

const TOKENS = 'src/client/styles/_tokens.scss'
const tokens = readFileSync(TOKENS, 'utf8')
const listed = (name: string): string[] =>
  (new RegExp(`\\$${name}: ([^;]+);`).exec(tokens)?.[1] ?? '').split(',').map((one) => one.trim())
const files = readdirSync('src/client', { recursive: true, encoding: 'utf8' })
  .map((file) => join('src/client', file))
  .filter((file) => /\.(?:vue|scss)$/.test(file) && file !== TOKENS)
const styles = files.map((file) => {
  const text = readFileSync(file, 'utf8')
  return { file, css: file.endsWith('.vue') ? (/<style[^>]*>([^]*)<\/style>/.exec(text)?.[1] ?? '') : text }
})
/** Every part of the styles that is matched, with its file. */
const found = (pattern: RegExp): string[] =>
  styles.flatMap(({ file, css }) => [...css.matchAll(pattern)].map((match) => `${file}: ${match[1]}`))
const outside = (all: readonly string[], allowed: readonly string[]) =>
  all.filter((one) => !allowed.some((value) => one.endsWith(`: ${value}`)))

describe('the looks', () => {
  it('leave room in the steps of the tokens', () => {
    const rooms = styles.flatMap(({ file, css }) =>
      [...css.matchAll(/(?<![\w-])(?:row-|column-)?(?:gap|margin|padding)[a-z-]*: ([^;{}]+);/g)].flatMap(
        ([, value = '']) => [...value.matchAll(/(?<![\w.])([\d.]+)rem/g)].map(([, rem]) => `${file}: ${rem}`),
      ),
    )
    expect(rooms.length).toBeGreaterThan(100)
    expect(outside(rooms, listed('steps'))).toEqual([])
  })

  it('change at two widths', () => {
    const narrow = listed('breakpoints')
    const from = narrow.map((width) => `${parseInt(width) + 1}px`)
    const widths = found(/@media \((?:max|min)-width: (\d+px)/g)
    expect(widths.length).toBeGreaterThan(5)
    expect(outside(widths, [...narrow, ...from])).toEqual([])
  })

  it('set writing in the sizes of the tokens; drawings and paper in their own', () => {
    const sizes = found(/font-size: ([^;]+);/g)
    const own = sizes.filter((one) => !/: (?:var\(--[a-z]+\)|\$font-size-base|[\d.]+(?:px|pt))$/.test(one))
    expect(sizes.length).toBeGreaterThan(20)
    expect(own).toEqual([])
  })

  it('take colours from the tokens; paper is white', () => {
    const colours = found(/(?<!\$)(?:color|background|fill|stroke|border[a-z-]*): [^;]*?(#[0-9a-f]{3,8})\b/gi)
    expect(outside(colours, ['#fff', '#000'])).toEqual([])
  })
})
