/** The steps that the card makes itself, as short imperatives, with the usual cautions at their step. */
import type { CardStep } from '#core/card/steps'
import { formatDisplay } from '#core/units/format'
import { featureWord, list, parameterWord, positionsWords } from './words'
import type { Speech } from './en'

export interface StepText {
  text: string
  check?: string | undefined
  caution?: string | undefined
  ifWrong?: string | undefined
}

export const stepText = (step: CardStep, say: Speech): StepText => {
  switch (step.step) {
    case 'authored':
      return step
    case 'stop':
      return {
        text: step.needles ? 'Needles up by the handwheel, foot up. Switch off.' : 'Needle up, foot up. Switch off.',
        caution: 'Off whenever a foot, needle or needle plate is changed.',
      }
    case 'plate':
      return { text: `Change to the ${say.item(step.item)}.`, check: 'it lies flush and clicks in' }
    case 'needle': {
      const twin = step.twin === undefined ? '' : `, ${formatDisplay(step.twin)} mm apart`
      return {
        text: `Fit a ${step.point} ${step.size} needle${twin}, fully up; tighten the clamp.`,
      }
    }
    case 'adapter':
      return { text: `Screw on ${say.item(step.item)}.`, check: 'tight with a driver, not by finger' }
    case 'foot':
      return { text: `Fit ${say.item(step.item)}.`, check: 'not back to front' }
    case 'accessory':
      return { text: `Fit ${say.item(step.item)}.` }
    case 'controls':
      return { text: `Set ${positionsWords(step.setup)}, in the order the machine’s book gives.` }
    case 'feedAid':
      return { text: FEED_AIDS[step.feature] ?? `Use ${featureWord(step.feature)}.` }
    case 'start':
      return { text: 'Switch on.' }
    case 'choose': {
      const values = step.values.map(({ parameter, shown }) => `${parameterWord(parameter).toLowerCase()} ${shown}`)
      const then = values.length > 0 ? `, then ${list(values)}` : ''
      return { text: `${step.powered ? 'Switch on. ' : ''}Choose ${step.select}${then}.` }
    }
    case 'handwheel':
      return {
        text: 'Foot off the pedal. Turn the handwheel toward you by hand through one full stitch.',
        check: 'the needle touches neither foot nor plate',
        ...(step.unknown
          ? { caution: 'Something about foot, plate or width is not stated: by hand through a whole repeat.' }
          : {}),
      }
    case 'scrap':
      return { text: 'Sew a scrap first: same fabric, same layers. Look at both sides.' }
  }
}

const FEED_AIDS: Record<string, string> = {
  dualFeed: 'Engage the built-in dual feed.',
  feedDogsDown: 'Lower the feed dogs.',
  buttonSensor: 'Use the button sensor.',
  twoThreadConverter: 'Put the two-thread converter on the upper looper.',
}
