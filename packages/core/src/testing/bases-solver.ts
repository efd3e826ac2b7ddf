import loadHighs from 'highs'
import type { BasesWanted } from '../bases/fewest-bases.js'

const highs = loadHighs()

/** Writes the choice of base stacks as an integer program in the solver's LP format; cells that nothing serves are left out. */
const basesProgram = ({ cells, bases, costs, perBase, emptyCost }: BasesWanted): string => {
  const goal: string[] = []
  const rows: string[] = []
  for (let base = 0; base < bases; base++) goal.push(`+ ${perBase} y${base}`)
  for (let cell = 0; cell < cells; cell++) {
    const served: string[] = []
    for (let base = 0; base < bases; base++) {
      const cost = costs[base * cells + cell] as number
      if (cost >= emptyCost) continue
      const name = `x${base}_${cell}`
      goal.push(`+ ${cost.toFixed(12)} ${name}`)
      rows.push(`${name} - y${base} <= 0`)
      served.push(name)
    }
    if (served.length === 0) continue
    goal.push(`+ ${emptyCost} e${cell}`)
    rows.push(`${[...served, `e${cell}`].join(' + ')} = 1`)
  }
  return [
    'Minimize',
    ` cost: ${goal.join('\n ')}`,
    'Subject To',
    ...(rows.length > 0 ? rows : ['y0 >= 0']).map((row, at) => ` r${at}: ${row}`),
    'Binary',
    ...Array.from({ length: bases }, (_, base) => ` y${base}`),
    'End',
  ].join('\n')
}

/** The least cost of base stacks by a mixed-integer solver, exact to 1e-7. */
export const basesByInteger = async (wanted: BasesWanted): Promise<number> => {
  const { cells, bases, costs, emptyCost } = wanted
  const solver = await highs
  const answer = solver.solve(basesProgram(wanted), {
    mip_rel_gap: 0,
    mip_abs_gap: 1e-7,
    mip_feasibility_tolerance: 1e-9,
  })
  if (answer.Status !== 'Optimal') throw new Error(`the solver ended ${answer.Status}`)
  const unserved = Array.from({ length: cells }, (_, cell) =>
    Array.from({ length: bases }, (_unused, base) => costs[base * cells + cell] as number).every(
      (cost) => cost >= emptyCost,
    ),
  ).filter(Boolean).length
  return answer.ObjectiveValue + emptyCost * unserved
}
