import { parse } from 'cookie'
import express, { type Request, type RequestHandler, type Response, Router } from 'express'
import { refuse } from '../refusals/refusal.js'
import { writeDown } from '../store/audited-deeds.js'
import { addDevice, deviceOf } from '../store/paired-devices.js'
import type { Workshop } from '../store/workshop.js'
import { comesFrom } from './who.js'
import { type PairFault, pairPage } from './pair-page.js'
import type { SharedDoor } from './shared-door.js'

/** The prefix has browsers take it only over TLS, and for this very host (RFC 6265bis). */
const COOKIE = '__Host-heron'
/** Browsers keep none for longer. */
const KEPT_MS = 400 * 86_400_000
const LONGEST_NAME = 60

const tokenIn = (request: Request): string | undefined => parse(request.get('Cookie') ?? '')[COOKIE]

const textOf = (value: unknown): string => (typeof value === 'string' ? value.trim() : '')

/**
 * Lets nobody in who is not paired: they get the page to pair on and what vouches for the address, and nothing else. Whoever is says so by
 * a token that no page can read.
 */
export const onlyPaired = ({ sequelize }: Workshop, door: SharedDoor): RequestHandler => {
  const router = Router()
  const showPage = (response: Response, status: number, typed: Parameters<typeof pairPage>[0], fault?: PairFault) =>
    response
      .status(status)
      .type('html')
      // Without a referrer the form would not say which page it comes from.
      .set({ 'Cache-Control': 'no-store', 'Referrer-Policy': 'same-origin' })
      .send(pairPage(typed, fault))

  router.get('/pair', (request, response) => void showPage(response, 200, { code: textOf(request.query['code']) }))
  router.get('/authority.crt', (_request, response) => {
    const { trusted } = door
    if (!trusted) return void response.status(404).end()
    response.type('application/x-x509-ca-cert').send(trusted.pem)
  })
  router.post('/pair', express.urlencoded({ extended: false, limit: '2kb' }), async (request, response) => {
    const own = request.get('Origin') === `https://${request.get('Host') ?? ''}`
    if (!own) return refuse(403, 'own-page-only')
    const { code, name } = (request.body ?? {}) as Record<string, unknown>
    const called = textOf(name).slice(0, LONGEST_NAME)
    if (called === '') return void showPage(response, 422, { code: textOf(code) }, 'no-name')
    const tried = door.pairing.take(textOf(code))
    if (tried.is !== 'let-in')
      return void showPage(response, tried.is === 'wrong' ? 403 : 429, { name: called }, tried.is)
    const { token } = await addDevice(sequelize, { name: called, role: tried.role }, new Date())
    await writeDown(sequelize, { who: called, deed: 'paired', about: tried.role })
    response
      .cookie(COOKIE, token, { httpOnly: true, secure: true, sameSite: 'strict', path: '/', maxAge: KEPT_MS })
      .redirect(303, '/jobs')
  })
  router.use(async (request, response, next) => {
    const token = tokenIn(request)
    const device = token === undefined ? undefined : await deviceOf(sequelize, token, new Date())
    if (device) {
      comesFrom(request, { role: device.role, name: device.name, isHere: false, deviceId: device.id })
      return next()
    }
    if (request.path === '/api' || request.path.startsWith('/api/')) return refuse(401, 'not-paired')
    response.redirect(303, '/pair')
  })
  return router
}
