import { randomBytes, randomInt } from 'node:crypto'
import { request } from 'node:https'
import { startApplication } from '../../e2e/fixtures/application.js'
import type { PairingOffer } from '@bold-heron/schema'
import { ask } from '../ask.js'
import type { Scene, Trial } from '../scene.js'

interface Answer {
  readonly status: number
  readonly token: string | undefined
}

interface Asked {
  readonly method?: string
  readonly token?: string | undefined
  readonly form?: Readonly<Record<string, string>>
}

/** Asks by the shared door, whatever its certificate: strangers do not look at that. */
const askShared = (address: string, path: string, { method = 'GET', token, form }: Asked = {}): Promise<Answer> =>
  new Promise((resolve) => {
    const body = form && new URLSearchParams(form).toString()
    const asked = request(
      new URL(path, address),
      {
        method,
        rejectUnauthorized: false,
        headers: {
          ...(token === undefined ? {} : { Cookie: `__Host-heron=${token}` }),
          ...(body === undefined
            ? {}
            : {
                Origin: address,
                'Content-Type': 'application/x-www-form-urlencoded',
                'Content-Length': String(Buffer.byteLength(body)),
              }),
        },
      },
      (response) => {
        response.resume()
        const cookie = response.headers['set-cookie']?.[0] ?? ''
        response.on('end', () =>
          resolve({ status: response.statusCode ?? 0, token: /^__Host-heron=([^;]+);/.exec(cookie)?.[1] }),
        )
      },
    )
    asked.on('error', () => resolve({ status: 0, token: undefined }))
    asked.end(body)
  })

/** What a stranger with some token tries. */
const DOORS = [
  '/api/jobs',
  '/api/bundle',
  '/api/news',
  '/api/evenings',
  '/api/workshop',
  '/api/photos/x',
  '/api/sharing',
]

const shut = (scene: Scene, what: string, { status }: Answer): void =>
  scene.tried(what, status === 401 ? undefined : `answered ${status}`)

/** Codes guessed by many at once, and tokens that were made up, sent away or had by somebody else: nobody comes in by them. */
export const strangers: Trial = {
  name: 'strangers',
  hasSlice: false,
  async run(scene) {
    const application = await startApplication({ demo: false, shared: true })
    try {
      const { address, sharedAddress } = application
      const offered = async () =>
        JSON.parse(
          (await ask(address, '/api/pairing-codes', { method: 'POST', body: { role: 'bench' } })).text,
        ) as PairingOffer
      const pair = (code: string) =>
        askShared(sharedAddress, '/pair', { method: 'POST', form: { code, name: 'A phone' } })

      const { token } = await pair((await offered()).code)
      scene.tried('the right code lets a device in', token ? undefined : 'it did not')
      for (const path of DOORS.slice(0, 4))
        if (path !== '/api/news') {
          const { status } = await askShared(sharedAddress, path, { token })
          scene.tried('a paired device is answered', status === 200 ? undefined : `${path}: ${status}`)
        }
      for (let turn = scene.times(300, 10); turn > 0; turn--)
        for (const path of DOORS)
          shut(
            scene,
            'a token that was made up',
            await askShared(sharedAddress, path, { token: randomBytes(32).toString('base64url') }),
          )

      const [device] = await rowsOfDevices(address)
      await ask(address, `/api/paired-devices/${device?.id}`, { method: 'DELETE' })
      for (const path of DOORS)
        shut(scene, 'a token of a device that was sent away', await askShared(sharedAddress, path, { token }))

      const { code } = await offered()
      const wrong = (): string => {
        const guess = String(randomInt(0, 1_000_000)).padStart(6, '0')
        return guess === code ? wrong() : guess
      }
      const guesses = await Promise.all(Array.from({ length: scene.times(400, 30) }, () => pair(wrong())))
      const looked = guesses.filter(({ status }) => status === 403).length
      scene.tried('codes guessed by many at once', looked <= 5 ? undefined : `${looked} were looked at within a minute`)
      for (const { status, token: given } of guesses)
        scene.tried('a guess lets nobody in', !given && [403, 429].includes(status) ? undefined : `answered ${status}`)
      const late = await pair(code)
      scene.tried('not even the right code after so many', late.status === 429 ? undefined : `answered ${late.status}`)
    } finally {
      await application.close()
    }
  },
}

const rowsOfDevices = async (address: string): Promise<readonly { readonly id: string }[]> =>
  (JSON.parse((await ask(address, '/api/sharing')).text) as { devices: { id: string }[] }).devices
