/** Whole procedures on machines of a few controls, read line by line. */
import { describe, expect, it } from 'vitest'
import { bundleOf, foot, P, Q, stage, stageAnswer, stitch, technique } from '../answer/answers.testkit'
import type { Setting, StageAnswer } from '../answer/types'
import { indexCatalogue } from '../catalogue/index'
import type { Item, Model, Stage, Stitch } from '../catalogue/types'
import { changeoverOf, type ChangeoverOptions } from '../changeover/changeover'
import { procedureOf, type ProcedureInput } from './procedure'
import { line } from './steps.testkit'

const O: Model = {
  ...P,
  id: 'o',
  kind: 'overlocker',
  features: ['looperCover'],
  scales: { length: P.scales.length ?? 'absent' },
}
const LOOSE_CASE: Item = {
  id: 'loose',
  code: 'L',
  name: 'Loose bobbin case',
  what: 'accessory',
  functions: ['bobbinCase.loose'],
}
const width: Setting = { value: 4, shown: '4.0', from: 'target', changed: true, setAgain: 'no', reasons: [] }

interface Case {
  stitch?: Partial<Stitch>
  answer?: Partial<StageAnswer>
  stage?: Partial<Stage>
  options?: ChangeoverOptions
  authored?: Partial<ProcedureInput['authored']>
  follows?: ProcedureInput['follows']
}

const procedureOn = (machine: Model, { authored, follows, options, ...more }: Case = {}) => {
  const sewn = stitch({ function: 'zigzag', ...more.stitch })
  const model: Model = { ...machine, stitches: [stitch({ id: 'straight', function: 'straight' }), sewn] }
  const one = stage({ stitches: [{ function: 'zigzag' }], ...more.stage })
  const index = indexCatalogue(
    bundleOf({ models: [model], techniques: [technique([one])], items: [foot({ id: 'k7' }), LOOSE_CASE] }),
  )
  const answer = stageAnswer({
    stage: one.id,
    model: model.id,
    stitch: sewn.id,
    function: sewn.function,
    settings: machine.kind === 'overlocker' ? {} : { width },
    ...more.answer,
  })
  const changeover = changeoverOf(index, answer, one, model, options)
  const fabric: ProcedureInput['fabric'] = { weight: 'medium', behaviours: [] }
  return procedureOf({
    index,
    answer,
    stage: one,
    model,
    fabric,
    job: undefined,
    changeover,
    authored: { prepare: [], sew: [], finish: [], ...authored },
    follows,
  })
}
const toldOn = (machine: Model, one: Case = {}) => {
  const { steps, next, back, interruptions } = procedureOn(machine, one)
  const between = Object.fromEntries(interruptions.map(({ of, steps }) => [of, steps.map(line)]))
  return { steps: steps.map(line), next: next.map(line), back: back.map(line), between }
}

const PLACES: Partial<Stitch> = {
  function: 'buttonhole',
  sequence: [
    { at: '1', does: 'left bead' },
    { at: '2', does: 'bar', until: 'wide enough' },
  ],
}
const SAFE = 'needleHeight=up, power=off !usual:offForFootNeedlePlate'
const NEEDLE = 'needle=80/universal !usual:holdNeedleByShank ?usual:tightenClamp'
const OLD_NEEDLE = 'needle=asBefore !usual:holdNeedleByShank ?usual:tightenClamp'

describe('a procedure', () => {
  it('on a computerised machine: fitted with the power off, stitch and value in one breath, proved, and back', () => {
    expect(toldOn(P)).toMatchObject({
      steps: [
        `fit: ${SAFE}→set:power-on+stitch-zigzag+width-4`,
        `fit: ${NEEDLE}`,
        'set: power=on, stitch=zigzag, width=4',
        'proof: proof bothSides handwheel=turned',
        'reset: reset altered',
      ],
      next: [],
      back: [`back: ${SAFE}→back:power-on`, `back: ${OLD_NEEDLE}`, 'back: power=on', 'back: handwheel=turned'],
    })
    const { steps } = procedureOn(P)
    expect(steps.at(-1)).toMatchObject({ bobbin: true })
    expect(steps.find(({ tells }) => tells === 'proof')).toMatchObject({ leaves: { handwheel: 'turned' }, seconds: 8 })
  })

  it('on a dial machine: everything set, and the wheel turned, before the power comes on', () => {
    expect(toldOn(Q)).toMatchObject({
      steps: [
        `fit: ${SAFE}→set:power-on`,
        `fit: ${NEEDLE}`,
        'set: stitch=zigzag, width=4',
        'set: handwheel=turned',
        'set: power=on',
        'proof: proof bothSides',
        'reset: reset altered',
      ],
      back: [
        `back: ${SAFE}→back:power-on`,
        `back: ${OLD_NEEDLE}`,
        'back: stitch=asBefore, width=asBefore',
        'back: handwheel=turned',
        'back: power=on',
      ],
    })
    expect(procedureOn(Q).steps.find(({ tells }) => tells === 'proof')).toMatchObject({ leaves: {}, seconds: 0 })
  })

  it('on an overlocker: needles out, loopers, needles last, the cover shut before the motor; a tail at the end', () => {
    const threads: StageAnswer['threads'] = [
      { place: 'upperLooper', thread: 'wool' },
      { place: 'needle', thread: 'poly' },
    ]
    const { steps, back } = toldOn(O, { answer: { threads } })
    expect(steps).toEqual([
      'fit: needleHeight=up, footLift=up, power=off !usual:offForNeedlesLoopersKnives→set:power-on',
      'fit: needle=80/universal ?usual:tightenClamp',
      'fit: thread:needle=out',
      'fit: looperCover=open',
      'fit: thread:upperLooper=wool',
      'fit: thread:needle=poly',
      'set: stitch=zigzag',
      'set: looperCover=shut',
      'set: handwheel=turned',
      'set: power=on',
      'proof: proof oneStitch',
      'reset: reset altered',
    ])
    expect(back.slice(-4)).toEqual(['back: looperCover=shut', 'back: handwheel=turned', 'back: power=on', 'back: tail'])
    expect(procedureOn(O).steps.at(-1)).not.toHaveProperty('bobbin')
  })

  it('has a technique’s own steps in their phases, a scrap before the piece, and each further piece', () => {
    const told = toldOn(P, {
      answer: { foot: 'k7', cautions: [{ code: 'noSlot' }] as never },
      stitch: { startsAt: 'nearEnd' },
      stage: { inspect: [{ side: 'right', good: 'flat' }] },
      authored: {
        prepare: [
          { text: 'Press.' },
          { text: 'Hold.', phase: 'ready' },
          { text: 'Close by.', phase: 'fit' },
          { text: 'Foot on.', after: 'foot' },
        ],
        sew: [
          { text: 'Sew.' },
          { text: 'Start.', phase: 'start' },
          { text: 'Again.', phase: 'next' },
          { text: 'Wipe.', phase: 'reset' },
          { text: 'To {pin}.' },
        ],
        finish: [{ text: 'Trim.' }],
      },
    })
    expect(told.steps.slice(0, 1)).toEqual(['prepare: “Press.”'])
    expect(told.steps.slice(3)).toEqual([
      'fit: foot=k7',
      'fit: “Foot on.”',
      'fit: “Close by.”',
      'set: power=on, stitch=zigzag, width=4',
      'ready: “Hold.”',
      'proof: proof repeat handwheel=turned',
      'proof: scrap',
      'reset: reset altered',
      'reset: “Wipe.”',
      'sew: runs',
      'sew: “Start.”',
      'sew: “Sew.”',
      'inspect: inspect',
      'finish: “Trim.”',
    ])
    expect(told.next).toEqual(['next: “Again.”', 'next: again sew:runs…inspect:right-flat'])
    const { steps } = procedureOn(P, {
      stitch: { sews: 'awayFromYou' },
      stage: { inspect: [{ side: 'right', good: 'flat' }] },
    })
    expect(steps.find(({ tells }) => tells === 'scrap')).toMatchObject({ from: 'sew:runs', to: 'inspect:right-flat' })
  })

  it('goes through a stitch’s own places with the needle up, and to the first again for the next', () => {
    const dialled = { ...Q, features: ['buttonholeDial'] }
    const told = toldOn(dialled, { stitch: PLACES })
    expect(told.steps.slice(2)).toEqual([
      'set: stitch=buttonhole, width=4',
      'set: buttonholeStep=1',
      'set: handwheel=turned',
      'set: power=on',
      'proof: proof oneStitch',
      'proof: scrap',
      'reset: reset step needleHeight=up, buttonholeStep=1',
      'reset: reset altered',
      'sew: place 1',
      'sew: place 2 needleHeight=up, buttonholeStep=2',
    ])
    expect(told.next).toEqual([
      'next: reset step needleHeight=up, buttonholeStep=1',
      'next: again sew:place-1…sew:place-2',
    ])
    expect(told.back).toContain('back: buttonholeStep=off')
    // Where it walks through them by itself there is nothing to turn.
    const itself = toldOn(P, { stitch: PLACES })
    expect(itself.steps.slice(-3)).toEqual(['reset: reset altered', 'sew: place 1', 'sew: place 2'])
    expect(itself.next).toEqual([])
  })

  it('tells the places where the technique has a step for them, else first', () => {
    const sewing = (sequence: boolean) =>
      toldOn(P, {
        stitch: PLACES,
        authored: {
          sew: [{ text: 'Mark.' }, { text: 'All around.', ...(sequence ? { sequence } : {}) }, { text: 'Cut.' }],
        },
      }).steps.slice(-4)
    expect(sewing(true)).toEqual(['sew: “Mark.”', 'sew: place 1', 'sew: place 2', 'sew: “Cut.”'])
    expect(sewing(false)).toEqual(['sew: place 2', 'sew: “Mark.”', 'sew: “All around.”', 'sew: “Cut.”'])
    const none = toldOn(P, { authored: { sew: [{ text: 'All around.', sequence: true }] } }).steps
    expect(none.at(-1)).toBe('sew: “All around.”')
  })

  it('says the lever and the pattern’s start again, before what was altered', () => {
    const sensing = { ...P, features: ['buttonSensor'] }
    const { steps, next } = toldOn(sensing, {
      answer: { features: [{ feature: 'buttonSensor' }] } as never,
      stitch: { function: 'decorative.leaf' },
      authored: { sew: [{ text: 'Sew.' }] },
    })
    const lever = 'reset lever buttonholeLever=up, buttonholeLever=downAndBack'
    expect(steps.slice(-5)).toEqual([
      'proof: scrap',
      `reset: ${lever}`,
      'reset: reset patternStart',
      'reset: reset altered',
      'sew: “Sew.”',
    ])
    expect(next).toEqual([`next: ${lever}`, 'next: reset patternStart', 'next: again sew:sew…sew:sew'])
    const drawn = toldOn(P, { stitch: { points: [] } as Partial<Stitch> })
    expect(drawn.steps).toContain('reset: reset patternStart')
  })

  it('begins with what is on the machine from the stage before, or with the other machine', () => {
    const stands = { foot: 'k7', stitch: 'zigzag', plate: 'none', needle: '?', accessory: 'loose', width: '4' }
    const [head] = procedureOn(P, { follows: 'sameMachine', options: { stands } }).steps
    expect(head).toMatchObject({ tells: 'carried', phase: 'prepare' })
    expect(head?.tells === 'carried' && head.positions.map(({ control, to }) => `${control}=${to}`)).toEqual([
      'foot=k7',
      'accessory=loose',
      'stitch=zigzag',
    ])
    expect(toldOn(P, { follows: 'sameMachine', options: { stands: {} } }).steps[0]).toMatch(/^fit/)
    expect(procedureOn(P, { follows: 'otherMachine' }).steps[0]).toMatchObject({ tells: 'machine', model: 'p' })
  })

  it('without a safe way tells what is done before it, and nothing that follows', () => {
    const bound: Model = {
      ...P,
      controls: {
        controls: { knife: { positions: ['up', 'down'], seconds: 1, habit: 1 } },
        rules: [
          { id: 'never', for: { control: 'needle' }, needs: { knife: ['down'] }, because: 'blade' },
          { id: 'nor', for: { control: 'knife' }, needs: { needle: ['none'] }, because: 'blade' },
        ],
        normal: { knife: 'up' },
      },
    } as never
    const told = toldOn(bound, { authored: { prepare: [{ text: 'Press.' }], sew: [{ text: 'Sew.' }] } })
    expect(told.steps).toHaveLength(2)
    expect(told.steps[0]).toBe('prepare: “Press.”')
    expect(told.steps[1]).toMatch(/^fit: (blocked|look)/)
    expect(told).toMatchObject({ next: [], back: [], between: {} })
  })
})

describe('what comes in between', () => {
  const between = (machine: Model, one: Case = {}) => toldOn(machine, one).between
  const again = 'interruption: again set:power-on+stitch-zigzag+width-4…proof:proof'

  it('comes back to what was set, set again where the machine forgets it', () => {
    expect(between(P)).toEqual({
      bobbin: [
        `interruption: ${SAFE}→interruption:bobbin-power-on`,
        'interruption: bobbin=full',
        'interruption: power=on',
        again,
      ],
      // The needle is up, wherever it was when the thread broke, and stands still; the foot is up: the discs are open.
      thread: [
        'interruption: needleHeight=up, footLift=up, power=off ' +
          '!usual:offForFootNeedlePlate→interruption:thread-power-on',
        'interruption: thread:needle=asBefore',
        'interruption: power=on',
        again,
      ],
      needle: [
        'interruption: needleHeight=up, footLift=up, power=off !usual:findEveryPiece ' +
          '!usual:offForFootNeedlePlate→interruption:needle-power-on',
        `interruption: ${NEEDLE}`,
        'interruption: thread:needle=asBefore',
        'interruption: power=on',
        again,
      ],
      switchedOff: ['interruption: power=on', again],
    })
  })

  it('on a dial machine forgets nothing, and the wheel is turned before the power', () => {
    const { needle, bobbin, ...others } = between(Q)
    expect(Object.keys(others)).toEqual(['thread'])
    expect(needle?.slice(-3)).toEqual([
      'interruption: handwheel=turned',
      'interruption: power=on',
      'interruption: again proof:proof…proof:proof',
    ])
    expect(bobbin?.slice(1, 3)).toEqual(['interruption: bobbin=full', 'interruption: power=on'])
  })

  it('a thick thread’s bobbin is told by its thread, with what the technique says of it', () => {
    const spring = { text: 'Leave it out of the spring.', after: 'thread:bobbin' }
    const case_ = { text: 'Draw it under the spring of the case.', before: 'accessory' }
    const other = { text: 'Push the holder shut.', before: 'foot' }
    const thick = { answer: { threads: [{ place: 'bobbin', thread: 'perle' }] } } as const
    const told = (accessories: string[]) =>
      between(P, {
        answer: { ...thick.answer, threads: [...thick.answer.threads], accessories },
        authored: { sew: [spring, case_, other] },
      }).bobbin?.slice(1, -1)
    expect(told([])).toEqual([
      'interruption: thread:bobbin=perle',
      `interruption: “${spring.text}”`,
      'interruption: power=on',
    ])
    expect(told(['loose'])).toEqual([
      'interruption: thread:bobbin=perle',
      `interruption: “${spring.text}”`,
      `interruption: “${case_.text}”`,
      'interruption: power=on',
    ])
  })

  it('a pattern is begun anew', () => {
    for (const steps of Object.values(between(P, { stitch: PLACES })))
      expect(steps.at(-1)).toBe('interruption: anew pattern')
  })

  it('where something fitted is in the way the piece is begun anew', () => {
    const covering = (allowed: string): Model =>
      ({
        ...P,
        controls: {
          rules: [{ id: 'under', for: { control: 'bobbin' }, needs: { foot: [allowed] }, because: 'covered' }],
        },
      }) as never
    const bobbin = (allowed: string) => between(covering(allowed), { answer: { foot: 'k7' } }).bobbin
    expect(bobbin('none')).toEqual(['interruption: anew covered'])
    expect(bobbin('k7')).toContain('interruption: bobbin=full')
  })

  it('an overlocker’s loopers: threaded anew, needles last, or tied on; its cover open last and shut first', () => {
    const threads: StageAnswer['threads'] = [
      { place: 'upperLooper', thread: 'wool' },
      { place: 'needle', thread: 'poly' },
    ]
    const { looper, tyingOn } = between(O, { answer: { threads } })
    expect(looper).toEqual([
      'interruption: needleHeight=up, footLift=up, power=off ' +
        '!usual:offForNeedlesLoopersKnives→interruption:looper-power-on',
      'interruption: looperCover=open',
      'interruption: thread:needle=out',
      'interruption: thread:lowerLooper=asBefore',
      'interruption: thread:upperLooper=wool',
      'interruption: thread:needle=poly',
      'interruption: looperCover=shut',
      'interruption: handwheel=turned',
      'interruption: power=on',
      'interruption: again set:stitch-zigzag…proof:proof',
    ])
    expect(tyingOn?.slice(1, -3)).toEqual([
      'interruption: looperCover=open',
      ...['cut', 'knot', 'loopers', 'needles', 'needlesLast'].map((part) => `interruption: tyingOn ${part}`),
      'interruption: looperCover=shut',
    ])
    const third = between(O, { answer: { threads: [{ place: 'coverLooper', thread: 'wool' }, ...threads] } })
    expect(third.looper).toContain('interruption: thread:coverLooper=wool')
    const unnamed = between(O)
    expect(unnamed.looper).toEqual(looper?.map((one) => one.replace(/=(wool|poly)/, '=asBefore')))
    expect(unnamed).not.toHaveProperty('tyingOn')
    expect(unnamed).not.toHaveProperty('bobbin')
  })

  it('has names and seconds of its own', () => {
    const [needle] = procedureOn(P).interruptions.filter(({ of }) => of === 'needle')
    expect(needle?.steps[1]).toMatchObject({
      id: 'interruption:needle-needle-80-universal',
      seconds: 45,
      leaves: { needle: '80/universal' },
    })
  })
})
