import { devices } from '@bold-heron/schema'
import { route, type Route } from '../route.js'

/** Devices that the page can speak to. */
export const deviceRoutes = (caliperUrl: string | undefined): Route[] => [
  route({
    method: 'get',
    path: '/api/devices',
    summary: 'Devices that the page can speak to: the simulated caliper’s WebSocket, or null',
    answers: { 200: { says: 'The devices', schema: devices } },
    handle: () => ({ caliperUrl: caliperUrl ?? null }),
  }),
]
