import { devices } from '@bold-heron/schema'
import { whoIs } from '../../sharing/who.js'
import { route, type Route } from '../route.js'

/** Devices that the page can speak to. */
export const deviceRoutes = (caliperUrl: string | undefined): Route[] => [
  route({
    method: 'get',
    path: '/api/devices',
    for: 'bench',
    summary: 'Devices that the page can speak to: the simulated caliper’s WebSocket, or null',
    answers: { 200: { says: 'The devices', schema: devices } },
    // It is plugged into the machine itself, and listens nowhere else.
    handle: ({ request }) => ({ caliperUrl: (whoIs(request).isHere ? caliperUrl : undefined) ?? null }),
  }),
]
