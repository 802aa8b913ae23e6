/** Cards on paper as somebody with a ruler and a telephone finds them. */
import { describe, expect, it } from 'vitest'
import {
  cardDocument,
  cardPages,
  cardParts,
  codeMark,
  namePages,
} from '../../src/server/features/classes/handouts/cardPages'
import { joinPdf, type Layer } from '../../src/server/print/join'
import { drawPdf } from '../../src/server/print/pdf'
import { boxesOf, codesIn, greyRuns, measuredBar, picturesOf, wordsOf } from '../reading/pdf'
import { demo } from '#demo/cards.testkit'

const cardFor = (model: string, technique: string) => demo.cardFor({ model, technique, fabric: 'cotton-shirting' })
const ADDRESS = 'https://shop.example/c/AAAABBBBCCCCDDDDEEEEFFFFGGGGHHHH?m=plover-60&t=blind-hem&f=cotton-shirting'
const CARDS = [
  ['plover-60', 'blind-hem'],
  ['ketch', 'buttonhole'],
  ['eddy-4', 'rolled-edge'],
  ['plover-60', 'zip'],
] as const

/** All that is said of type and pictures in a document, wherever it stands. */
const sizesIn = (content: unknown, size: number, found: { text: string; size: number }[] = []) => {
  if (Array.isArray(content)) content.forEach((one) => sizesIn(one, size, found))
  else if (typeof content === 'string' && content.trim() !== '') found.push({ text: content, size })
  else if (typeof content === 'object' && content !== null) {
    const { fontSize = size, svg, width, ...rest } = content as Record<string, unknown>
    for (const [key, value] of Object.entries(rest))
      if (['text', 'stack', 'columns', 'table', 'body', 'ol', 'ul'].includes(key))
        sizesIn(value, fontSize as number, found)
    if (typeof svg === 'string') {
      const scale = (width as number) / Number(/viewBox="\S+ \S+ (\S+) /.exec(svg)?.[1])
      for (const [, type] of svg.matchAll(/font-size="([\d.]+)"/g))
        found.push({ text: 'in a picture', size: Number(type) * scale })
    }
  }
  return found
}

describe('a card on paper', () => {
  it('has nothing smaller than 9 points, and what is to be set in 20', () => {
    for (const [model, technique] of CARDS) {
      const card = cardFor(model, technique)
      const sizes = sizesIn(cardPages([{ person: 'Anna', card, address: ADDRESS }], 'T').content, 9)
      expect(sizes.length).toBeGreaterThan(40)
      const least = sizes.reduce((a, b) => (b.size < a.size ? b : a))
      expect(least.size, least.text).toBeGreaterThan(8.98)
      for (const { changes, answer } of card.stages)
        for (const shown of [answer.select, ...changes.map(({ setting }) => setting.shown)])
          expect(sizes.find(({ text }) => text === shown)?.size, shown).toBe(20)
    }
  })

  it('is at 1:1: the bar of 50 mm, and a seam of 20 mm from both sides', async () => {
    const { pdf } = await drawPdf(
      cardPages([{ person: 'Anna', card: cardFor('plover-60', 'blind-hem'), address: ADDRESS }], 'T'),
    )
    const sheet = Buffer.from(await joinPdf([pdf], [{ twoUp: true, pages: [[[0, 0]], [[0, 1]]] }], 'T'))
    for (const page of [picturesOf(Buffer.from(pdf))[0], picturesOf(sheet)[0]]) {
      if (!page) throw new Error('no page')
      expect(Math.abs((measuredBar(page, 50) ?? 0) - 50)).toBeLessThan(0.1)
      const seams = greyRuns(page, 20)
      expect(seams.length).toBeGreaterThan(0)
      for (const seam of seams) expect(Math.abs(seam - 20)).toBeLessThan(0.1)
    }
  })

  it('keeps every word within the page, says whose page it is, and has a code that is read', async () => {
    const cards = CARDS.map(([model, technique]) => ({
      person: 'Łucja',
      card: cardFor(model, technique),
      address: ADDRESS,
    }))
    const { pdf, pages, begins } = await drawPdf(cardPages(cards, 'T'))
    const file = Buffer.from(pdf)
    expect(begins).toHaveLength(cards.reduce((sum, { card }) => sum + card.stages.length, 0))
    const boxes = boxesOf(file)
    expect(boxes).toHaveLength(pages)
    for (const { width, height, words } of boxes)
      for (const { left, top, right, bottom, text } of words) {
        expect(Math.min(left, top), text).toBeGreaterThan(5)
        expect(right, text).toBeLessThan(width - 5)
        expect(bottom, text).toBeLessThan(height - 5)
      }
    for (const page of wordsOf(file)) expect(page).toMatch(/Łucja · .* · page \d/)
    expect(codesIn(file).filter((code) => code === ADDRESS)).toHaveLength(begins.length)
  })

  it('is the same drawn once for many, with each name and code laid over it', async () => {
    const card = cardFor('plover-60', 'blind-hem')
    const body = await drawPdf(cardDocument(cardParts(card), 'T'))
    const names = await drawPdf(namePages(['Anna Ström', 'Łucja Dorsthoek']))
    const pagesOf = (person: number) =>
      Array.from({ length: body.pages }, (_, page): Layer[] => [
        [0, page],
        [1, 2 * person + Math.min(page, 1)],
        ...(page === 0 ? [codeMark(`${ADDRESS}${person + 1}`)] : []),
      ])
    const parts = [0, 1].map((person) => ({ twoUp: true, pages: pagesOf(person) }))
    const joined = Buffer.from(await joinPdf([body.pdf, names.pdf], parts, 'T'))
    expect(codesIn(joined)).toEqual([`${ADDRESS}1`, `${ADDRESS}2`])
    const sheets = wordsOf(joined)
    expect(sheets.filter((sheet) => sheet.includes('Anna Ström'))).toHaveLength(sheets.length / 2)
    expect(sheets.every((sheet) => /Anna Ström|Łucja Dorsthoek/.test(sheet))).toBe(true)
    const alone = await drawPdf(cardPages([{ person: 'Anna Ström', card, address: `${ADDRESS}1` }], 'T'))
    expect(alone.pages).toBe(body.pages)
  })
})
