/** The documents that are written from the code, so that they cannot drift from it. */
import { z } from 'zod'
import { reasonMeanings } from '#core/answer/reasons'
import { featuresOf, learnStops } from '#core/desk/stopScore'
import { Question, Answer } from '#shared/api/answer'
import { Bundle } from '#shared/api/catalogue'
import { DANGEROUS, DANGEROUS_LATER, HARMLESS, HARMLESS_LATER } from '#shared/messages/stopLines'
import { readStopLine } from '#shared/messages/stops'
import { wireTypes } from './wireTypes'

/** Path below the project → content. */
export const writtenDocuments = async (): Promise<Record<string, string>> => ({
  'docs/catalogue.schema.json': schemaText(Bundle, 'A Handhold catalogue, version 1'),
  'docs/question.schema.json': schemaText(Question, 'A question to Handhold'),
  'docs/answer.schema.json': schemaText(Answer, 'An answer of Handhold'),
  'docs/reasons.md': reasonsText(),
  'src/client/api/schema.ts': await wireTypes(),
  'src/shared/messages/stopWeights.json': stopWeightsText(),
})

/** What tells a dangerous line from a harmless one, learnt from the lists of both. */
const stopWeightsText = (): string => {
  const known = (lines: readonly string[], isDanger: boolean) =>
    lines.map((line) => ({ features: featuresOf(readStopLine(line)), isDanger }))
  const dangerous = [...Object.values(DANGEROUS).flat(), ...DANGEROUS_LATER]
  const weights = learnStops([...known(dangerous, true), ...known([...HARMLESS, ...HARMLESS_LATER], false)])
  return `${JSON.stringify(weights, null, 0)}\n`
}

const schemaText = (schema: z.ZodType, title: string): string =>
  `${JSON.stringify({ title, ...z.toJSONSchema(schema, { target: 'draft-2020-12' }) }, null, 2)}\n`

const reasonsText = (): string =>
  [
    '# Reasons',
    '',
    'Every ground that an answer gives, as its code. The figures compared stand beside the code in the answer; their',
    'names and types are in `src/core/answer/reasons.ts`, the sentences in `src/shared/messages/en.ts`.',
    'Written by `npm run docs`.',
    '',
    '| code | says |',
    '| --- | --- |',
    ...Object.entries(reasonMeanings).map(([code, meaning]) => `| \`${code}\` | ${meaning} |`),
    '',
  ].join('\n')
