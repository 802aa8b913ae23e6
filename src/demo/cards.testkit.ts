/** The demo's answers and cards as tests read them: each worked out once, whichever of them asks first. */
import { explain } from '#core/answer/explain'
import { fitLookup } from '#core/answer/fit'
import type { Answer, Question } from '#core/answer/types'
import { cardOf, type Card } from '#core/card/card'
import { indexCatalogue } from '#core/catalogue/index'
import type { Bundle } from '#core/catalogue/types'
import { demoBundle } from './bundle'
import { withOtherMachines } from './otherMachines.testkit'

const answeredOnce = (bundle: Bundle) => {
  const index = indexCatalogue(bundle)
  const answering = { index, fitOf: fitLookup(index) }
  const answers = new Map<string, Answer>()
  const cards = new Map<string, Card>()
  const answerTo = (question: Question): Answer => {
    const key = JSON.stringify(question)
    const answer = answers.get(key) ?? explain(answering, question)
    answers.set(key, answer)
    return answer
  }
  const cardFor = (question: Question): Card => {
    const key = JSON.stringify(question)
    const card = cards.get(key) ?? cardOf(index, question, answerTo(question))
    cards.set(key, card)
    return card
  }
  return { bundle, index, answering, answerTo, cardFor }
}

export const demo = answeredOnce(demoBundle())
/** With machines that the demo's techniques were not written for. */
export const demoAndOthers = answeredOnce(withOtherMachines(demoBundle()))

const FABRICS = ['cotton-shirting', 'stretch-jersey', 'denim']

/** Every method on every machine, in a cloth each for wovens, knits and thick layers. */
export const methodsOnMachines: (Question & { method: string })[] = demoAndOthers.bundle.techniques.flatMap(
  ({ id: technique, methods }) =>
    demoAndOthers.bundle.models.flatMap(({ id: model }) =>
      FABRICS.flatMap((fabric) => methods.map(({ id: method }) => ({ technique, model, fabric, method }))),
    ),
)
