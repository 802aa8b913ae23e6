/**
 * What is filled in for a sample: begun as the card says, kept over a reload, read as the machine's scales are read.
 */
import { useSessionStorage } from '@vueuse/core'
import { computed, watch, type Ref } from 'vue'
import type { Card, CardStage } from '#core/card/card'
import type { CardSketch } from '#core/card/sketch'
import type { Parameter, Sample, Scale } from '#core/catalogue/types'
import type { SampleWrite } from '#shared/api/samples'
import { readShown, shownText } from '#core/answer/readShown'
import { shownFaultText } from '#shared/messages/values'
import { measuresFor } from '#shared/messages/samples'
import { parameterWord } from '#shared/messages/words'
import type { Picked } from '../../state/picks'

export interface SampleDraft {
  used: Record<string, string>
  measured: Record<string, string>
  layers: string
  needle: string
  fault: string
  note: string
}
const empty = (): SampleDraft => ({ used: {}, measured: {}, layers: '', needle: '', fault: '', note: '' })
/** A whole number above 0, or nothing: then it is the card's. */
const isCount = (text: string): boolean => /^\s*([1-9]\d{0,2})?\s*$/.test(text)

/** `set`: values handed over in the address. */
export const useSampleDraft = (picked: Ref<Picked>, stage: Ref<CardStage | undefined>, set: () => unknown) => {
  /** Kept over a reload, for the cell it was begun for. */
  const cell = computed(() => JSON.stringify([picked.value, stage.value?.stage, set()]))
  const drafts = useSessionStorage<Record<string, SampleDraft>>('handhold.sample', {})
  const nothing = empty()
  const draft = computed(() => drafts.value[cell.value] ?? nothing)
  watch(cell, (key) => (drafts.value = { ...drafts.value, [key]: drafts.value[key] ?? empty() }), { immediate: true })

  const scaleOf = (parameter: Parameter): Scale | undefined => {
    const scale = values.value.find((one) => one.parameter === parameter)?.scale
    return scale === 'absent' ? undefined : scale
  }
  const values = computed(() =>
    [...(stage.value?.changes ?? []), ...(stage.value?.unchanged ?? [])].filter(
      ({ setting }) => setting.value !== 'absent',
    ),
  )
  const number = (value: unknown) => (typeof value === 'number' ? value : undefined)
  /** Handed over by the workbench: `width:2.8,length:2`. */
  const handed = computed(() =>
    Object.fromEntries(
      String(set() ?? '')
        .split(',')
        .map((part): [string, number] => [
          part.slice(0, part.lastIndexOf(':')),
          Number(part.slice(part.lastIndexOf(':') + 1) || NaN),
        ]),
    ),
  )
  const startOf = (parameter: Parameter) => {
    const value = handed.value[parameter]
    if (value !== undefined && Number.isFinite(value)) return shownText(value, scaleOf(parameter))
    return shownText(number(values.value.find((one) => one.parameter === parameter)?.setting.value), scaleOf(parameter))
  }
  const textOf = (parameter: Parameter) => draft.value.used[parameter] ?? startOf(parameter)
  const reads = computed(
    () =>
      new Map(
        values.value.map(({ parameter }) => [parameter, readShown(textOf(parameter), parameter, scaleOf(parameter))]),
      ),
  )
  const faultOf = (parameter: Parameter) => {
    const read = reads.value.get(parameter)
    return read && 'fault' in read ? shownFaultText(read.fault) : undefined
  }
  const valueOf = (parameter: Parameter): number | undefined => {
    const read = reads.value.get(parameter)
    return read && 'value' in read ? read.value : undefined
  }
  const used = computed(
    () =>
      Object.fromEntries(
        [...reads.value].flatMap(([parameter, read]) =>
          'value' in read && read.value !== undefined ? [[parameter, read.value]] : [],
        ),
      ) as Sample['used'],
  )
  const measures = computed(() => measuresFor(stage.value?.sketch?.set.function.family ?? 'other'))
  const measured = computed(() =>
    measures.value.map(([key, label]) => ({
      key,
      label,
      text: draft.value.measured[key] ?? '',
      read: readShown(draft.value.measured[key] ?? '', 'length', undefined),
    })),
  )
  const faults = computed(() => [
    ...values.value.flatMap(({ parameter }) => (faultOf(parameter) ? [parameterWord(parameter)] : [])),
    ...measured.value.flatMap(({ label, read }) => ('fault' in read ? [label] : [])),
    ...(isCount(draft.value.needle) ? [] : ['Needle']),
    ...(isCount(draft.value.layers) ? [] : ['Layers']),
  ])
  /** The stitch as it was set, against what the machine gives. */
  const sketch = computed((): CardSketch | undefined => {
    const drawn = stage.value?.sketch
    if (!drawn || faults.value.length > 0) return undefined
    const width = valueOf('width') ?? valueOf('cuttingWidth') ?? drawn.set.width
    const length = valueOf('length') ?? drawn.set.length
    if (!(length > 0) || !(width >= 0)) return undefined
    return {
      ...drawn,
      set: { ...drawn.set, width, length, needlePosition: valueOf('needlePosition') ?? drawn.set.needlePosition },
    }
  })
  const given = (parameter: Parameter) => {
    const one = values.value.find((value) => value.parameter === parameter)
    const byBook = one?.setting.default
    if (byBook === undefined) return 'the book is silent'
    return typeof byBook === 'number'
      ? `the book says ${shownText(byBook, scaleOf(parameter))}`
      : byBook === 'auto'
        ? 'machine sets it by itself'
        : `the book says ${shownText(byBook.from, scaleOf(parameter))} to ${shownText(byBook.to, scaleOf(parameter))}`
  }

  const forget = () => {
    const { [cell.value]: _, ...others } = drafts.value
    drafts.value = others
  }
  /** As it goes to the server. */
  const sampleOf = (now: Card, method: string, of: CardStage, verdict: Sample['verdict']): SampleWrite => {
    const { layers, needle, fault, note } = draft.value
    const body: SampleWrite = {
      model: of.answer.model,
      technique: now.technique.id,
      method,
      stage: of.stage,
      fabric: now.fabric.id,
      stitch: of.answer.stitch,
      used: used.value,
      verdict,
      layers: Number(layers || now.fabric.layers),
      needleSize: Number(needle || of.answer.needle.size),
      ...(now.model.id === of.answer.model && now.model.edition ? { edition: now.model.edition } : {}),
      ...(of.answer.foot ? { foot: of.answer.foot } : {}),
      ...(of.answer.threads.length > 0 ? { threads: [...new Set(of.answer.threads.map(({ thread }) => thread))] } : {}),
      ...(fault ? { fault } : {}),
      ...(note.trim() ? { note: note.trim() } : {}),
    }
    const sizes = measured.value.flatMap(({ key, read }) =>
      'value' in read && read.value !== undefined ? [[key, read.value] as const] : [],
    )
    if (sizes.length > 0) body.measured = Object.fromEntries(sizes)
    return body
  }
  return { draft, values, measured, scaleOf, textOf, faultOf, given, faults, sketch, forget, sampleOf }
}
