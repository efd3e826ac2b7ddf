import { afterEach, describe, expect, it, vi } from 'vitest'
import { z } from 'zod'
import { ask, askFile, askInLines, AwayError, MisreadError, ProblemError } from './client.js'

const problem = { type: 'about:blank', title: 'No', status: 404, code: 'no-such-id', detail: 'There is none.' }

/** Answers the next question so, and says what was asked. */
const answering = (answer: Response | (() => Promise<Response>)) => {
  const asked = vi.fn((_path: string, _how?: RequestInit) =>
    typeof answer === 'function' ? answer() : Promise.resolve(answer),
  )
  vi.stubGlobal('fetch', asked)
  return asked
}
const json = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })
const inLines = (...lines: unknown[]) =>
  new Response(lines.map((line) => `${JSON.stringify(line)}\n`).join(''), {
    headers: { 'Content-Type': 'application/x-ndjson' },
  })
const count = z.object({ count: z.number() })

afterEach(() => vi.unstubAllGlobals())

describe('asking the server', () => {
  it('returns the answer as its schema reads it', async () => {
    answering(json({ count: 3, more: 'left out' }))
    expect(await ask('/api/x', count)).toEqual({ count: 3 })
  })

  it('sends JSON with the version that a save was made from', async () => {
    const asked = answering(json({ count: 3 }))
    await ask('/api/x', count, { method: 'PUT', body: { a: 1 }, version: 7 })
    const [path, how] = asked.mock.calls[0]!
    expect(path).toBe('/api/x')
    expect(how).toMatchObject({
      method: 'PUT',
      body: '{"a":1}',
      headers: { 'Content-Type': 'application/json', 'If-Match': '"7"' },
    })
  })

  it('sends texts and files as they are', async () => {
    const asked = answering(json({ count: 1 }))
    await ask('/api/x', count, { method: 'POST', text: { type: 'text/csv', content: 'a,b' } })
    answering(json({ count: 1 }))
    expect(asked.mock.calls[0]![1]).toMatchObject({ body: 'a,b', headers: { 'Content-Type': 'text/csv' } })
    const file = new Blob(['x'], { type: 'image/png' })
    const again = answering(json({ count: 1 }))
    await ask('/api/x', count, { method: 'POST', file })
    expect(again.mock.calls[0]![1]).toMatchObject({ body: file, headers: { 'Content-Type': 'image/png' } })
  })

  it('throws what the server refused, in its own words', async () => {
    answering(json(problem, 404))
    const refused: unknown = await ask('/api/x', count).catch((error: unknown) => error)
    expect(refused).toBeInstanceOf(ProblemError)
    expect((refused as ProblemError).problem).toMatchObject({ code: 'no-such-id', status: 404 })
  })

  it('takes a page of somebody else’s for a server that is away', async () => {
    answering(new Response('<html>proxy</html>', { status: 502, headers: { 'Content-Type': 'text/html' } }))
    await expect(ask('/api/x', count)).rejects.toBeInstanceOf(AwayError)
    answering(() => Promise.reject(new TypeError('failed to fetch')))
    await expect(ask('/api/x', count)).rejects.toBeInstanceOf(AwayError)
  })

  it('says that an answer of another version cannot be read', async () => {
    answering(json({ counts: [3] }))
    await expect(ask('/api/x', count)).rejects.toBeInstanceOf(MisreadError)
  })

  it('passes on that it was given up', async () => {
    const ending = new AbortController()
    ending.abort()
    const gone = new DOMException('aborted', 'AbortError')
    answering(() => Promise.reject(gone))
    await expect(ask('/api/x', count, { signal: ending.signal })).rejects.toBe(gone)
  })

  it('fetches files', async () => {
    answering(new Response('%PDF'))
    expect(await (await askFile('/api/file')).text()).toBe('%PDF')
    answering(json(problem, 404))
    await expect(askFile('/api/file')).rejects.toBeInstanceOf(ProblemError)
  })
})

describe('asking for long work', () => {
  it('hears how far it is and what is there already, until the answer comes', async () => {
    answering(inLines({ progress: 0.25 }, { part: { cell: 1 } }, { progress: 0.75 }, { answer: { count: 9 } }))
    const [shares, parts]: [number[], unknown[]] = [[], []]
    const answer = await askInLines(
      '/api/x',
      count,
      {},
      (share) => shares.push(share),
      (part) => parts.push(part),
    )
    expect(answer).toEqual({ count: 9 })
    expect(shares).toEqual([0.25, 0.75])
    expect(parts).toEqual([{ cell: 1 }])
  })

  it('reads lines that come in pieces', async () => {
    const pieces = ['{"progress":0.', '5}\n{"ans', 'wer":{"count":2}}\n']
    const body = new ReadableStream({
      start(controller) {
        for (const piece of pieces) controller.enqueue(new TextEncoder().encode(piece))
        controller.close()
      },
    })
    answering(new Response(body, { headers: { 'Content-Type': 'application/x-ndjson' } }))
    expect(await askInLines('/api/x', count, {})).toEqual({ count: 2 })
  })

  it('throws a problem that comes in a line, and that it ended without an answer', async () => {
    answering(inLines({ progress: 0.5 }, { problem }))
    await expect(askInLines('/api/x', count, {})).rejects.toBeInstanceOf(ProblemError)
    answering(inLines({ progress: 0.5 }))
    await expect(askInLines('/api/x', count, {})).rejects.toBeInstanceOf(AwayError)
  })
})
