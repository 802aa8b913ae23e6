/** What techniques use up beside fabric and thread. */
import type { Id, Stage, Technique } from '#core/catalogue/types'

type Material = NonNullable<Stage['materials']>[number]
const each = (what: string, amount: number, unit: string): Material => ({ what, per: 'piece', amount, unit })
const alongSeam = (what: string, amount: number): Material => ({ what, per: 'metre', amount, unit: 'm' })
const person = (what: string): Material => ({ what, per: 'seat', amount: 1, unit: 'piece' })

const MATERIALS: Record<Id, Material[]> = {
  applique: [
    each('Tear-away stabiliser, A5', 2, 'sheet'),
    each('Fusible web, A5', 1, 'sheet'),
    person('Marking pen, water-soluble'),
  ],
  buttonhole: [
    each('Tear-away stabiliser, A5', 1, 'sheet'),
    person('Marking pen, water-soluble'),
    person('Buttonhole cutter'),
  ],
  'button-sew-on': [each('Button, 18 mm, four holes', 2, 'button')],
  'blind-hem': [person('Chalk'), alongSeam('Hem tape', 1.05)],
  circles: [each('Tear-away stabiliser, A5', 2, 'sheet')],
  'decorative-borders': [each('Tear-away stabiliser, A5', 1, 'sheet')],
  elastic: [alongSeam('Elastic, 10 mm', 0.9)],
  'machine-binding': [alongSeam('Bias strip, 50 mm', 1.1), person('Clips, ten')],
  piping: [alongSeam('Piping cord, 4 mm', 1.05), alongSeam('Bias strip, 50 mm', 1.1)],
  'walking-foot-quilting': [person('Marking pen, water-soluble'), person('Basting pins, twenty')],
  zip: [each('Zip, 20 cm', 1, 'zip')],
}

/** With the materials of each technique at the first stage of each of its methods. */
export const withMaterials = (techniques: readonly Technique[]): Technique[] =>
  techniques.map((technique) => {
    const materials = MATERIALS[technique.id]
    if (!materials) return technique
    const methods = technique.methods.map((method) => ({
      ...method,
      stages: method.stages.map((stage, i) => (i === 0 ? { ...stage, materials } : stage)),
    }))
    return { ...technique, methods }
  })
