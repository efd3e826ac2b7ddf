import type { RequestHandler } from 'express'
import { refuse } from '../refusals/refusal.js'

const ownHosts = /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/i

/**
 * The server has no accounts: it listens on loopback and trusts the person at this machine. So a page from elsewhere, opened
 * in the same browser, must not reach it by another host name that points here.
 */
export const ownHostOnly: RequestHandler = (request, _response, next) => {
  if (!ownHosts.test(request.get('Host') ?? '')) return refuse(403, 'own-address-only')
  next()
}

/** Nor by a request across sites; to be mounted where the API is, so that the router itself says what that is. */
export const ownPageOnly: RequestHandler = (request, _response, next) => {
  const site = request.get('Sec-Fetch-Site')
  const origin = request.get('Origin')
  const foreign = site === 'cross-site' || site === 'same-site'
  if (foreign || (origin !== undefined && origin !== `http://${request.get('Host') ?? ''}`))
    return refuse(403, 'own-page-only')
  next()
}
