/** A caliper that is connected: it tells every reading it takes, asked or not. */
export interface Caliper {
  /** Says that a thing about so thick (mm) is between its jaws; only a simulated one has any use for it. */
  holding(mm: number): void
  /** Asks for a reading. */
  read(): void
  close(): void
}

/** What a caliper tells: a reading in mm, or that it is gone. */
export interface CaliperListener {
  reading(mm: number): void
  gone(): void
}

const READING = /^(?:READING\s+)?([+-]?\d+(?:\.\d+)?)\s*(?:mm)?$/

/** The reading in a line of docs/caliper-protocol.md, mm; undefined for any other line. */
export const readingOf = (line: string): number | undefined => {
  const found = READING.exec(line.trim())
  const mm = Number(found?.[1])
  return found && Number.isFinite(mm) && mm >= 0 ? mm : undefined
}

/** Connects to a caliper that speaks over a WebSocket; rejects where nobody is there. */
export const connectByWebSocket = (url: string, listener: CaliperListener): Promise<Caliper> =>
  new Promise((resolve, reject) => {
    const socket = new WebSocket(url)
    let isOpen = false
    socket.addEventListener('open', () => {
      isOpen = true
      resolve({
        holding: (mm) => socket.send(`JAWS ${mm}`),
        read: () => socket.send('READ'),
        close: () => socket.close(),
      })
    })
    socket.addEventListener('message', ({ data }) => {
      const mm = readingOf(String(data))
      if (mm !== undefined) listener.reading(mm)
    })
    socket.addEventListener('close', () => {
      if (isOpen) listener.gone()
      else reject(new Error('no caliper answers'))
    })
  })
