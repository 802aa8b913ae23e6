/** What can change under an open page, and the stream that tells of it. */
import { z } from 'zod'

/** Everything that is asked for again as a whole when anything of it has changed. */
export const TOPICS = [
  'catalogue',
  'classes',
  'customers',
  'cases',
  'cupboard',
  'calendar',
  'settings',
  'words',
  'people',
  'outbox',
  'sharedCards',
  'practice',
  'samplePhotos',
  'machinePhotos',
  'labels',
] as const
export const Topic = z.enum(TOPICS)
export type Topic = z.infer<typeof Topic>

/** How often each topic has been written to; of the catalogue, its revision. They only grow. */
export const TopicVersions = z.record(Topic, z.int().min(0))
export type TopicVersions = z.infer<typeof TopicVersions>
