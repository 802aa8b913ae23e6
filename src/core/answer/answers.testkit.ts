/** Made-up machines P, Q and R of the worked cases, and short ways to build a question around them. */
import { indexCatalogue } from '../catalogue/index'
import type { Bundle, Fabric, Item, Model, Sample, Stage, Stitch, StitchFunction, Technique } from '../catalogue/types'
import { explain } from './explain'
import { fitLookup } from './fit'
import type { Answer, Question, StageAnswer } from './types'

export const functions: StitchFunction[] = [
  { id: 'straight', name: 'Straight stitch', family: 'straight', swing: 'none', iso4915: '301' },
  { id: 'zigzag', name: 'Zigzag', family: 'zigzag', swing: 'centred', iso4915: '304' },
  { id: 'blindHem.woven', name: 'Blind hem, woven', family: 'blindHem', swing: 'left', repeat: 5, swingAt: 5 },
  { id: 'blindHem.knit', name: 'Blind hem, knit', family: 'blindHem', swing: 'left', repeat: 5, swingAt: 5 },
  { id: 'serpentine', name: 'Serpentine', family: 'zigzag', swing: 'centred' },
  { id: 'satin', name: 'Satin', family: 'zigzag', swing: 'centred' },
  { id: 'overlock3.narrow', name: 'Three-thread narrow', family: 'overlock', swing: 'none', iso4915: '504' },
]

const plate = (id: string, slot: number): Item => ({ id, code: id, name: id, what: 'plate', slot })

export const plates = {
  zigzag: plate('plate-zigzag', 8.6),
  dial: plate('plate-dial', 7.6),
  wide: plate('plate-wide', 10.6),
  straight: plate('plate-straight', 1.6),
}

const base = { make: 'maker', features: [], stitches: [] }

export const P: Model = {
  ...base,
  id: 'p',
  name: 'P',
  kind: 'computerised',
  shank: 'low',
  attachment: 'snapOn',
  maxWidth: 7,
  supplied: ['plate-zigzag'],
  scales: {
    width: { shows: 'mm', from: 0, to: 7, step: 0.1, kept: false },
    length: { shows: 'mm', from: 0, to: 5, step: 0.1, kept: false },
    needlePosition: { shows: 'mm', from: -3.5, to: 3.5, step: 0.1, kept: false },
    tension: { shows: 'marks', from: 0, to: 9, step: 0.5, normal: 4, kept: false },
  },
}

const halves = [0, 1, 2, 3, 4, 5, 6]

export const Q: Model = {
  ...base,
  id: 'q',
  name: 'Q',
  kind: 'mechanical',
  shank: 'low',
  attachment: 'snapOn',
  maxWidth: 6,
  supplied: ['plate-dial'],
  scales: {
    width: {
      shows: 'marks',
      from: 0,
      to: 6,
      step: 0.5,
      marks: halves.map((value) => ({ mark: String(value), value })),
      kept: true,
    },
    length: {
      shows: 'marks',
      from: 0,
      to: 4,
      step: 0,
      kept: true,
      marks: [
        { mark: '0', value: 0 },
        { mark: '½', value: 0.5 },
        { mark: '1', value: 1 },
        { mark: '1½', value: 1.5 },
        { mark: '2', value: 2 },
        { mark: '2½', value: 2.5 },
        { mark: '3', value: 3 },
        { mark: '4', value: 4 },
      ],
    },
    needlePosition: {
      shows: 'marks',
      from: -3,
      to: 3,
      kept: true,
      marks: [
        { mark: 'left', value: -3 },
        { mark: 'centre', value: 0 },
        { mark: 'right', value: 3 },
      ],
    },
  },
}

export const R: Model = {
  ...base,
  id: 'r',
  name: 'R',
  kind: 'computerised',
  shank: 'high',
  attachment: 'snapOn',
  maxWidth: 9,
  supplied: ['plate-wide'],
  scales: {
    width: { shows: 'mm', from: 0, to: 9, step: 0.1, kept: false },
    length: { shows: 'mm', from: 0, to: 6, step: 0.1, kept: false },
    needlePosition: { shows: 'mm', from: -4.5, to: 4.5, step: 0.1, kept: false },
  },
}

export const fabric: Fabric = {
  id: 'cotton',
  name: 'Cotton',
  structure: 'woven',
  weight: 'medium',
  layers: 2,
  thickness: 0.3,
  behaviours: [],
  needle: { point: 'universal', size: 80 },
}

export const stitch = (fields: Partial<Stitch> & { function: string }): Stitch => ({
  id: fields.function,
  select: '1',
  motion: 'forward',
  ...fields,
})

export const stage = (fields: Partial<Stage>): Stage => ({
  id: 'sew',
  name: 'Sew',
  kinds: ['computerised', 'mechanical', 'straightStitch', 'overlocker'],
  stitches: [],
  feet: 'any',
  targets: [],
  steps: [],
  inspect: [],
  faults: [],
  ...fields,
})

export const foot = (fields: Partial<Item> & { id: string }): Item => ({
  make: 'maker',
  code: fields.id,
  name: fields.id,
  what: 'foot',
  attachment: 'snapOn',
  ...fields,
})

export const technique = (stages: Stage[], id = 'technique'): Technique => ({
  id,
  name: id,
  family: 'hems',
  for: '',
  level: 1,
  methods: [{ id: 'method', name: 'Method', because: '', stages }],
})

/** Of P, its zigzag `z` and the stage of `technique(…, 'hem')`. */
export const sample = (fields: Partial<Sample> = {}): Sample => ({
  id: 'sewn',
  model: 'p',
  technique: 'hem',
  method: 'method',
  stage: 'sew',
  fabric: 'cotton',
  stitch: 'z',
  used: {},
  verdict: 'good',
  on: '2026-01-05',
  by: 'M',
  ...fields,
})

export interface Scene {
  models: Model[]
  items?: Item[]
  techniques: Technique[]
  fits?: Bundle['fits']
  samples?: Bundle['samples']
  fabrics?: Fabric[]
}

export const bundleOf = (scene: Scene): Bundle => ({
  format: 'handhold-catalogue',
  version: 3,
  makes: [
    { id: 'maker', name: 'Maker' },
    { id: 'other', name: 'Other', footPattern: 'hook' },
  ],
  functions,
  threads: [],
  models: scene.models,
  items: [...Object.values(plates), ...(scene.items ?? [])],
  fits: scene.fits ?? [],
  fabrics: scene.fabrics ?? [fabric],
  techniques: scene.techniques,
  samples: scene.samples ?? [],
})

export const ask = (bundle: Bundle, question: Partial<Question> = {}): Answer => {
  const index = indexCatalogue(bundle)
  return explain(
    { index, fitOf: fitLookup(index) },
    {
      technique: bundle.techniques[0]?.id ?? '',
      model: bundle.models[0]?.id ?? '',
      fabric: bundle.fabrics[0]?.id ?? '',
      ...question,
    },
  )
}

/** A stage's answer as it would be given, sewn with a zigzag and nothing else. */
export const stageAnswer = (fields: Pick<StageAnswer, 'stage' | 'model'> & Partial<StageAnswer>): StageAnswer => ({
  stitch: 'zigzag',
  select: '1',
  function: 'zigzag',
  chain: [],
  accessories: [],
  fitEvidence: 'book',
  needle: { point: 'universal', size: 80 },
  threads: [],
  setup: {},
  features: [],
  settings: {},
  reasons: [],
  cautions: [],
  alternatives: [],
  ...fields,
})

/** The only stage of an answer that works. */
export const only = (answer: Answer): StageAnswer => {
  const [first] = answer.stages
  if (!first || answer.stages.length !== 1) throw new Error(`no single stage: ${JSON.stringify(answer)}`)
  return first
}

export const codes = (reasons: readonly { code: string }[]): string[] => reasons.map(({ code }) => code)
