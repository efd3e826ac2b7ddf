import type { Request, RequestHandler } from 'express'
import type { Doorway } from '../sharing/doorway.js'
import { refuse } from '../refusals/refusal.js'

const ownHosts = /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/i

/**
 * Without being asked to share, the server listens on loopback and trusts the person at this machine. So a page from elsewhere, opened
 * in the same browser, must not reach it by another host name that points here.
 */
export const atHome: Doorway = { admits: (host) => ownHosts.test(host), scheme: 'http' }

/** Refuses whoever calls this server by a name that is not its own. */
export const ownHostOnly =
  (doorOf: (request: Request) => Doorway): RequestHandler =>
  (request, _response, next) => {
    if (!doorOf(request).admits(request.get('Host') ?? '')) return refuse(403, 'own-address-only')
    next()
  }

/** Nor by a request across sites; to be mounted where the API is, so that the router itself says what that is. */
export const ownPageOnly =
  (doorOf: (request: Request) => Doorway): RequestHandler =>
  (request, _response, next) => {
    const site = request.get('Sec-Fetch-Site')
    const origin = request.get('Origin')
    const foreign = site === 'cross-site' || site === 'same-site'
    if (foreign || (origin !== undefined && origin !== `${doorOf(request).scheme}://${request.get('Host') ?? ''}`))
      return refuse(403, 'own-page-only')
    next()
  }
