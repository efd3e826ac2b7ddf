import loadHighs from 'highs'
import type { Plate } from '../layers/plate.js'
import { SAME_LENGTH_MM } from '../numerics/tolerances.js'
import { costOfDoubt, costOfPair, costOfPiece, points } from '../planner/ranking.js'
import type { SearchRequest } from '../planner/search.js'
import { dieClassOf, jobMmOf } from '../job/cut-context.js'
import type { PlatesPlace } from '../techniques/technique.js'

const highs = loadHighs()

/** Writes the choice of a stack as an integer program in the solver's LP format; stacks that worked before are left out. */
export const integerProgram = ({ method, cut, window, shelf }: SearchRequest): string => {
  const places = method
    .places(dieClassOf(cut), cut.bladeSide, cut.rules)
    .filter((place): place is PlatesPlace => place.is === 'plates')
  const cost: string[] = []
  const rows: string[] = []
  const binaries: string[] = []
  const term = (factor: number, name: string) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor).toFixed(12)} ${name}`
  const binary = (name: string) => {
    binaries.push(name)
    return name
  }

  const usesOf = new Map<Plate, string[]>()
  places.forEach((place, at) => {
    const chosen: string[] = []
    shelf.forEach((plate, index) => {
      if (!place.kinds.includes(plate.kind)) return
      for (let piece = 0; piece < Math.min(place.most, plate.count); piece++) {
        const name = binary(`x_${at}_${index}_${piece}`)
        chosen.push(name)
        usesOf.set(plate, [...(usesOf.get(plate) ?? []), name])
        cost.push(term(costOfPiece(method, place.role, plate, cut), name))
      }
    })
    if (chosen.length > 0) rows.push(`${chosen.join(' + ')} <= ${place.most}`)
    const isUnder = (kind: Plate['kind']): boolean => places[at - 1]?.kinds.includes(kind) === true
    const under = (place.over ?? [])
      .filter(isUnder)
      .flatMap((kind) => shelf.flatMap((plate, index) => (plate.kind === kind ? [`x_${at - 1}_${index}_0`] : [])))
    if (place.over && chosen.length + under.length > 0)
      rows.push(`${[...chosen, 'zero'].join(' + ')} ${under.map((name) => `- ${name}`).join(' ')} = 0`)
    if (place.least > 0) rows.push(chosen.length > 0 ? `${chosen.join(' + ')} >= ${place.least}` : 'zero >= 1')
  })

  const heights: string[] = []
  shelf.forEach((plate, index) => {
    const uses = usesOf.get(plate)
    if (!uses) return
    heights.push(...uses.map((name) => term(plate.thickness.valueMm, name)))
    // Doubt grows with the square of the count, so each count has a binary of its own.
    const counts = Array.from({ length: Math.min(plate.count, uses.length) }, (_, more) =>
      binary(`n_${index}_${more + 1}`),
    )
    counts.forEach((name, more) => cost.push(term(costOfDoubt(plate, more + 1, window), name)))
    rows.push(`${counts.join(' + ')} <= 1`)
    rows.push(`${uses.join(' + ')} ${counts.map((name, more) => `- ${more + 1} ${name}`).join(' ')} = 0`)
    shelf.forEach((other, otherIndex) => {
      const others = usesOf.get(other)
      const price = costOfPair(method, plate, other, cut)
      if (otherIndex <= index || !others || price === 0) return
      for (const one of uses)
        for (const two of others) {
          const both = binary(`b_${one}_${two}`)
          cost.push(term(price, both))
          rows.push(`${both} - ${one} - ${two} >= -1`)
        }
    })
  })

  const jobMm = jobMmOf(cut)
  const toSqueeze = jobMm - window.gapMm
  const sum = heights.join(' ')
  rows.push(`${sum} >= ${(window.lowMm - toSqueeze - SAME_LENGTH_MM).toFixed(12)}`)
  rows.push(`${sum} <= ${(window.highMm - toSqueeze + SAME_LENGTH_MM).toFixed(12)}`)
  cost.push(term(points.scaleOff / window.scaleMm, 'off'))
  rows.push(
    `off ${sum.replace(/[+-]/g, (sign) => (sign === '+' ? '-' : '+'))} >= ${(toSqueeze - window.midMm).toFixed(12)}`,
  )
  rows.push(`off ${sum} >= ${(window.midMm - toSqueeze).toFixed(12)}`)

  return [
    'Minimize',
    ` cost: ${cost.join('\n ')}`,
    'Subject To',
    ...rows.map((row, at) => ` r${at}: ${row}`),
    'Bounds',
    ' zero <= 0',
    ' off >= 0',
    'Binary',
    ...binaries.map((name) => ` ${name}`),
    'End',
  ].join('\n')
}

/** The least ranking cost by a mixed-integer solver, exact to 1e-7; undefined where no stack fits. */
export const solveByInteger = async (request: SearchRequest): Promise<number | undefined> => {
  const solver = await highs
  const answer = solver.solve(integerProgram(request), {
    mip_rel_gap: 0,
    mip_abs_gap: 1e-7,
    mip_feasibility_tolerance: 1e-9,
  })
  if (answer.Status === 'Infeasible') return undefined
  if (answer.Status !== 'Optimal') throw new Error(`the solver ended ${answer.Status}`)
  return answer.ObjectiveValue
}
