import { type Caliper, type CaliperListener, readingOf } from './caliper.js'

const BAUD_RATE = 9600

/** As much of Web Serial as is used here; the standard types do not have it yet. */
interface SerialPortLike {
  readonly readable: ReadableStream<Uint8Array> | null
  readonly writable: WritableStream<Uint8Array> | null
  open(options: { baudRate: number }): Promise<void>
  close(): Promise<void>
}
interface SerialLike {
  requestPort(): Promise<SerialPortLike>
}

const serialOf = (): SerialLike | undefined => (navigator as Navigator & { serial?: SerialLike }).serial

/** Whether this browser can speak to a caliper on a cable. */
export const hasSerial = (): boolean => serialOf() !== undefined

/** Asks which port the caliper is on and connects to it; rejects where none is chosen or it cannot be opened. */
export const connectBySerial = async (listener: CaliperListener): Promise<Caliper> => {
  const serial = serialOf()
  if (!serial) throw new Error('this browser has no Web Serial')
  const port = await serial.requestPort()
  await port.open({ baudRate: BAUD_RATE })
  const reader = port.readable?.getReader()
  const writer = port.writable?.getWriter()
  const listen = async () => {
    const decoder = new TextDecoder()
    let rest = ''
    try {
      for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
        const lines = (rest + decoder.decode(part.value, { stream: true })).split(/[\r\n]+/)
        rest = lines.pop() ?? ''
        for (const line of lines) {
          const mm = readingOf(line)
          if (mm !== undefined) listener.reading(mm)
        }
      }
    } finally {
      listener.gone()
    }
  }
  void listen()
  return {
    holding: () => undefined,
    read: () => void writer?.write(new TextEncoder().encode('READ\n')),
    close: () => {
      void reader
        ?.cancel()
        .then(() => writer?.close())
        .then(() => port.close())
    },
  }
}
