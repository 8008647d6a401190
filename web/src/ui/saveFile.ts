/** Hands a text to the browser to be kept as a file. */
export function saveFile(name: string, mediaType: string, text: string) {
  const address = URL.createObjectURL(new Blob([text], { type: mediaType }))
  const link = document.createElement('a')
  link.href = address
  link.download = name
  link.click()
  URL.revokeObjectURL(address)
}
