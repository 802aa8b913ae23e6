import type { Resource } from '#shared/api/resources'

export interface Shelf {
  path: string
  name: string
  /** The table it shows; the others are pages of their own. */
  resource?: Exclude<Resource, 'stitches' | 'samples'>
  /** What the first row of it is good for, said while it is empty. */
  empty?: string
}

/** The shelves, in the order of a day's use. */
export const shelves: readonly Shelf[] = [
  {
    path: '/shelf/models',
    name: 'Models',
    resource: 'models',
    empty: 'Add the first machine you teach or sell; its stitch chart comes from a file.',
  },
  {
    path: '/shelf/items',
    name: 'Feet and plates',
    resource: 'items',
    empty: 'Add a foot, or read a feet list from a file.',
  },
  {
    path: '/shelf/fits',
    name: 'Fit statements',
    resource: 'fits',
    empty: 'What a fit chart says, or what you tried at the bench. Where nothing is stated, fit is worked out by rule.',
  },
  { path: '/shelf/fit', name: 'Will it fit?' },
  {
    path: '/shelf/techniques',
    name: 'Techniques',
    resource: 'techniques',
    empty: 'Add the first technique you teach, or take in the ones that ship with Handhold: under Shop.',
  },
  { path: '/shelf/fabrics', name: 'Fabrics', resource: 'fabrics', empty: 'Add a fabric your customers bring.' },
  {
    path: '/shelf/functions',
    name: 'Stitch functions',
    resource: 'functions',
    empty: 'Add what stitches are for, once for all makes.',
  },
  { path: '/shelf/threads', name: 'Threads', resource: 'threads', empty: 'Add a thread you stock.' },
  { path: '/shelf/makes', name: 'Makes', resource: 'makes', empty: 'Add a make before its first machine.' },
  { path: '/shelf/history', name: 'History' },
]
