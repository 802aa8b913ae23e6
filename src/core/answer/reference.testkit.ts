/**
 * A slow, obvious second reading of the answer rules, for comparison only. It looks at every subset of what could be
 * bought and, for each, at every way of fitting what is then had. It shares no code with the rules it checks.
 * Left out on purpose: house settings, twin needles, freely turning scales, two-faced dials, lengths of beads.
 */
import type { Bundle, Id, Item, Method, Model, Stage, Stitch, When } from '../catalogue/types'
import type { Question, Verdict } from './types'

export interface ReferenceStage {
  model: Id
  stitch: Id
  foot: Id | undefined
  chain: Id[]
  plate: Id | undefined
  extras: Id[]
  width: unknown
  position: unknown
  length: unknown
  tension: unknown
  cautions: object[]
  /** Codes of the grounds told of it, as far as `STAGE_CODES` goes. */
  told: string[]
  alternatives: {
    model: Id
    stitch: Id
    foot: Id | undefined
    toGet: Id[]
    better: string[]
    worse: string[]
  }[]
}
export interface ReferenceAnswer {
  verdict: Verdict
  method: Id | undefined
  toGet: Id[]
  stages: ReferenceStage[]
  /** Beside the one that is taken, in their order. */
  methods: { method: Id; verdict: Verdict; toGet: Id[] }[]
}

/** Of a stage's grounds those that are read a second time here. */
export const STAGE_CODES = [
  'limitsSwing',
  'changePlate',
  'tradeOff',
  'betterFunctionNeeds',
  'betterFunctionNarrower',
  'betterFunctionStopped',
]

type Way = Omit<ReferenceStage, 'alternatives' | 'told'> & {
  key: (number | string)[]
  trade: boolean
  /** What is lost with the stitch, with the foot. */
  lost: (string | undefined)[]
  plateNeeded: boolean
  need: Id[]
  named: boolean
}
type Fit = { is: 'yes' | 'no' | 'maybe'; chains: Id[][]; ev: number; byRule: boolean }
const eps = 1e-6
const NOT_NAMED = 1e6

export const referenceAnswer = (bundle: Bundle, q: Question): ReferenceAnswer => {
  const item = (id: Id) => bundle.items.find((one) => one.id === id) as Item
  const open = (ids: Id[]): Set<Id> => {
    const all = new Set<Id>()
    const add = (id: Id) => {
      if (all.has(id)) return
      all.add(id)
      item(id).contains?.forEach(add)
    }
    ids.forEach(add)
    return all
  }
  const machines = [...new Set([q.model, ...(q.also ?? [])])].map(
    (id) => bundle.models.find((m) => m.id === id) as Model,
  )
  const fabric = bundle.fabrics.find((f) => f.id === q.fabric) as Bundle['fabrics'][number]
  const layers = q.layers ?? fabric.layers
  const had = open([...machines.flatMap((m) => m.supplied), ...(q.owned ?? [])])
  const stock = open(q.stock ?? [])

  const isTrue = (w: When | undefined, m: Model) =>
    !w ||
    ((!w.structure || w.structure.includes(fabric.structure)) &&
      (!w.kind || w.kind.includes(m.kind)) &&
      (!w.minLayers || layers >= w.minLayers) &&
      (!w.feature || w.feature.every((f) => m.features.includes(f))) &&
      (!w.withoutFeature || !w.withoutFeature.some((f) => m.features.includes(f))))

  const pattern = (make: Id | undefined) => bundle.makes.find((m) => m.id === make)?.footPattern ?? 'generic'

  /** [fits, chains]; 'maybe' where something is not stated. */
  const fits = new Map<string, Fit>()
  const fit = (it: Item, m: Model): Fit => {
    const key = `${it.id}/${m.id}`
    const known = fits.get(key) ?? workOutFit(it, m)
    fits.set(key, known)
    return known
  }
  const workOutFit = (it: Item, m: Model): Fit => {
    const none = (is: 'no' | 'maybe', byRule = false) => ({ is, chains: [], ev: 2, byRule })
    if (it.needs?.features?.some((f) => !m.features.includes(f))) return none('no')
    const told = statements(it, m)
    if (told) {
      if (!told.fits) return none('no')
      const chains = told.chains.filter((chain) => chain.every((id) => usable(item(id), m)))
      return chains.length ? { is: 'yes', chains, ev: told.bench ? 0 : 1, byRule: false } : none('no')
    }
    if (it.what === 'plate') return none('maybe')
    if (it.what !== 'foot') {
      if (it.circular && !m.features.includes(`circularMount:${it.circular.mountGroup}`)) return none('no')
      return { is: 'yes', chains: [[]], ev: 2, byRule: true }
    }
    const turners = bundle.items.filter((t) => (t.what === 'adapter' || t.what === 'ankle') && t.turns && usable(t, m))
    const paths: Item[][] = [[], ...turners.map((t) => [t])]
    for (const a of turners) for (const b of turners) if (a !== b) paths.push([a, b])
    const outcomes = paths.map((path) => ({ path, is: along(path, it, m) }))
    const yes = outcomes.filter((o) => o.is === 'yes').map((o) => o.path.map((t) => t.id))
    if (yes.length) return { is: 'yes', chains: yes, ev: 2, byRule: true }
    return none(outcomes.some((o) => o.is === 'maybe') ? 'maybe' : 'no', true)
  }
  const usable = (it: Item, m: Model) =>
    !it.needs?.features?.some((f) => !m.features.includes(f)) && statements(it, m)?.fits !== false
  const along = (path: Item[], ft: Item, m: Model): 'yes' | 'no' | 'maybe' => {
    let [shank, attachment, pat] = [m.shank as string | undefined, m.attachment as string | undefined, pattern(m.make)]
    const answers: ('yes' | 'no' | 'maybe')[] = []
    const same = (has: string | undefined, ok: string[]) =>
      has === undefined ? 'maybe' : ok.includes(has) ? 'yes' : 'no'
    for (const { turns } of path) {
      if (!turns) return 'no'
      if (turns.from.shank) answers.push(same(shank, [turns.from.shank]))
      if (turns.from.attachment) {
        answers.push(
          same(attachment, turns.from.attachment === 'screwOn' ? ['screwOn', 'snapOn'] : [turns.from.attachment]),
        )
      }
      shank = turns.to.shank ?? shank
      attachment = turns.to.attachment ?? attachment
      pat = turns.to.pattern ?? 'generic'
    }
    if (ft.attachment === undefined) answers.push('maybe')
    else if (ft.attachment === 'screwOn') {
      answers.push(same(attachment, ['screwOn', 'snapOn']), ft.shank === undefined ? 'maybe' : same(shank, [ft.shank]))
    } else if (ft.attachment === 'snapOn') {
      answers.push(same(attachment, ['snapOn']), pattern(ft.make) === pat ? 'yes' : 'no')
    } else answers.push(same(attachment, [ft.attachment]))
    return answers.includes('no') ? 'no' : answers.includes('maybe') ? 'maybe' : 'yes'
  }
  const statements = (it: Item, m: Model): { fits: boolean; chains: Id[][]; bench: boolean } | undefined => {
    const told: { fits: boolean; bench: boolean; model: boolean; chain: Id[] }[] = []
    for (const s of bundle.fits) {
      if (s.item !== it.id) continue
      if (s.model ? s.model !== m.id : !m.groups?.includes(s.group ?? '')) continue
      told.push({ fits: s.fits, bench: s.evidence === 'bench', model: !!s.model, chain: s.chain ?? [] })
    }
    if (open(m.supplied).has(it.id)) told.push({ fits: true, bench: false, model: true, chain: [] })
    if (it.forGroups) {
      told.push({ fits: it.forGroups.some((g) => m.groups?.includes(g)), bench: false, model: false, chain: [] })
    }
    for (const bench of [true, false]) {
      for (const model of [true, false]) {
        const top = told.filter((t) => t.bench === bench && t.model === model)
        if (top.length) return { fits: top.every((t) => t.fits), chains: top.map((t) => t.chain), bench }
      }
    }
    return undefined
  }

  const isCover = (it: Item) => it.what === 'plate' && !!it.brings?.length

  /** Every way to work a stage with exactly these things. */
  const ways = (stage: Stage, method: Method, H: Set<Id>, plates = H): Way[] => {
    const found: Way[] = []
    machines.forEach((m, mi) => {
      if (!stage.kinds.includes(m.kind)) return
      stage.stitches.forEach((as, sr) => {
        if (!isTrue(as.when, m)) return
        m.stitches.forEach((st, place) => {
          if (st.function !== as.function || !must(stage, st, m)) return
          for (const pick of feet(stage, m, st, H)) {
            const f = pick.foot ? fit(pick.foot, m) : undefined
            if (f && f.is !== 'yes') continue
            for (const chain of f ? f.chains : [[]]) {
              if (!chain.every((id) => H.has(id))) continue
              for (const { items, base, met, turns } of equipped(
                stage,
                m,
                st,
                [...(pick.foot ? [pick.foot] : []), ...chain.map(item)],
                H,
              )) {
                if (!allowed(stage, st, pick.foot, items, met)) continue
                const zero = met.includes('zeroLength')
                const lists = items.flatMap((it) => (it.needs?.plates ? [it.needs.plates] : []))
                const needed = lists[0]
                  ?.filter(
                    (id) =>
                      lists.every((l) => l.includes(id)) &&
                      item(id).what === 'plate' &&
                      !isCover(item(id)) &&
                      fit(item(id), m).is === 'yes' &&
                      H.has(id),
                  )
                  .sort((a, b) => +had.has(b) - +had.has(a))
                const onMachine = platesOn(m, plates)
                const tries: (Id | undefined)[] = needed ?? onMachine
                tries.forEach((plate, pi) => {
                  const judged = clear(
                    stage,
                    st,
                    m,
                    pick.foot,
                    pick.named < NOT_NAMED,
                    items,
                    plate === undefined ? undefined : item(plate),
                  )
                  if (!judged) return
                  const size = Math.min(q.job?.needleSize ?? fabric.needle.size, m.needle?.maxSize ?? Infinity)
                  const length = value('length', stage, st, m, pick.foot, size, zero)
                  const tension = value('tension', stage, st, m, pick.foot, size)
                  const fitted = [...items.map((it) => it.id), ...(plate === undefined ? [] : [plate])]
                  const trade = !!as.tradeOff || !!pick.trade
                  const slotted = pick.foot ? pick.foot.slot !== undefined : stage.feet === 'none'
                  found.push({
                    model: m.id,
                    stitch: st.id,
                    foot: pick.foot?.id,
                    chain,
                    plate,
                    extras: items.filter((it) => it !== pick.foot && !chain.includes(it.id)).map((it) => it.id),
                    ...judged.values,
                    length: length.v,
                    tension: tension.v,
                    cautions: [
                      ...judged.cautions,
                      ...(length.set && m.scales.length === undefined
                        ? [{ code: 'scaleUnknown', parameter: 'length' }]
                        : []),
                      ...judged.late,
                      ...(pick.foot &&
                      pick.foot.dualFeedCutOut === undefined &&
                      engaged('dualFeed', st, pick.foot, items, met)
                        ? [{ code: 'cutOutUnknown', item: pick.foot.id }]
                        : []),
                    ],
                    need: fitted.filter((id) => !had.has(id)),
                    named: pick.named < NOT_NAMED,
                    trade,
                    lost: [as.tradeOff, pick.trade],
                    plateNeeded: needed !== undefined,
                    key: [
                      +trade,
                      mi,
                      sr,
                      pick.rank,
                      +!slotted,
                      +judged.narrowed,
                      pick.named,
                      chain.length,
                      f ? f.ev : 1,
                      place,
                      pick.foot?.id ?? '',
                      chain.join('\n'),
                      // What is there for its own sake is chosen first, then what brings a feature.
                      ...padded(base),
                      ...turns,
                      ...padded(items),
                      pi,
                    ],
                  })
                })
              }
            }
          }
        })
      })
    })
    void method
    return found.sort((a, b) => order(a.key, b.key))
  }
  /** Accessories one by one: cheaper first, then by id. Lists of one length compare entry by entry. */
  const padded = (items: Item[]) =>
    Array.from({ length: 8 }, (_, i) => [items[i] ? (items[i].price ?? 1e9) : 0, items[i]?.id ?? '']).flat()

  const order = (a: (number | string)[], b: (number | string)[]) => {
    for (let i = 0; i < a.length; i++) {
      const [x, y] = [a[i] as number, b[i] as number]
      if (x !== y) return x < y ? -1 : 1
    }
    return 0
  }

  const must = (stage: Stage, st: Stitch, m: Model) => {
    const rule = stage.stitchMust
    if (!rule) return true
    if (rule.avoid?.some((a) => st.attributes?.includes(a))) return false
    if (rule.motions && !rule.motions.includes(st.motion)) return false
    if (rule.minWidth === undefined) return true
    const sc = m.scales.width
    const given = st.defaults?.width
    const caps = [st.ranges?.width?.to, m.maxWidth]
    if (sc === 'absent') caps.push(typeof given === 'number' ? given : typeof given === 'object' ? given.to : undefined)
    else if (sc) caps.push(...[sc.to, Math.max(...scalePlaces(sc))])
    return caps.every((cap) => cap === undefined || cap >= (rule.minWidth as number) - eps)
  }

  const feet = (stage: Stage, m: Model, st: Stitch, H: Set<Id>) => {
    const all = bundle.items.filter((it) => it.what === 'foot')
    const codes = st.foot === undefined ? [] : [st.foot].flat()
    /** Place in the book's list, behind it all where it is none of them. */
    const named = (it: Item) => (it.make === m.make && codes.includes(it.code) ? codes.indexOf(it.code) : NOT_NAMED)
    type Pick = { foot: Item | undefined; rank: number; named: number; trade?: string | undefined }
    const picks: Pick[] = []
    if (stage.feet === 'none') picks.push({ foot: undefined, rank: 0, named: NOT_NAMED })
    else if (stage.feet === 'any') {
      for (const it of all) {
        if (H.has(it.id) && (named(it) < NOT_NAMED || it.functions?.includes('standard')))
          picks.push({ foot: it, rank: 0, named: named(it) })
      }
      const supplied = [...open(m.supplied)].map(item)
      if (!st.foot && !supplied.some((it) => it.what === 'foot' && it.functions?.includes('standard'))) {
        picks.push({ foot: undefined, rank: 1, named: NOT_NAMED })
      }
    } else {
      stage.feet.forEach((as, rank) => {
        if (!isTrue(as.when, m)) return
        for (const it of all) {
          if (H.has(it.id) && it.functions?.includes(as.function))
            picks.push({ foot: it, rank, named: named(it), trade: as.tradeOff })
        }
      })
    }
    return picks
  }

  /** Adds needed things, accessories by function, and what brings a missing feature; every combination that is had. */
  /** `base`: before features. `met`: the needed words in force. `turns`: which of a need's words, in their order. */
  type Equipped = { items: Item[]; base: Item[]; met: string[]; turns: number[] }
  const equipped = (stage: Stage, m: Model, st: Stitch, start: Item[], H: Set<Id>): Equipped[] => {
    const grow = (items: Item[], more: Item[]): Item[] | undefined => {
      const all = [...items]
      const queue = [...more]
      while (queue.length) {
        const it = queue.shift() as Item
        if (all.includes(it)) continue
        if (!H.has(it.id)) return undefined
        all.push(it)
        for (const id of it.needs?.items ?? []) {
          const f = fit(item(id), m)
          if (f.is === 'no' && !f.byRule) return undefined
          queue.push(item(id))
        }
      }
      return all
    }
    let sets = [grow([], start)].filter((s) => s !== undefined)
    for (const fn of stage.accessories ?? []) {
      sets = sets.flatMap((s) => {
        if (s.some((it) => it.what === 'accessory' && it.functions?.includes(fn))) return [s]
        return bundle.items
          .filter((it) => it.what === 'accessory' && it.functions?.includes(fn) && fit(it, m).is === 'yes')
          .map((it) => grow(s, [it]))
          .filter((g) => g !== undefined)
      })
    }
    let found: Equipped[] = sets.map((items) => ({ items, base: items, met: [], turns: [] }))
    for (const need of stage.features?.need ?? []) {
      const words = [need].flat()
      found = found.flatMap(({ items: s, base, met, turns }): Equipped[] => {
        const there = words.find(
          (word) =>
            (word === 'zeroLength' && canStandStill(m, st)) ||
            m.features.includes(word) ||
            st.brings?.includes(word) ||
            s.some((it) => it.brings?.includes(word)),
        )
        if (there !== undefined) return [{ items: s, base, met: [...met, there], turns: [...turns, 0] }]
        return words.flatMap((word, turn) =>
          bundle.items
            .filter(
              (it) =>
                (it.what === 'accessory' || it.what === 'plate') &&
                it.brings?.includes(word) &&
                fit(it, m).is === 'yes',
            )
            .map((it) => grow(s, [it]))
            .filter((g) => g !== undefined)
            .map((items) => ({ items, base, met: [...met, word], turns: [...turns, turn] })),
        )
      })
    }
    return found
  }

  const canStandStill = (m: Model, st: Stitch): boolean => {
    const sc = m.scales.length
    if (!sc || sc === 'absent' || !scalePlaces(sc).some((x) => Math.abs(x) < eps)) return false
    return !st.ranges?.length || (st.ranges.length.from <= 0 && st.ranges.length.to >= 0)
  }

  const engaged = (word: string, st: Stitch, own: Item, items: Item[], met: string[]): boolean =>
    (met.includes(word) && !own.brings?.includes(word)) ||
    !!st.brings?.includes(word) ||
    items.some((o) => o !== own && o.brings?.includes(word))

  const allowed = (stage: Stage, st: Stitch, ft: Item | undefined, items: Item[], met: string[]) => {
    if (ft?.motions && !ft.motions.includes(st.motion)) return false
    if (ft?.denies?.includes(st.function)) return false
    const opening = q.job?.buttonOpening
    const size = q.job?.button?.diameter ?? opening
    if (size !== undefined && ft?.maxButton !== undefined && size > ft.maxButton) return false
    if (ft?.dualFeedCutOut === false && engaged('dualFeed', st, ft, items, met)) return false
    const r = q.job?.radius
    if (r !== undefined && items.some((it) => it.circular && (r < it.circular.minRadius || r > it.circular.maxRadius)))
      return false
    for (const f of stage.features?.avoid ?? []) {
      if (st.brings?.includes(f) || items.some((it) => it.brings?.includes(f))) return false
    }
    for (const it of items) {
      for (const f of it.needs?.without ?? []) {
        if (engaged(f, st, it, items, met)) return false
      }
    }
    const stands: Record<string, string> = {}
    for (const s of [stage.setup, st.setup, ...items.map((it) => it.setup)]) {
      for (const [c, p] of Object.entries(s ?? {})) {
        if (stands[c] !== undefined && stands[c] !== p) return false
        stands[c] = p
      }
    }
    return true
  }

  const platesOn = (m: Model, H: Set<Id>): (Id | undefined)[] => {
    const isPlate = (id: Id) => item(id).what === 'plate' && !isCover(item(id))
    const supplied = [...open(m.supplied)].filter(isPlate)
    const listed = m.supplied.filter(isPlate)
    const ordered = [...new Set([...listed, ...supplied])].filter((id) => fit(item(id), m).is === 'yes')
    const owned = [...H].filter((id) => isPlate(id) && !supplied.includes(id) && fit(item(id), m).is === 'yes').sort()
    return [
      ...(supplied.length === 0 || ![...ordered, ...owned].some((id) => had.has(id)) ? [undefined] : []),
      ...ordered,
      ...owned,
    ]
  }

  const scalePlaces = (sc: Exclude<Model['scales']['width'], 'absent' | undefined>): number[] => {
    if (sc.step) {
      const all: number[] = []
      for (let k = 0; sc.from + k * sc.step <= sc.to + eps; k++)
        all.push(Math.round((sc.from + k * sc.step) * 1e6) / 1e6)
      return all
    }
    return (sc.marks ?? []).map((mark) => mark.value)
  }

  type Val = {
    v: unknown
    num?: number
    wanted?: number
    lo?: number
    hi?: number
    places: number[]
    least: number
    /** A person must set it. */
    set?: boolean
    /** What it must be and how far it may be off. */
    meant?: { is: number; play: number }
  }
  /** Worked out from what was measured, or from where the foot's guide stands. */
  const workedOut = (calc: string, ft: Item | undefined, size: number): { is: number; play: number } | undefined => {
    const { holeSpacing, holeDiameter, ringWire } = q.job?.measured ?? {}
    if (calc === 'holeSpacing' && holeSpacing !== undefined)
      return { is: holeSpacing, play: holeDiameter === undefined ? 0.5 : Math.max(0, holeDiameter / 2 - size / 200) }
    if (calc === 'ring' && ringWire !== undefined) return { is: ringWire + 2, play: 0.5 }
    const guide = ft?.guide?.offset
    if (calc === 'quarterInch') {
      const to = ft?.guide?.kind === 'right' ? guide : ft?.edge?.right
      return to === undefined ? undefined : { is: Math.round((to - 6.35) * 1e6) / 1e6, play: 0.25 }
    }
    if (calc !== 'blindHemBite' || guide === undefined) return undefined
    const bite = biteOn(fabric)
    return { is: Math.round((Math.abs(guide) + bite) * 1e6) / 1e6, play: Math.min(bite - 0.1, 0.3) }
  }
  const biteOn = ({ behaviours, weight }: typeof fabric): number =>
    behaviours.includes('lofty') ? 1 : { light: 0.3, medium: 0.5, heavy: 0.8 }[weight]
  /** A guide that is moved takes any width it can be set to. */
  const widths = (calc: string, ft: Item | undefined): { from: number; to: number; prefer: number } | undefined => {
    const { kind, range, offset } = ft?.guide ?? {}
    if (calc !== 'blindHemBite' || kind !== 'adjustable' || !range) return undefined
    const [a, b] = [Math.abs(range.from), Math.abs(range.to)].sort((x, y) => x - y) as [number, number]
    const at = (mm: number) => Math.round((mm + biteOn(fabric)) * 1e6) / 1e6
    return { from: at(a), to: at(b), prefer: at(offset === undefined ? (a + b) / 2 : Math.abs(offset)) }
  }
  const value = (
    p: 'width' | 'needlePosition' | 'length' | 'tension',
    stage: Stage,
    st: Stitch,
    m: Model,
    ft: Item | undefined,
    size: number,
    zero = false,
  ): Val => {
    const sc = m.scales[p]
    const places = sc && sc !== 'absent' ? scalePlaces(sc) : []
    if (zero) return { v: 0, places, least: 0, set: true }
    const given = st.defaults?.[p]
    const goal = stage.targets
      .filter((t) => t.parameter === p && isTrue(t.when, m))
      .sort((a, b) => Object.keys(b.when ?? {}).length - Object.keys(a.when ?? {}).length)[0]
    const ends = (v: unknown): Partial<Val> =>
      typeof v === 'number'
        ? { num: v, lo: v, hi: v }
        : typeof v === 'object' && v
          ? { lo: (v as { from: number }).from, hi: (v as { to: number }).to }
          : {}
    if (sc === 'absent')
      return { v: goal || given !== undefined ? 'absent' : undefined, places, least: 0, ...ends(given), num: undefined }
    let v: unknown = given
    let own = true
    let least = 0
    let pref: { from: number; to: number } | undefined
    const calc = goal && typeof goal.to === 'object' && 'calc' in goal.to ? goal.to : undefined
    const spread = calc && widths(calc.calc, ft)
    const meant = calc && !spread ? workedOut(calc.calc, ft, size) : undefined
    const heeded = sc !== undefined || p !== 'tension'
    const to = !heeded ? undefined : calc ? (spread ?? (meant ? { abs: meant.is } : calc.else)) : goal?.to
    if (heeded && calc && !to) [v, own] = [undefined, false]
    if (typeof to === 'object') {
      if ('abs' in to) [v, own] = [to.abs, false]
      if ('prefer' in to) {
        least = to.from
        pref = to
        if (!(typeof given === 'number' && given >= to.from - eps && given <= to.to + eps))
          [v, own] = [to.prefer, false]
      }
      if ('plus' in to || 'times' in to || 'numbers' in to) {
        const move = (x: number) =>
          'plus' in to ? x + to.plus : 'times' in to ? x * to.times : x + to.numbers * (sc?.number ?? 1)
        const base = 'numbers' in to && (given === undefined || given === 'auto') ? sc?.normal : given
        own = false
        if (typeof base === 'number') v = Math.round(move(base) * 1e6) / 1e6
        else if (typeof base === 'object') v = { from: move(base.from), to: move(base.to) }
        else v = undefined
      }
    }
    const floor = p === 'width' ? stage.stitchMust?.minWidth : undefined
    if (floor !== undefined && typeof v === 'number' && v < floor - eps) [v, own] = [floor, false]
    if (v === undefined) return { v: goal ? 'unstated' : undefined, places, least }
    const r = st.ranges?.[p]
    const low = Math.max(r?.from ?? -Infinity, sc?.from ?? -Infinity)
    const high = Math.min(r?.to ?? Infinity, sc?.to ?? Infinity, p === 'width' ? (m.maxWidth ?? Infinity) : Infinity)
    const held = (x: number) => Math.max(Math.min(x, high), Math.min(low, high))
    if (own || typeof v === 'string')
      return { v, ...ends(v), ...(typeof v === 'number' ? { wanted: v } : {}), places, least }
    if (typeof v === 'object') {
      const { from, to: most } = v as { from: number; to: number }
      const range = { from: held(from), to: held(most) }
      return { v: range, ...ends(range), places, least, set: true }
    }
    const asked = v as number
    const wanted = held(asked)
    const above = p === 'length' && Math.abs(asked) > eps
    const open = places.filter((x) => !above || x > eps)
    const inside = open.filter(
      (x) =>
        x >= Math.max(low, pref?.from ?? -Infinity, floor ?? -Infinity) - eps &&
        x <= Math.min(high, pref?.to ?? Infinity) + eps,
    )
    const from = inside.length ? inside : open
    let best = from.length ? (from[0] as number) : wanted
    for (const x of from) {
      const nearer = Math.abs(best - wanted) - Math.abs(x - wanted)
      if (nearer > eps || (p === 'length' && nearer > -eps)) best = x
    }
    return { v: best, num: best, lo: best, hi: best, wanted, places, least, set: true, ...(meant ? { meant } : {}) }
  }

  const clear = (
    stage: Stage,
    st: Stitch,
    m: Model,
    ft: Item | undefined,
    named: boolean,
    items: Item[],
    plate: Item | undefined,
  ) => {
    const swing = st.swing ?? bundle.functions.find((f) => f.id === st.function)?.swing ?? 'none'
    const size = Math.min(q.job?.needleSize ?? fabric.needle.size, m.needle?.maxSize ?? Infinity)
    const w = value('width', stage, st, m, ft, size)
    const p = value('needlePosition', stage, st, m, ft, size)
    if (w.meant && Math.abs((w.num as number) - w.meant.is) > w.meant.play + eps) return undefined
    const margin = size / 200 + 0.2
    const known = w.lo !== undefined
    const wide = w.hi ?? st.ranges?.width?.to ?? m.maxWidth ?? w.lo ?? st.ranges?.width?.from ?? 0
    const thin = w.lo ?? st.ranges?.width?.from ?? 0
    const widestKnown = w.hi ?? st.ranges?.width?.to ?? m.maxWidth
    const ps = p.lo === undefined ? [0] : [p.lo, p.hi as number]
    const hits = (thinW: number, wideW: number, widest: number | undefined, positions: number[]) => {
      const trust = named && !known && swing !== 'none'
      const none = swing === 'none'
      if (ft && !trust) {
        if (ft.minWidth !== undefined && (none ? 0 : thinW) < ft.minWidth - eps) return true
        if (ft.maxWidth !== undefined && widest !== undefined && (none ? 0 : widest) > ft.maxWidth + eps) return true
      }
      for (const at of positions) {
        const span = (x: number): [number, number] =>
          swing === 'centred'
            ? [at - x / 2, at + x / 2]
            : swing === 'left'
              ? [at - x, at]
              : swing === 'right'
                ? [at, at + x]
                : [at, at]
        const outside = ([a, b]: [number, number], l: number, r: number) => a < l - eps || b > r + eps
        const edges = (it: Item): [number, number] =>
          typeof it.slot === 'number' ? [-it.slot / 2, it.slot / 2] : [it.slot?.left ?? -1e9, it.slot?.right ?? 1e9]
        if (ft?.slot !== undefined && outside(span(trust ? 0 : wideW), edges(ft)[0] + margin, edges(ft)[1] - margin))
          return true
        for (const pl of [plate, ...items.filter(isCover)]) {
          if (pl?.slot !== undefined && outside(span(wideW), edges(pl)[0] + margin, edges(pl)[1] - margin)) return true
        }
        const travel =
          m.needleTravel ?? (m.maxWidth === undefined ? undefined : { from: -m.maxWidth / 2, to: m.maxWidth / 2 })
        if (travel && outside(span(wideW), travel.from, travel.to)) return true
      }
      return false
    }
    const early: object[] = []
    if (ft ? ft.slot === undefined : stage.feet !== 'none')
      early.push({ code: 'slotUnknown', what: 'foot', ...(ft ? { item: ft.id } : {}) })
    if (plate?.slot === undefined)
      early.push({ code: 'slotUnknown', what: 'plate', ...(plate ? { item: plate.id } : {}) })
    if (widestKnown === undefined && swing !== 'none') early.push({ code: 'widthUnknown' })
    const unscaled = (parameter: 'width' | 'needlePosition', at: Val) =>
      at.set && m.scales[parameter] === undefined ? [{ code: 'scaleUnknown', parameter }] : []
    const told = {
      cautions: [...early, ...unscaled('width', w)],
      late: unscaled('needlePosition', p),
    }
    if (!hits(thin, wide, widestKnown, ps)) return { narrowed: false, values: { width: w.v, position: p.v }, ...told }
    if (w.meant) return undefined
    let best: { loss: number; w: number | undefined; p: number | undefined } | undefined
    const wFloor = Math.max(
      ((w.wanted ?? w.num ?? 0) * 2) / 3,
      stage.stitchMust?.minWidth ?? 0,
      w.least,
      ft?.minWidth ?? 0,
      st.ranges?.width?.from ?? 0,
    )
    const w0 = w.wanted ?? w.num ?? 0
    const p0 = p.wanted ?? p.num ?? 0
    const tryW =
      w.num === undefined || swing === 'none'
        ? [undefined]
        : [w.num, ...w.places.filter((x) => x >= wFloor - eps && x <= w0 + eps)]
    const between = (x: number) =>
      p0 > 0 ? x >= (p0 * 2) / 3 - eps && x <= p0 + eps : x <= (p0 * 2) / 3 + eps && x >= p0 - eps
    const tryP = p.num === undefined ? [undefined] : [p.num, ...p.places.filter(between)]
    for (const cw of tryW) {
      for (const cp of tryP) {
        if (hits(cw ?? thin, cw ?? wide, cw ?? widestKnown, cp === undefined ? ps : [cp])) continue
        const lose = (c: number | undefined, from: number) =>
          c === undefined || !from ? 0 : Math.max(0, 1 - Math.abs(c) / Math.abs(from))
        const loss = lose(cw, w0) + lose(cp, p0)
        if (!best || loss < best.loss - eps || (loss < best.loss + eps && (cw ?? 0) > (best.w ?? 0) + eps))
          best = { loss, w: cw, p: cp }
      }
    }
    return best && { narrowed: true, values: { width: best.w ?? w.v, position: best.p ?? p.v }, ...told }
  }

  // ── purchases ──
  const subsets = function* (ids: Id[], size: number, start = 0, taken: Id[] = []): Generator<Id[]> {
    if (taken.length === size) yield taken
    else for (let i = start; i < ids.length; i++) yield* subsets(ids, size, i + 1, [...taken, ids[i] as Id])
  }
  const buyable = bundle.items
    .map((it) => it.id)
    .filter((id) => !had.has(id))
    .sort()
  const judge = (method: Method): { toGet: Id[]; ways: Way[]; key: (number | string)[] } | undefined => {
    for (let size = 0; size <= Math.min(buyable.length, 5); size++) {
      let best: { toGet: Id[]; ways: Way[]; key: (number | string)[] } | undefined
      for (const toGet of subsets(buyable, size)) {
        const H = new Set([...had, ...open(toGet)])
        const chosen: Way[] = []
        for (const stage of method.stages) {
          const first = ways(stage, method, H)[0]
          if (!first) break
          chosen.push(first)
        }
        if (chosen.length < method.stages.length) continue
        const idle = toGet.some(
          (id) =>
            item(id).what === 'plate' &&
            !chosen.some((c) => (c.plate === id && c.plateNeeded) || c.extras.includes(id)),
        )
        if (idle) continue
        const prices = toGet.map((id) => item(id).price)
        const price = prices.includes(undefined) ? 1e12 : prices.reduce<number>((a, b) => a + (b as number), 0)
        const key = [
          chosen.filter((c) => c.trade).length,
          ...chosen.flatMap((c) => c.key.slice(1, 6)),
          +!toGet.every((id) => stock.has(id)),
          price,
          toGet.join('\n'),
        ]
        if (!best || order(key, best.key) < 0) best = { toGet, ways: chosen, key }
      }
      if (best) return best
    }
    return undefined
  }
  /** A stage's ways if everything were had. */
  const allWays = (method: Method, stage: Stage): Way[] => {
    const everything = new Set(bundle.items.map((it) => it.id))
    const askedFor = method.stages.flatMap((one) =>
      typeof one.feet === 'string' ? [] : one.feet.map((f) => f.function),
    )
    const someAsk = bundle.items
      .filter((it) => it.what === 'foot' && it.functions?.some((f) => askedFor.includes(f)))
      .flatMap((it) => it.needs?.plates ?? [])
    const plates = new Set([...had, ...(method.stages.length > 1 ? someAsk : [])])
    return ways(stage, method, everything, plates)
  }
  /** The other pairs: what is had then first, each by its way with least to get; the rest as they would come. */
  const alternativesOf = (method: Method, at: number, chosen: Way, toGet: Id[]) => {
    const stage = method.stages[at] as Stage
    const got = open(toGet)
    const missing = (way: Way) => way.need.filter((id) => !got.has(id)).length
    const pairOf = (way: Way) => `${way.model}/${way.stitch}/${way.foot ?? ''}`
    const best = new Map<string, Way>()
    for (const way of allWays(method, stage)) {
      const known = best.get(pairOf(way))
      if (!known || missing(way) < missing(known)) best.set(pairOf(way), way)
    }
    best.delete(pairOf(chosen))
    const offered = [...best.values()].filter(
      (way) => stage.feet !== 'any' || way.named || way.foot === undefined || missing(way) === 0 || had.has(way.foot),
    )
    return [...offered.filter((way) => missing(way) === 0), ...offered.filter((way) => missing(way) > 0)].map((way) => {
      const { model, stitch, foot, need } = way
      return { model, stitch, foot, toGet: [...need].sort(), ...weighed(way, chosen) }
    })
  }
  /** What speaks for the other and against it, place by place of the key; smaller is better. */
  const weighed = (other: Way, chosen: Way): { better: string[]; worse: string[] } => {
    const better: string[] = []
    const worse: string[] = []
    const weigh = (at: number, wins: string, loses: string) => {
      const [a, b] = [other.key[at] as number, chosen.key[at] as number]
      if (a !== b) (a < b ? better : worse).push(a < b ? wins : loses)
    }
    if (other.need.length) worse.push('wouldNeed')
    else if (chosen.need.length) better.push('nothingToGet')
    if (chosen.trade && !other.trade) better.push('noTradeOff')
    for (const of of [0, 1]) {
      const lost = other.lost[of]
      if (lost !== undefined && lost !== chosen.lost[of]) worse.push('tradeOff')
      else weigh(2 + of, 'preferredFunction', 'lessPreferredFunction')
    }
    if (other.key[1] !== chosen.key[1]) worse.push('otherMachine')
    weigh(4, 'slotStated', 'slotUnknown')
    weigh(5, 'fullWidth', 'isNarrowed')
    const stitch = machines.find((m) => m.id === other.model)?.stitches.find((st) => st.id === other.stitch)
    // A book that names no foot names no other.
    if (stitch?.foot?.length || (other.key[6] as number) < (chosen.key[6] as number))
      weigh(6, 'bookNamesIt', 'bookNamesAnother')
    weigh(7, 'shorterChain', 'longerChain')
    weigh(8, 'strongerEvidence', 'weakerEvidence')
    return { better, worse }
  }
  const toldOf = (method: Method, stage: Stage, chosen: Way): string[] => {
    const m = machines.find((one) => one.id === chosen.model) as Model
    const told: string[] = []
    const ft = chosen.foot === undefined ? undefined : item(chosen.foot)
    const slot = typeof ft?.slot === 'object' ? ft.slot.right - ft.slot.left : (ft?.slot ?? Infinity)
    if (ft && m.maxWidth !== undefined && Math.min(slot, ft.maxWidth ?? Infinity) < m.maxWidth) told.push('limitsSwing')
    const onIt = m.supplied.map(item).find((it) => it.what === 'plate' && !isCover(it))
    if (chosen.plate !== undefined && chosen.plate !== onIt?.id) told.push('changePlate')
    told.push(...chosen.lost.filter((lost) => lost !== undefined).map(() => 'tradeOff'))
    const all = allWays(method, stage)
    const kinds = machines.filter((one) => stage.kinds.includes(one.kind))
    for (const at of [2, 3]) {
      const list = at === 2 ? stage.stitches : Array.isArray(stage.feet) ? stage.feet : []
      for (let rank = 0; rank < (chosen.key[at] as number); rank++) {
        const as = list[rank]
        if (!as || !kinds.some((one) => isTrue(as.when, one))) continue
        const ofRank = all.filter((way) => way.key[at] === rank)
        if (ofRank.length) {
          told.push(ofRank.some((way) => way.need.length === 0) ? 'betterFunctionNarrower' : 'betterFunctionNeeds')
        } else if (
          at === 2 ||
          isTried(
            stage,
            as.function,
            kinds.filter((one) => isTrue(as.when, one)),
          )
        )
          told.push('betterFunctionStopped')
      }
    }
    return told
  }
  /** Some foot of the function comes to be tried with some stitch. */
  const isTried = (stage: Stage, fn: string, on: Model[]) =>
    bundle.items.some((it) => it.what === 'foot' && it.functions?.includes(fn)) &&
    on.some((m) =>
      m.stitches.some(
        (st) => must(stage, st, m) && stage.stitches.some((as) => as.function === st.function && isTrue(as.when, m)),
      ),
    )

  const technique = bundle.techniques.find((t) => t.id === q.technique) as Bundle['techniques'][number]
  const applicable = technique.methods.filter((mt) =>
    q.method ? mt.id === q.method : isTrue(mt.when, machines[0] as Model),
  )
  const results = applicable.map((method) => {
    const best = judge(method)
    const trades = best ? best.ways.filter((w) => w.trade).length : 0
    const verdict: Verdict = !best
      ? 'notOnThisModel'
      : best.toGet.length
        ? 'needsItems'
        : trades
          ? 'otherRoute'
          : 'ready'
    return { method, best, trades, verdict }
  })
  const needing = results.filter((r) => r.verdict === 'needsItems')
  needing.sort((a, b) => (a.best?.toGet.length ?? 0) - (b.best?.toGet.length ?? 0) || a.trades - b.trades)
  const taken =
    results.find((r) => r.verdict === 'ready') ?? results.find((r) => r.verdict === 'otherRoute') ?? needing[0]
  const methods = technique.methods
    .filter((method) => method !== taken?.method && (!q.method || method.id === q.method))
    .map(({ id }) => {
      const result = results.find(({ method }) => method.id === id)
      return { method: id, verdict: result?.verdict ?? 'notOnThisModel', toGet: result?.best?.toGet ?? [] }
    })
  if (!taken?.best) return { verdict: 'notOnThisModel', method: undefined, toGet: [], stages: [], methods }
  return {
    verdict: taken.verdict === 'ready' && taken !== results[0] ? 'otherRoute' : taken.verdict,
    method: taken.method.id,
    toGet: taken.best.toGet,
    methods,
    stages: taken.best.ways.map((chosen, i) => {
      const { key: _, trade: __, lost: ___, plateNeeded: ____, need: _____, named: ______, ...way } = chosen
      return {
        ...way,
        told: toldOf(taken.method, taken.method.stages[i] as Stage, chosen),
        alternatives: alternativesOf(taken.method, i, chosen, taken.best?.toGet ?? []),
      }
    }),
  }
}
