/** Signs that file systems refuse. */
const REFUSED = /[\\/:*?"<>|]/g

/** Hands the user a text as a file. */
export const saveText = (fileName: string, text: string): void => {
  const address = URL.createObjectURL(new Blob([text], { type: 'text/plain;charset=utf-8' }))
  const link = document.createElement('a')
  link.href = address
  link.download = fileName.replace(REFUSED, ' ')
  link.click()
  URL.revokeObjectURL(address)
}
