/** The controls of a trial's machine in groups, with what each may be put to. */
import type { Parameter } from '#core/catalogue/types'
import { ANY } from '#core/changeover/positions'
import type { Trial } from '#core/practice/trial'

export interface PanelControl {
  id: string
  /** How it is handled: a row of places, a list to choose from, a figure, one act. */
  is: 'places' | 'list' | 'figure' | 'act'
  options: string[]
  where?: string | undefined
}

export interface PanelGroup {
  name: string
  controls: PanelControl[]
}

const CLEAR = ['needleHeight', 'footLift', 'power']
const FITTED = ['needle', 'plate', 'ankle', 'adapter', 'foot', 'accessory']
const LAST = ['handwheel']

export const panelOf = (trial: Trial): PanelGroup[] => {
  const shown = Object.keys(trial.controls.controls).filter((id) => isWorth(trial, id))
  const isThread = (id: string) => id.startsWith('thread:') || id === 'bobbin'
  const isValue = (id: string) => id in trial.model.scales
  const taken = (id: string) =>
    CLEAR.includes(id) || FITTED.includes(id) || isThread(id) || isValue(id) || id === 'stitch' || LAST.includes(id)
  const group = (name: string, ids: string[]): PanelGroup => ({
    name,
    controls: ids.filter((id) => shown.includes(id)).map((id) => panelControl(trial, id)),
  })
  return [
    group('Needle, foot and power', CLEAR),
    group('Fitted', FITTED),
    group(
      'Levers',
      shown.filter((id) => !taken(id)),
    ),
    group('Thread', shown.filter(isThread)),
    group('Stitch', ['stitch', ...shown.filter(isValue)]),
    group('By hand', LAST),
  ].filter(({ controls }) => controls.length > 0)
}

/** What nothing can be put into, and nobody asks for, only stands in the way. */
const isWorth = (trial: Trial, id: string): boolean => {
  if (id in trial.goal) return optionsOf(trial, id).length > 1 || id in trial.model.scales || id === 'handwheel'
  const listed = trial.controls.controls[id]?.positions ?? []
  return !listed.includes(ANY) || id in trial.model.scales
}

const panelControl = (trial: Trial, id: string): PanelControl => {
  const where = trial.controls.controls[id]?.where
  const options = optionsOf(trial, id)
  const open = trial.controls.controls[id]?.positions.includes(ANY) === true
  const is = id in trial.model.scales ? 'figure' : LAST.includes(id) ? 'act' : open ? 'list' : 'places'
  return { id, is, options, where }
}

const optionsOf = (trial: Trial, id: string): string[] => {
  const listed = (trial.controls.controls[id]?.positions ?? []).filter((word) => word !== ANY)
  const wanted = trial.goal[id]
  const what =
    id === 'foot' || id === 'plate' || id === 'ankle' || id === 'adapter' || id === 'accessory' ? id : undefined
  const items = what ? trial.items.filter((item) => item.what === what).map((item) => item.id) : []
  const others =
    id === 'stitch'
      ? trial.stitches.map((stitch) => stitch.id)
      : id === 'needle'
        ? trial.needles
        : id.startsWith('thread:')
          ? trial.threads.map((thread) => thread.id)
          : items
  return [...new Set([...listed, ...others, ...(wanted === undefined ? [] : [wanted])])]
}

/** A value's scale: where it goes and in what steps; undefined for one that is nowhere stated. */
export const scaleFor = (trial: Trial, parameter: string) => {
  const scale = trial.model.scales[parameter as Parameter]
  return scale === 'absent' ? undefined : scale
}
