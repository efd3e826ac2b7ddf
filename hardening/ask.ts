/** An answer of the server's, or none. */
export interface Answer {
  /** 0 where there was none. */
  readonly status: number
  readonly ms: number
  readonly text: string
}

export interface Asked {
  readonly method?: string
  readonly body?: unknown
  /** Sent as it is. */
  readonly raw?: { readonly type: string; readonly content: string | Uint8Array }
  readonly headers?: Readonly<Record<string, string>>
  /** ms after which the caller goes away. */
  readonly patienceMs?: number
}

/** Why there was no answer, as far as anybody says. */
const causeOf = (error: unknown): string => {
  const { message, cause } = error as Error
  return cause instanceof Error ? `${message}: ${cause.message}` : message
}

/** Asks the server something; never throws. */
export const ask = async (
  address: string,
  path: string,
  { method = 'GET', body, raw, headers = {}, patienceMs = 120_000 }: Asked = {},
): Promise<Answer> => {
  const from = performance.now()
  const type = raw?.type ?? (body === undefined ? undefined : 'application/json')
  try {
    const answer = await fetch(address + path, {
      method,
      headers: { ...(type ? { 'Content-Type': type } : {}), ...headers },
      signal: AbortSignal.timeout(patienceMs),
      ...(raw ? { body: raw.content as never } : body === undefined ? {} : { body: JSON.stringify(body) }),
    })
    const text = await answer.text()
    return { status: answer.status, ms: performance.now() - from, text }
  } catch (error) {
    return { status: 0, ms: performance.now() - from, text: causeOf(error) }
  }
}

/** What is wrong with an answer, if anything: none at all, or a fault of ours. */
export const faultOf = ({ status, text }: Answer): string | undefined => {
  if (status === 0) return `no answer: ${text}`
  if (status === 500) return `500: ${text.slice(0, 200)}`
  return undefined
}

/** An answer that should have been another, in a few words. */
export const toldOf = ({ status, text }: Answer): string => `${status}: ${text.slice(0, 300)}`

/** The rows of a list. */
export const rowsOf = async <Row>(address: string, path: string): Promise<Row[]> => {
  const { status, text } = await ask(address, path)
  if (status !== 200) throw new Error(`${path}: ${status} ${text.slice(0, 200)}`)
  return (JSON.parse(text) as { items: Row[] }).items
}
