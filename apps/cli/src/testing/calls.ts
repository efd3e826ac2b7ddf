import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { heron as call } from '../heron.js'

/** A folder for the files of the tests, which share it where they share a process; taken away with that. */
const folder = mkdtempSync(join(tmpdir(), 'heron-cli-'))
process.once('exit', () => rmSync(folder, { recursive: true, force: true }))

export const heron = async (...args: string[]) => {
  const { status, stdout, stderr } = await call(args)
  return { status, stdout, faults: stderr.trim().split('\n').filter(Boolean) }
}

/** Writes a file, JSON where it is no text, and says where it is. */
export const write = (name: string, content: unknown): string => {
  const file = join(folder, name)
  writeFileSync(file, typeof content === 'string' ? content : JSON.stringify(content))
  return file
}

export const circle = `<svg xmlns='http://www.w3.org/2000/svg' width='70mm' height='70mm' viewBox='0 0 70 70'><circle cx='35' cy='35' r='35'/></svg>`
export const die = { heightMm: 1, bladeHeightMm: 0.6, bodyStripMm: 2.5, xMm: 60, yMm: 82.5, rotationDeg: 0 }
export const simulation = {
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
  dies: [{ svg: circle, ...die }],
  sheet: { caliperMm: 0.3, count: 2, shearStrengthMPa: 40, wedgeRatio: 0.15, squashModulusMPa: 3 },
  bed: { indentStiffnessNPerMm2: 110, softnessMmPerMPa: 0 },
  otherLayersMm: 13.2,
  passes: 3,
}
