/** Hands a file to whoever sits in front of the browser. */
export const saveFile = (content: Blob, name: string): void => {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(content)
  link.download = name
  link.click()
  URL.revokeObjectURL(link.href)
}

/** "Saturday hems", "run sheet" as Saturday-hems-run-sheet.pdf. */
export const fileName = (parts: readonly string[], ending: string): string =>
  `${parts
    .map((part) => part.replaceAll(/[^\p{L}\d]+/gu, '-').replaceAll(/^-|-$/g, ''))
    .filter(Boolean)
    .join('-')}.${ending}`
