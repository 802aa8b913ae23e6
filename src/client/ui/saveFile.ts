/** Hands a file to whoever sits in front of the browser. */
export const saveFile = (content: Blob, name: string): void => {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(content)
  link.download = name
  link.click()
  URL.revokeObjectURL(link.href)
}
