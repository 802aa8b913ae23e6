/** What the API takes and gives at an address, from its own description (`schema.ts`). */
import type { paths } from './schema'

export type Method = 'get' | 'post' | 'put' | 'delete'

/** `/api/cases/{id}` as it is asked: with any word in place of each `{…}`. */
type Asked<Path extends string> = Path extends `${infer Head}{${string}}${infer Rest}`
  ? `${Head}${string}${Asked<Rest>}`
  : Path

/** Every address that something is asked of in this way, with or without a query. */
export type Address<M extends Method> = {
  [Path in keyof paths]: paths[Path][M] extends object ? Asked<Path> | `${Asked<Path>}?${string}` : never
}[keyof paths]

/** `/api/cases/7?version=2`, or with `${string}` where something is put in, to `['', 'api', 'cases', '7']`. */
type Segments<Path extends string> = Path extends `${infer Plain}?${string}`
  ? Segments<Plain>
  : Path extends `${infer Head}/${infer Rest}`
    ? [Head, ...Segments<Rest>]
    : [Path]

/** Whether an address is one that the description has, `{id}` standing for any word. */
type Is<Given, Known> = Given extends [infer G, ...infer Gs]
  ? Known extends [infer K, ...infer Ks]
    ? K extends `{${string}}`
      ? Is<Gs, Ks>
      : G extends K
        ? Is<Gs, Ks>
        : false
    : false
  : Known extends []
    ? true
    : false

type Described = { [Path in keyof paths]: Segments<Path> }

/** The description's own name of an address; a literal one before one with a word in its place. */
type PathOf<Given extends string> = Given extends keyof paths
  ? Given
  : { [Path in keyof paths]: Is<Segments<Given>, Described[Path]> extends true ? Path : never }[keyof paths]

type Operation<M extends Method, Given extends string> = Given extends string ? paths[PathOf<Given>][M] : never

type ContentOf<Response> = Response extends { content: infer Content } ? Content[keyof Content] : undefined

export type ResultOf<M extends Method, Given extends string> =
  Operation<M, Given> extends { responses: infer Responses } ? ContentOf<Responses[keyof Responses]> : never

/** What is sent, and is not changed by it; nothing where the operation takes nothing. */
export type BodyOf<M extends Method, Given extends string> =
  Operation<M, Given> extends { requestBody: { content: { 'application/json': infer Body } } } ? Kept<Body> : undefined

type Kept<Value> = Value extends object ? { readonly [Key in keyof Value]: Kept<Value[Key]> } : Value

/** What is given with an address; nothing can be where the description has no such address, whatever it begins with. */
export type With<M extends Method, Given extends string, Rest extends unknown[]> = [Operation<M, Given>] extends [never]
  ? [noSuchAddress: never]
  : Rest

export type QueryOf<M extends Method, Given extends string> =
  Operation<M, Given> extends { parameters: { query?: infer Query } }
    ? { readonly [Name in keyof Query]?: string | undefined }
    : Record<never, never>
