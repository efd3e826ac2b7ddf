import { workshopBundle } from '@bold-heron/schema'
import { standingWorkshop } from '../../planning/standing-workshop.js'
import type { Workshop } from '../../store/workshop.js'
import type { Work } from '../../work/work.js'
import { route, type Route } from '../route.js'

/** Every device asks for the same: it is made once for as long as nothing changes. */
class MadeOnce {
  private made: { readonly name: string; readonly bytes: Promise<Uint8Array> } | undefined

  get(name: string, make: () => Promise<Uint8Array>): Promise<Uint8Array> {
    if (this.made?.name !== name) {
      const bytes = make()
      this.made = { name, bytes }
      // What failed is made anew by whoever asks next.
      bytes.catch(() => this.made?.bytes === bytes && (this.made = undefined))
    }
    return this.made.bytes
  }
}

/** The workshop to take along, for devices that may lose their connection. */
export const bundleRoutes = ({ sequelize }: Workshop, work: Work, databaseUrl: string): Route[] => {
  const made = new MadeOnce()
  return [
    route({
      method: 'get',
      path: '/api/bundle',
      for: 'bench',
      summary: 'The workshop to take along: all that plans are worked out from, its dies with their lines',
      answers: { 200: { says: 'The workshop as it stands', schema: workshopBundle } },
      async handle({ request, response }) {
        const name = await standingWorkshop(sequelize)
        response.set({ ETag: `"${name}"`, 'Cache-Control': 'no-cache' })
        if (request.fresh) return void response.status(304).end()
        const bytes = await made.get(name, () => work.run('writeBundle', { databaseUrl }))
        response.type('json').send(Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength))
      },
    }),
  ]
}
