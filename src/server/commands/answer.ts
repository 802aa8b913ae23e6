/** `handhold answer`: one answer a line, in the order of the questions; exits 2 where a file is not right. */
import { explain } from '#core/answer/explain'
import { fitLookup } from '#core/answer/fit'
import { checkQuestion, QuestionError } from '#core/answer/question'
import { indexCatalogue } from '#core/catalogue/index'
import { Question } from '#shared/api/answer'
import { checkShape, FileFault, readBundle, readJson } from './readBundle'

const answerFiles = (bundleFile: string, questionFile: string): string[] => {
  const index = indexCatalogue(readBundle(bundleFile))
  const given = readJson(questionFile)
  const many = Array.isArray(given)
  const questions = (many ? given : [given]).map((question, i) => {
    const at = many ? [i] : []
    const checked = checkShape(questionFile, Question, question, at)
    try {
      checkQuestion(index, checked)
    } catch (error) {
      if (!(error instanceof QuestionError)) throw error
      throw new FileFault(
        questionFile,
        error.issues.map(({ path, message }) => ({ path: [...at, ...path], message })),
      )
    }
    return checked
  })
  const answering = { index, fitOf: fitLookup(index) }
  return questions.map((question) => JSON.stringify(explain(answering, question)))
}

try {
  const [bundleFile = '', questionFile = ''] = process.argv.slice(2)
  for (const line of answerFiles(bundleFile, questionFile)) process.stdout.write(`${line}\n`)
} catch (error) {
  if (!(error instanceof FileFault)) throw error
  process.stderr.write(`${error.message}\n`)
  process.exitCode = 2
}
