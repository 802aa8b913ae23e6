/** What cards say, read for its language; the whole of it is written to a file for people to read. */
import { mkdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import type { Card } from '#core/card/card'
import { sewsWithLoopers } from '#core/catalogue/kinds'
import { controlsOf } from '#core/changeover/machine'
import { movesOf } from '#core/procedure/moves'
import type { ToldMove } from '#core/procedure/types'
import { runs, shareOf } from '#core/runs.testkit'
import { MENDED } from '#shared/messages/mended.testkit'
import { demoAndOthers, methodsOnMachines } from './cards.testkit'
import { toldPage, toldTexts } from './told.testkit'

const { bundle, index, answerTo, cardFor } = demoAndOthers

/** One dial machine, one computerised, one overlocker, a cover machine and a combined one; the others by their kind. */
const READ = ['sloop', 'plover-60', 'eddy-4', 'shoal-3', 'confluence-5']
const OUT = join('test-results', 'told')

const cards: Card[] = shareOf(methodsOnMachines).map(cardFor)
const isTaken = ({ question: { method, ...open } }: Card) => answerTo(open).method === method
const AT_NEEDLE = ['thread:needle', 'thread:bobbin', 'bobbin', 'needle', 'plate', 'foot', 'accessory']
const ENDED = /run off|free the work/i
const isAtNeedle = ({ control, to }: ToldMove) => AT_NEEDLE.includes(control) && to !== 'out'
const told = new Map<string, string>()
for (const card of cards)
  for (const stage of card.stages)
    for (const text of toldTexts(card, stage))
      if (!told.has(text)) told.set(text, `${card.technique.name}, ${card.method?.name}, on ${card.model.name}`)

describe('the shop’s English', () => {
  it('is written down for people to read', () => {
    const pages = cards.flatMap((card) =>
      READ.includes(card.model.id) && card.stages.length > 0 && isTaken(card)
        ? [
            `\n═══ ${card.technique.name} · ${card.method?.name} · ${card.model.name} · ${card.fabric.name} · ` +
              `${card.verdict}\n${card.stages.map((stage) => toldPage(card, stage)).join('\n')}`,
          ]
        : [],
    )
    mkdirSync(OUT, { recursive: true })
    writeFileSync(join(OUT, 'procedures.txt'), pages.join('\n'))
    expect(pages.length).toBeGreaterThan(runs(100))
  })

  it('says of a method that is taken what it says where it is asked for', () => {
    let taken = 0
    for (const { method, ...open } of shareOf(methodsOnMachines)) {
      const answer = answerTo(open)
      if (answer.method !== method) continue
      taken++
      expect(answer.stages, JSON.stringify(open)).toEqual(answerTo({ ...open, method }).stages)
    }
    expect(taken).toBeGreaterThan(runs(500))
  })

  it('lowers the foot before anything is sewn: every changeover has lifted it, and threads would nest', () => {
    const stages = bundle.techniques.flatMap(({ id, methods }) =>
      methods.flatMap((method) => method.stages.map((stage) => ({ ...stage, name: `${id} ${method.id} ${stage.id}` }))),
    )
    const silent = stages.filter(
      ({ steps = [] }) =>
        !steps.some(({ text, phase }) => phase === 'start' && /lower (the foot|it)|foot down/i.test(text)),
    )
    expect(silent.map(({ name }) => name)).toEqual([])
    expect(stages.length).toBeGreaterThan(80)
  })

  it('ends each row of an overlocker off the fabric, and frees a cover stitch: it cannot simply be drawn away', () => {
    let rows = 0
    const endless = cards.flatMap((card) =>
      card.stages.flatMap((stage) => {
        const { model, function: sewn } = stage.answer
        if (!sewsWithLoopers(index.models.get(model)?.kind ?? 'mechanical')) return []
        rows++
        const ended = stage.procedure.steps.some((step) => step.tells === 'own' && ENDED.test(step.text))
        return ended ? [] : [`${card.technique.name}, ${stage.name}, ${sewn}`]
      }),
    )
    expect([...new Set(endless)]).toEqual([])
    expect(rows).toBeGreaterThan(runs(100))
  })

  it('speaks of a guide’s screw only where the foot that is fitted has such a guide', () => {
    let screwed = 0
    const wrong = cards.flatMap((card) =>
      card.stages.flatMap(({ answer, procedure: { steps } }) => {
        if (!steps.some((step) => step.tells === 'own' && /its guide stands/.test(step.text))) return []
        screwed++
        return index.items.get(answer.foot ?? '')?.guide?.kind === 'adjustable' ? [] : [card.model.name]
      }),
    )
    expect([...new Set(wrong)]).toEqual([])
    expect(screwed).toBeGreaterThan(0)
  })

  it('fills an empty bobbin with the thread that the card names for it', () => {
    let bobbins = 0
    const others = cards.flatMap((card) =>
      card.stages.flatMap(({ procedure: { steps, interruptions } }) => {
        const named = steps.flatMap(movesOf).find(({ control }) => control === 'thread:bobbin')
        const empty = interruptions.find(({ of }) => of === 'bobbin')?.steps ?? []
        if (!named || empty.length === 0 || empty.some(({ tells }) => tells === 'anew')) return []
        bobbins++
        const filled = empty.flatMap(movesOf).find(({ control }) => /bobbin$/.test(control))
        return filled?.control === named.control && filled.to === named.to ? [] : [card.technique.name]
      }),
    )
    expect([...new Set(others)]).toEqual([])
    expect(bobbins).toBeGreaterThan(runs(20))
  })

  it('has hands at the needle only once it is raised: its eye may be in the fabric, its take-up anywhere', () => {
    let lists = 0
    const low = cards.flatMap((card) =>
      card.stages.flatMap(({ name, procedure: { steps, back, interruptions } }) =>
        [steps, back, ...interruptions.map((one) => one.steps)].flatMap((list) => {
          const at = list.findIndex((step) => movesOf(step).some(isAtNeedle))
          if (at < 0) return []
          lists++
          const before = list.slice(0, at + 1).some(({ leaves }) => leaves['needleHeight'] === 'up')
          return before ? [] : [`${card.technique.name}, ${name}, on ${card.model.name}`]
        }),
      ),
    )
    expect([...new Set(low)]).toEqual([])
    expect(lists).toBeGreaterThan(runs(1000))
    const free = bundle.models.flatMap((model) => {
      const { controls, rules } = controlsOf(model, index.items)
      const isBound = (control: string) =>
        rules.some((rule) => 'needs' in rule && rule.for.control === control && 'needleHeight' in rule.needs)
      return AT_NEEDLE.filter((control) => control in controls && !isBound(control)).map((one) => `${one}, ${model.id}`)
    })
    expect(free).toEqual([])
  })

  it('speaks of no knife that cuts where the upper knife is out of work', () => {
    const away = cards.flatMap((card) =>
      card.stages
        .filter(({ procedure: { steps } }) => {
          const last = steps.findLast(({ leaves }) => leaves['upperKnife'] !== undefined)
          return last?.leaves['upperKnife'] === 'disengaged'
        })
        .map((stage) => ({ of: `${card.technique.name} on ${card.model.name}`, texts: toldTexts(card, stage) })),
    )
    const wrong = away.flatMap(({ of, texts }) =>
      texts
        .filter((text) => /knives are open|knife would|of the knife|trims/.test(text))
        .map((text) => `${of}: ${text}`),
    )
    expect(wrong).toEqual([])
    expect(away.length).toBeGreaterThan(0)
  })

  it.each(MENDED.map(([phrase, better]) => [phrase.source, phrase, better] as const))(
    'does not say “%s” again',
    (_, phrase, better) => {
      const again = [...told].filter(([text]) => phrase.test(text)).map(([text, of]) => `${text} (${of})`)
      expect(again.slice(0, 5), better).toEqual([])
    },
  )
})
