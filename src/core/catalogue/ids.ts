/** Lasting ids, made from what people call a thing; nobody types one. */

/**
 * Lower-case words of Latin letters and digits, joined by hyphens; at most 60 characters. `otherwise` where none is
 * left.
 */
export const slug = (text: string, otherwise: string): string =>
  text
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, 60)
    .replace(/^-|-$/g, '') || otherwise

/** The slug, or the slug with the first free number behind it. */
export const freeId = (text: string, otherwise: string, taken: { has: (id: string) => boolean }): string => {
  const base = slug(text, otherwise)
  let id = base
  for (let n = 2; taken.has(id); n++) id = `${base}-${n}`
  return id
}
