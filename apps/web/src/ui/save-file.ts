/** Signs that file systems refuse. */
const REFUSED = /[\\/:*?"<>|]/g

/** Hands the user something as a file of a type. */
export const saveFile = (fileName: string, type: string, content: BlobPart): void => {
  const address = URL.createObjectURL(new Blob([content], { type }))
  const link = document.createElement('a')
  link.href = address
  link.download = fileName.replace(REFUSED, ' ')
  link.click()
  URL.revokeObjectURL(address)
}

/** Hands the user a text as a file. */
export const saveText = (fileName: string, text: string): void => saveFile(fileName, 'text/plain;charset=utf-8', text)
