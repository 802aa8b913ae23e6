/** The machine of a trial under somebody's hands: what stands how, what was done, what is to be minded. */
import { computed, ref, shallowRef } from 'vue'
import type { Parameter } from '#core/catalogue/types'
import { reviewOf, type Event } from '#core/practice/attempt'
import { doDuty, setValue, startOf, work, type MachineState, type Worked } from '#core/practice/machine'
import { sewWith, type TrialSample } from '#core/practice/sew'
import type { Trial } from '#core/practice/trial'
import { placeWord } from '#shared/messages/practice'
import { ruleText } from '#shared/messages/moves'
import { controlWord, list } from '#shared/messages/words'

/** What the machine answered to the last move. */
export interface MachineMessage {
  refused: boolean
  text: string
  /** Controls that stand in the way of a refused move, by its rules. */
  by?: string[]
}

export const useMachine = (trial: Trial, start: MachineState = startOf(trial)) => {
  const state = shallowRef(start)
  const events = ref<Event[]>([])
  const message = ref<MachineMessage>()
  const hazards = ref<string[]>([])
  const sewn = shallowRef<TrialSample>()

  const take = (control: string, to: string, worked: Worked) => {
    sewn.value = undefined
    if (!worked.done) {
      const rules = worked.forbidden.map(({ id }) => id)
      events.value.push({ event: 'refused', control, to, rules })
      const by = worked.forbidden.flatMap((rule) => ('needs' in rule ? Object.keys(rule.needs) : []))
      message.value = { refused: true, text: worked.forbidden.map(ruleText).join(' '), by }
      return
    }
    const from = state.value.positions[control] ?? ''
    if (from === to) return
    state.value = worked.state
    events.value.push({ event: 'moved', control, from, to, hazards: worked.hazards, reset: worked.reset })
    hazards.value = worked.hazards.filter((hazard) => !isMinded(hazard))
    const reset = Object.keys(worked.reset)
      .filter((id) => id !== 'handwheel')
      .map((id) => `${controlWord(id)} to ${placeWord(trial, id, worked.reset[id] ?? '')}`)
    const takenBack = reset.length > 0 ? ` That took back ${list(reset)}.` : ''
    message.value = {
      refused: false,
      text: `${controlWord(control)}: ${placeWord(trial, control, to)}.${takenBack}`,
    }
  }
  const isMinded = (hazard: string): boolean =>
    events.value.some((event) => event.event === 'minded' && event.hazard === hazard)

  const move = (control: string, to: string) => take(control, to, work(trial, state.value, control, to))
  const set = (parameter: Parameter, value: number) => {
    const worked = setValue(trial, state.value, parameter, value)
    take(parameter, worked.done ? (worked.state.positions[parameter] ?? '') : String(value), worked)
  }
  const mind = (hazard: string) => {
    events.value.push({ event: 'minded', hazard })
    hazards.value = hazards.value.filter((other) => other !== hazard)
  }
  const did = (duty: string) => {
    events.value.push({ event: 'did', duty })
    state.value = doDuty(state.value, duty)
    sewn.value = undefined
  }
  const sew = () => {
    sewn.value = sewWith(trial, state.value)
    events.value.push({ event: 'sewed', verdict: sewn.value.verdict, findings: sewn.value.findings })
    message.value = undefined
  }
  const again = () => {
    state.value = start
    events.value = []
    message.value = undefined
    hazards.value = []
    sewn.value = undefined
  }
  const review = computed(() => reviewOf(trial, events.value, state.value))
  return { state, events, message, hazards, sewn, move, set, mind, did, sew, again, review }
}
