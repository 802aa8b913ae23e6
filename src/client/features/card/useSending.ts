/** A card's settings sent to the simulated machine, and what it shows then. */
import { ref, watch } from 'vue'
import type { Card } from '#core/card/card'
import type { Parameter, Positions, Scale } from '#core/catalogue/types'
import { NOTHING, valuePosition } from '#core/changeover/positions'
import type { MachineShown } from '#shared/api/practice'
import { speech } from '#shared/messages/en'
import { valueWord } from '#shared/messages/positions'
import { controlWord, list } from '#shared/messages/words'

import { call, get, problemText } from '../../api/client'

/**
 * Stitch and values go over; what hands fit and move stays as it is. A machine that stood for another model starts from
 * normal sewing.
 */
export const useSending = (card: () => Card, at: () => number) => {
  const shows = ref('')
  watch([card, at], () => (shows.value = ''))

  const send = async () => {
    const { stages, technique, fabric, names } = card()
    const stage = stages[at()]
    if (!stage) return
    const { answer, changeover } = stage
    try {
      const before = await get('/api/practice/machine')
      const same = before.machine?.model === answer.model ? before.machine : undefined
      const settings = Object.entries(answer.settings).flatMap(([parameter, setting]) =>
        setting && setting.value !== 'absent' && setting.value !== 'unstated'
          ? [[parameter, { value: setting.value }] as const]
          : [],
      )
      const positions: Positions = {
        ...(same?.positions ?? changeover.from),
        stitch: answer.stitch,
        ...Object.fromEntries(settings.map(([parameter, { value }]) => [parameter, valuePosition(value)])),
      }
      const figures = settings.flatMap(([parameter, { value }]): [Parameter, number][] =>
        typeof value === 'number' ? [[parameter as Parameter, value]] : [],
      )
      const sent: MachineShown = {
        model: answer.model,
        technique: technique.id,
        stage: stage.stage,
        fabric: fabric.id,
        positions,
        values: { ...same?.values, ...Object.fromEntries(figures) },
        due: same?.due ?? [],
      }
      await call('PUT', '/api/practice/machine', sent)
      const read = await get('/api/practice/machine')
      const shown = read.machine?.positions ?? {}
      const say = speech(names)
      const scales = new Map<string, Scale | 'absent' | undefined>(
        [...stage.changes, ...stage.unchanged].map(({ parameter, scale }) => [parameter, scale]),
      )
      const values = settings.map(([parameter]) => {
        const at = valueWord(shown[parameter] ?? NOTHING, parameter as Parameter, scales.get(parameter), shown)
        return `${controlWord(parameter)} ${at}`
      })
      shows.value =
        `Sent. It shows ${list([say.stitch(answer.model, shown['stitch'] ?? ''), ...values])}. ` +
        'Foot, needle and levers are set by hand.'
    } catch (error) {
      shows.value = problemText(error)
    }
  }
  return { send, shows }
}
