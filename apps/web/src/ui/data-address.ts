/** A file's content as a data address, to be shown and kept. */
export const dataAddressOf = (file: Blob): Promise<string> =>
  new Promise((resolve, reject) => {
    const reader = new FileReader()
    reader.onload = () => resolve(reader.result as string)
    reader.onerror = () => reject(reader.error ?? new Error('not read'))
    reader.readAsDataURL(file)
  })
