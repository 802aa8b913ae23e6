/** The decided cells of one technique in one fabric, in columns: many cells in little memory. */
import type { Id, Item, Method, Model, Stitch, Technique } from '../catalogue/types'
import type { Reason } from '../answer/reasons'
import type { FitEvidence, Verdict } from '../answer/types'
import type { BriefStage, Decided, Decision } from './decide'

/** Weakest evidence first. */
const EVIDENCE: readonly FitEvidence[] = ['workedOut', 'book', 'bench']
const VERDICTS: readonly Verdict[] = ['ready', 'otherRoute', 'needsItems', 'notOnThisModel']
const OPEN = 255

export class CellRow {
  private readonly width: number
  private readonly verdicts: Uint8Array
  private readonly methods: (Method | undefined)[]
  private readonly toGet: (readonly Id[])[]
  private readonly reasons: (Reason | undefined)[]
  /** Per model as many places as the longest method has stages. */
  private readonly stitches: (Stitch | undefined)[]
  private readonly feet: (Item | undefined)[]
  private readonly evidence: Uint8Array
  private readonly proved: Uint32Array

  constructor(
    readonly technique: Technique,
    models: number,
  ) {
    this.width = Math.max(1, ...technique.methods.map(({ stages }) => stages.length))
    this.verdicts = new Uint8Array(models).fill(OPEN)
    this.methods = new Array<Method | undefined>(models).fill(undefined)
    this.toGet = new Array<readonly Id[]>(models).fill([])
    this.reasons = new Array<Reason | undefined>(models).fill(undefined)
    this.stitches = new Array<Stitch | undefined>(models * this.width).fill(undefined)
    this.feet = new Array<Item | undefined>(models * this.width).fill(undefined)
    this.evidence = new Uint8Array(models * this.width)
    this.proved = new Uint32Array(models * this.width)
  }

  isOpen(at: number): boolean {
    return this.verdicts[at] === OPEN
  }

  /** To be decided anew. */
  open(at: number): void {
    this.verdicts[at] = OPEN
  }

  put(at: number, { verdict, method, stages, toGet, reason }: Decided): void {
    this.verdicts[at] = VERDICTS.indexOf(verdict)
    this.methods[at] = method
    this.toGet[at] = toGet
    this.reasons[at] = reason
    for (let i = 0; i < stages.length; i++) {
      const { stitch, foot, evidence, proved } = stages[i] as BriefStage
      const place = at * this.width + i
      this.stitches[place] = stitch
      this.feet[place] = foot
      this.evidence[place] = EVIDENCE.indexOf(evidence)
      this.proved[place] = proved
    }
  }

  verdict(at: number): Verdict {
    return VERDICTS[this.verdicts[at] as number] as Verdict
  }

  /** A method is known no better than its least known stage; undefined where none works. */
  weakest(at: number): FitEvidence | undefined {
    const stages = this.methods[at]?.stages.length
    if (stages === undefined) return undefined
    return EVIDENCE[Math.min(...this.evidence.subarray(at * this.width, at * this.width + stages))]
  }

  /** Each stage has a good sample behind its setting. */
  isProved(at: number): boolean {
    const stages = this.methods[at]?.stages.length ?? 0
    return stages > 0 && this.proved.subarray(at * this.width, at * this.width + stages).every((samples) => samples > 0)
  }

  decision(at: number, model: Model): Decision {
    const method = this.methods[at]
    const stages = (method?.stages ?? []).map(({ id }, i) => {
      const place = at * this.width + i
      const [stitch, foot] = [this.stitches[place] as Stitch, this.feet[place]]
      return {
        stage: id,
        model: model.id,
        stitch: stitch.id,
        select: stitch.select,
        ...(foot ? { foot: foot.id } : {}),
        evidence: EVIDENCE[this.evidence[place] as number] as FitEvidence,
        proved: this.proved[place] as number,
      }
    })
    return {
      verdict: this.verdict(at),
      ...(method ? { method: method.id } : {}),
      stages,
      toGet: [...(this.toGet[at] as readonly Id[])],
      reason: this.reasons[at],
    }
  }
}
