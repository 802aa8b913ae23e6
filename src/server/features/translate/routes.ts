import { QuestionError } from '#core/answer/question'
import type { Model } from '#core/catalogue/types'
import { nameCards, nameMachines } from '#core/translate/names'
import { translateCard } from '#core/translate/translateCard'
import { translateMachine } from '#core/translate/translateMachine'
import {
  CardTranslationView,
  MachineTranslationView,
  TranslateCardQuery,
  TranslateMachineQuery,
} from '#shared/api/translate'
import { Invalid, NotFound } from '../../http/problems'
import { ANY_ROLE, route, sends } from '../../http/route'
import type { Snapshot } from '../catalogue/snapshot'

export const translateRoutes = [
  route({
    method: 'get',
    path: '/api/translate/card',
    summary: 'A card on two machines side by side: what moves across, what is lost, what becomes of the feet',
    tag: 'Cards',
    for: ANY_ROLE,
    query: TranslateCardQuery,
    result: sends<CardTranslationView>(CardTranslationView),
    refuses: [404],
    handle: async ({ query: { to, ...question }, services, revision }) => {
      const snapshot = await services.catalogue.snapshot()
      revision(snapshot.revision)
      modelIn(snapshot, to)
      const translated = answered(() => translateCard(snapshot, question, to))
      return { ...translated, names: nameCards(snapshot.index, question.technique, translated).names }
    },
  }),
  route({
    method: 'get',
    path: '/api/translate/machine',
    summary: 'A whole machine against another: stitches, reach, features, what carries over, what changes',
    tag: 'Cards',
    for: ANY_ROLE,
    query: TranslateMachineQuery,
    result: sends<MachineTranslationView>(MachineTranslationView),
    refuses: [404],
    handle: async ({ query: { model, to, fabric, owned = [] }, services, revision }) => {
      const snapshot = await services.catalogue.snapshot()
      revision(snapshot.revision)
      const [from, target] = [modelIn(snapshot, model), modelIn(snapshot, to)]
      const translated = answered(() => translateMachine(snapshot, from, target, { fabric, owned }))
      return { ...translated, names: nameMachines(snapshot.index, translated).names }
    },
  }),
]

const modelIn = ({ index }: Snapshot, id: string): Model => {
  const model = index.models.get(id)
  if (!model) throw new NotFound(`There is no model “${id}”.`)
  return model
}

const answered = <Result>(answer: () => Result): Result => {
  try {
    return answer()
  } catch (error) {
    if (error instanceof QuestionError) throw new Invalid('The question names something unknown.', error.issues)
    throw error
  }
}
