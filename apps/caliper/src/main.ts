// A simulated digital caliper: a small process of its own that speaks a line protocol over a WebSocket on loopback.
import type { IncomingMessage } from 'node:http'
import { seededRandom } from '@bold-heron/core'
import { WebSocketServer } from 'ws'
import { isOwnPage } from './own-page.js'
import { SimulatedCaliper } from './simulated-caliper.js'

const LONGEST_LINE = 200

const pagesPort = Number(process.env['PAGES_PORT'])
/** With a seed every connection reads the same, as the tests need it; without, no two do. */
const seed = process.env['CALIPER_SEED']
const server = new WebSocketServer({
  host: '127.0.0.1',
  port: Number(process.env['CALIPER_PORT'] ?? 0),
  maxPayload: LONGEST_LINE,
  verifyClient: ({ req }: { readonly req: IncomingMessage }) => isOwnPage(req.headers, pagesPort),
})
server.on('connection', (socket) => {
  const caliper = new SimulatedCaliper(seededRandom(seed === undefined ? Date.now() % 2 ** 31 : Number(seed)))
  socket.send(caliper.greeting())
  // A line too long ends the connection, which is all there is to do about it.
  socket.on('error', () => socket.terminate())
  socket.on('message', (data: Buffer) => {
    const answer = caliper.answer(data.toString())
    if (answer !== '') socket.send(answer)
  })
})
server.on('listening', () => {
  const { port } = server.address() as { port: number }
  // The start script and the tests wait for this line.
  console.log(`The simulated caliper is at ws://127.0.0.1:${port}/`)
})
// Whoever started it has gone.
process.on('disconnect', () => process.exit(0))
