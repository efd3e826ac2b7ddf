import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
beforeAll(async () => {
  server = await startTestServer()
})
afterAll(() => server.close())

const svg = `<svg xmlns='http://www.w3.org/2000/svg' width='70mm' height='70mm' viewBox='0 0 70 70'><circle cx='35' cy='35' r='35'/></svg>`
const simulation = {
  format: 'bold-heron/simulation',
  version: 1,
  press: {
    rollerDiameterMm: 28,
    bearingSpanMm: 190,
    throatMm: 165,
    rollerModulusMPa: 205_000,
    frameStiffnessNPerMm: 8000,
    gapMm: 14,
    handle: { limitN: 120, crankArmMm: 140, gearRatio: 1 },
  },
  dies: [{ svg, heightMm: 1, bladeHeightMm: 0.6, bodyStripMm: 2.5, xMm: 60, yMm: 82.5 }],
  sheet: { caliperMm: 0.3, count: 2, shearStrengthMPa: 40, wedgeRatio: 0.15, squashModulusMPa: 3 },
  bed: { indentStiffnessNPerMm2: 110, softnessMmPerMPa: 0 },
  otherLayersMm: 13.2,
  passes: 3,
}

interface Answer {
  squeezeMm: number
  passes: { peakForceN: number; cutFraction: number }[]
}

describe('a simulation over the API', () => {
  it('answers a reference point of the press model', async () => {
    const answer = await server.api.post('/api/simulations').send(simulation)
    expect(answer.status).toBe(200)
    const { squeezeMm, passes } = answer.body as Answer
    expect(squeezeMm).toBeCloseTo(0.8, 9)
    expect(Math.abs(passes[0]!.peakForceN / 668 - 1)).toBeLessThan(0.005)
    expect(passes.map((pass) => pass.cutFraction)).toEqual([0, 1, 1])
  })

  it('says how far it is to a caller that accepts lines', async () => {
    const answer = await server.api
      .post('/api/simulations')
      .set('Accept', 'application/x-ndjson')
      .send(simulation)
      .buffer(true)
      .parse((response, done) => {
        let text = ''
        response.on('data', (part: Buffer) => (text += part.toString()))
        response.on('end', () => done(null, text))
      })
    const lines = (answer.body as string)
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line) as { answer?: Answer })
    expect(lines.at(-1)!.answer!.passes).toHaveLength(3)
  })

  it('names every die that cannot be used', async () => {
    const [die] = simulation.dies
    const answer = await server.api.post('/api/simulations').send({
      ...simulation,
      dies: [
        { ...die, svg: svg.replace('<circle', '<script/><circle') },
        { ...die, yMm: 10 },
        { ...die, svg: undefined, file: 'x.svg' },
      ],
    })
    expect(answer.status).toBe(422)
    const errors = (answer.body as { errors: { path: string; code: string }[] }).errors
    expect(errors.map(({ path, code }) => `${path} ${code}`).sort()).toEqual([
      'dies.0.svg script-inside',
      'dies.1.yMm out-of-throat',
      'dies.2.file no-files',
    ])
  })

  it('goes on answering others meanwhile', async () => {
    const heavy = server.api.post('/api/simulations').send({ ...simulation, passes: 40 })
    const [light, done] = await Promise.all([server.api.get('/api/health'), heavy])
    expect([light.status, done.status]).toEqual([200, 200])
  })
})
