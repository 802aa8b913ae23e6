/**
 * What a class uses up: fabric, thread, bobbins, needles, and what its techniques name; for every seat and some spares,
 * rounded up to how it is sold. What nobody has stated is said to be missing, never counted as nothing.
 */
import type { Thread } from '../catalogue/types'
import { holds } from '../answer/when'
import { tidy, type Mm } from '../units/quantities'
import { bobbinHolds, perMetre } from '../workbench/thread'
import { threadByRatio, THREAD_RATIOS } from '../workbench/threadRatios'
import type { StageAnswer } from '../answer/types'
import type { PlannedClass } from './plan'
import { USUAL_SPARES } from './types'

export type SupplyKind = 'fabric' | 'thread' | 'bobbin' | 'needle' | 'material'

/** How the shop sells and keeps something that classes use up. */
export interface Supply {
  what: SupplyKind
  /** Fabric or thread id, bobbin class, `point size`, or the material's name. */
  of: string
  /** How much is in one pack: mm of fabric, m of thread, pieces. */
  pack: number
  /** Of a bolt of fabric. */
  width?: Mm
  /** Minor units, one pack. */
  price?: number
  /** Packs on the shelf. */
  shelf: number
}

export interface SupplyNeed {
  what: SupplyKind
  of: string
  colour?: string
  unit: string
  /** By seat, as far as it is known; a seat that needs none is left out. */
  seats: { seat: number; amount: number }[]
  /** Seats that need more, nobody knows how much. */
  unknown: number[]
  /** Of the seats and the spares together, as far as it is known; left out where it is not known of any seat. */
  amount?: number
  /** Pieces to be cut, of fabric. */
  cuts?: { width: Mm; length: Mm; pieces: number }[]
  /** Left out where nobody has said how it is sold. */
  packs?: { of: number; need: number; shelf: number; buy: number; cost?: number }
}

interface SeatNeedsInput {
  what: SupplyKind
  of: string
  colour?: string | undefined
  unit: string
  seat: number
  /** Undefined: needed, and not known how much. */
  amount: number | undefined
  /** One serves the seat through the whole class. */
  once?: boolean
}

const ORDER: SupplyKind[] = ['fabric', 'material', 'thread', 'bobbin', 'needle']

export const suppliesOf = (planned: PlannedClass, stock: readonly Supply[]): SupplyNeed[] => {
  const { asked } = planned
  const spares = asked.spares ?? USUAL_SPARES
  const needs = asked.seats.flatMap((_, seat) => asked.techniques.flatMap((__, t) => seatNeeds(planned, seat, t)))
  const groups = new Map<string, SeatNeedsInput[]>()
  for (const need of needs) {
    const key = [need.what, need.of, need.colour ?? '', need.unit].join('\n')
    groups.set(key, [...(groups.get(key) ?? []), need])
  }
  const lines = [...groups.values()].map((group) => lineOf(group, spares, stock))
  return [...fabricLines(planned, spares, stock), ...lines].sort(
    (a, b) => ORDER.indexOf(a.what) - ORDER.indexOf(b.what),
  )
}

const seatNeeds = (planned: PlannedClass, seat: number, t: number): SeatNeedsInput[] => {
  const { asked, sewing, index } = planned
  const [sewn, taught, model] = [sewing.at(seat, t), asked.techniques[t], sewing.model(seat, t)]
  const fabric = index.fabrics.get(taught?.fabric ?? '')
  if (!sewn || !taught || !model || !fabric) return []
  const metres = taught.seam === undefined ? undefined : taught.seam / 1000
  const thickness = fabric.thickness * fabric.layers
  const { colour } = taught
  return sewn.answer.stages.flatMap((stage): SeatNeedsInput[] => {
    const stageOfMethod = sewn.method.stages.find(({ id }) => id === stage.stage)
    const at = { model: index.models.get(stage.model) ?? model, fabric, layers: fabric.layers }
    const threads = threadsOf(planned, stage, metres, thickness)
    const bobbin = at.model.bobbin && threads.find(({ place }) => place === 'bobbin')
    const held = bobbin && bobbinHolds(at.model.bobbin?.capacity ?? 0, bobbin.thread).value
    const needs: SeatNeedsInput[] = [
      {
        what: 'needle',
        of: [stage.needle.system, stage.needle.point, stage.needle.size].filter(Boolean).join(' '),
        unit: 'needle',
        seat,
        amount: 1,
        once: true,
      },
      ...threads.map(({ thread, amount }): SeatNeedsInput => ({
        what: 'thread',
        of: thread.id,
        colour,
        unit: 'm',
        seat,
        amount,
      })),
      ...(bobbin && at.model.bobbin
        ? [
            {
              what: 'bobbin' as const,
              of: at.model.bobbin.class,
              colour,
              unit: 'bobbin',
              seat,
              amount: bobbin.amount === undefined || held === undefined ? undefined : bobbin.amount / held,
            },
          ]
        : []),
      ...(stageOfMethod?.materials ?? [])
        .filter(({ when }) => holds(when, at))
        .map(({ what, per, amount, unit }): SeatNeedsInput => ({
          what: 'material',
          of: what,
          unit,
          seat,
          amount: times(amount, per === 'piece' ? (taught.piece?.pieces ?? 1) : per === 'metre' ? metres : 1),
          once: per === 'seat',
        })),
    ]
    return needs
  })
}

const times = (amount: number, count: number | undefined) => (count === undefined ? undefined : amount * count)

interface ThreadUse {
  place: string
  thread: Thread
  /** Metres; undefined where the seam is not told, or what decides it not stated. */
  amount: number | undefined
}

/** What a stage takes of each thread. A lockstitch draws as much from beneath as from above. */
const threadsOf = (
  { index }: PlannedClass,
  stage: StageAnswer,
  metres: number | undefined,
  thickness: number,
): ThreadUse[] => {
  const used = stage.threads.flatMap(({ place, thread: id }) => {
    const thread = index.threads.get(id)
    return thread ? [{ place, thread }] : []
  })
  const stitchFunction = index.functions.get(stage.function)
  const ratio = THREAD_RATIOS.find(({ stitch }) => stitch === stitchFunction?.iso4915)
  if (ratio) {
    const shared = metres === undefined ? undefined : threadByRatio(metres, ratio.ratio, ratio.needles)
    const loopers = used.filter(({ place }) => place !== 'needle').length
    return used.map(({ place, thread }) => ({
      place,
      thread,
      amount: place === 'needle' ? shared?.needles.value : shared && shared.loopers.value / loopers,
    }))
  }
  const [length, width] = [
    stage.settings.length?.value,
    stitchFunction?.swing === 'none' ? 0 : stage.settings.width?.value,
  ]
  const known = typeof length === 'number' && length > 0 && typeof width === 'number'
  const amount =
    metres === undefined || !known ? undefined : metres * perMetre(length, Math.abs(width), thickness).value
  const needle = used.find(({ place }) => place === 'needle')
  const beneath: typeof used =
    needle && !used.some(({ place }) => place === 'bobbin') ? [{ ...needle, place: 'bobbin' }] : []
  return [...used, ...beneath].map((one) => ({ ...one, amount }))
}

const lineOf = (group: readonly SeatNeedsInput[], spares: number, stock: readonly Supply[]): SupplyNeed => {
  const [{ what, of, colour, unit }] = group as [SeatNeedsInput]
  const places = [...new Set(group.map(({ seat }) => seat))]
  const unknown = places.filter((place) => group.some(({ seat, amount }) => seat === place && amount === undefined))
  const seats = places.flatMap((seat) => {
    const known = group
      .filter((one) => one.seat === seat)
      .flatMap(({ amount, once }) => (amount === undefined ? [] : [{ amount, once }]))
    // A bobbin is wound for each thread, however little of it is used.
    if (known.length === 0 && what !== 'bobbin') return []
    const sum = known.reduce((all, { amount, once }) => (once ? Math.max(all, amount) : all + amount), 0)
    return [{ seat, amount: what === 'bobbin' ? Math.max(1, Math.ceil(sum)) : tidy(sum) }]
  })
  const line = { what, of, ...(colour === undefined ? {} : { colour }), unit, seats, unknown }
  if (seats.length === 0) return line
  const most = Math.max(...seats.map(({ amount }) => amount))
  const amount = seats.reduce((sum, one) => sum + one.amount, 0) + spares * most
  return { ...line, amount: tidy(amount), ...packsFor(what, of, amount, stock) }
}

const packsFor = (
  what: SupplyKind,
  of: string,
  amount: number,
  stock: readonly Supply[],
): Pick<SupplyNeed, 'packs'> => {
  const sold = stock.find((one) => one.what === what && one.of === of)
  if (!sold) return {}
  const need = Math.ceil(amount / sold.pack - 1e-9)
  const buy = Math.max(0, need - sold.shelf)
  return {
    packs: {
      of: sold.pack,
      need,
      shelf: sold.shelf,
      buy,
      ...(sold.price === undefined ? {} : { cost: buy * sold.price }),
    },
  }
}

/** Pieces of a size lie side by side across the bolt, all turned the way that takes less of it. */
const fabricLines = ({ asked }: PlannedClass, spares: number, stock: readonly Supply[]): SupplyNeed[] => {
  const fabrics = [...new Set(asked.techniques.map(({ fabric }) => fabric))]
  const seats = asked.seats.map((_, seat) => seat)
  return fabrics.map((fabric): SupplyNeed => {
    const taught = asked.techniques.filter((one) => one.fabric === fabric)
    const cuts = taught.flatMap(({ piece }) =>
      piece
        ? [{ width: piece.width, length: piece.length, pieces: (piece.pieces ?? 1) * (asked.seats.length + spares) }]
        : [],
    )
    const bolt = stock.find((one) => one.what === 'fabric' && one.of === fabric)?.width
    const line = {
      what: 'fabric' as const,
      of: fabric,
      unit: 'mm',
      seats: [],
      unknown: taught.some(({ piece }) => !piece) ? seats : [],
      ...(cuts.length > 0 ? { cuts } : {}),
    }
    const along = bolt === undefined ? [undefined] : cuts.map((cut) => boltLength(cut, bolt))
    if (cuts.length === 0 || along.some((length) => length === undefined)) return line
    const amount = along.reduce<number>((sum, length) => sum + (length ?? 0), 0)
    return { ...line, amount, ...packsFor('fabric', fabric, amount, stock) }
  })
}

/** Length of bolt, mm, for equal pieces in rows; undefined where a piece is wider than the bolt both ways. */
const boltLength = ({ width, length, pieces }: { width: Mm; length: Mm; pieces: number }, bolt: Mm): Mm | undefined => {
  const lengths = [
    [width, length],
    [length, width],
  ].flatMap(([across, along]) => {
    const side = Math.floor(bolt / (across as number))
    return side === 0 ? [] : [Math.ceil(pieces / side) * (along as number)]
  })
  return lengths.length === 0 ? undefined : Math.min(...lengths)
}
