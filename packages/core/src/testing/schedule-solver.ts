import loadHighs from 'highs'
import { layerChanges } from '../layers/stack-changes.js'
import type { ScheduleWanted } from '../evening/schedule.js'

const highs = loadHighs()

/**
 * The least cost of a schedule without due dates and rests, as a mixed-integer program: a path over the chosen options of every press from
 * what lies in it, orders by position numbers (C. E. Miller, A. W. Tucker and R. A. Zemlin, 1960), everybody's load and the longest clock.
 */
export const scheduleByInteger = async ({
  presses,
  restMin,
  batches,
  perChangeMin,
  changeWorthMin,
}: ScheduleWanted): Promise<number> => {
  const perChange = perChangeMin + changeWorthMin
  const nodes = batches.flatMap(({ options }, batch) => options.map((option, at) => ({ batch, at, ...option })))
  const rows: string[] = []
  const binaries: string[] = []
  const load = restMin.map(() => [] as string[])
  const into = nodes.map(() => [] as string[])
  const outOf = nodes.map(() => [] as string[])
  const term = (factor: number, name: string): string =>
    `${factor < 0 ? '-' : '+'} ${Math.abs(factor).toFixed(9)} ${name}`
  const clock = restMin.map(() => [] as string[])
  const arc = (name: string, person: number, changes: number, minutes: number): string => {
    binaries.push(name)
    load[person]?.push(term(perChange * changes + minutes, name))
    clock[person]?.push(term(perChangeMin * changes + minutes, name))
    return name
  }
  presses.forEach(({ inPress, person }, press) => {
    const first: string[] = []
    nodes.forEach((to, at) => {
      if (to.press !== press) return
      const name = arc(`s${at}`, person, layerChanges(inPress, to.plates).count, to.minutes)
      first.push(name)
      into[at]?.push(name)
    })
    if (first.length > 0) rows.push(`${first.join(' + ')} <= 1`)
    nodes.forEach((from, one) => {
      nodes.forEach((to, two) => {
        if (from.press !== press || to.press !== press || from.batch === to.batch) return
        const name = arc(`a${one}_${two}`, person, layerChanges(from.plates, to.plates).count, to.minutes)
        into[two]?.push(name)
        outOf[one]?.push(name)
        rows.push(`p${from.batch} - p${to.batch} + ${batches.length} ${name} <= ${batches.length - 1}`)
      })
    })
  })
  nodes.forEach((_, at) => {
    const [entering, leaving] = [into[at] as string[], outOf[at] as string[]]
    if (leaving.length > 0) rows.push(`${leaving.join(' + ')} ${entering.map((name) => `- ${name}`).join(' ')} <= 0`)
  })
  batches.forEach((_, batch) => {
    rows.push(`${nodes.flatMap((node, at) => (node.batch === batch ? (into[at] as string[]) : [])).join(' + ')} = 1`)
  })
  for (const its of clock)
    if (its.length > 0)
      rows.push(
        `most ${its.map((each) => (each.startsWith('+') ? `-${each.slice(1)}` : `+${each.slice(1)}`)).join(' ')} >= 0`,
      )
  const answer = (await highs).solve(
    [
      'Minimize',
      ` cost: most ${load.flat().join('\n ')}`,
      'Subject To',
      ...rows.map((row, at) => ` r${at}: ${row}`),
      'Bounds',
      ...batches.map((_, batch) => ` 0 <= p${batch} <= ${batches.length - 1}`),
      'Binary',
      ...binaries.map((name) => ` ${name}`),
      'End',
    ].join('\n'),
    { mip_rel_gap: 0, mip_abs_gap: 1e-7, mip_feasibility_tolerance: 1e-9 },
  )
  if (answer.Status !== 'Optimal') throw new Error(`the solver ended ${answer.Status}`)
  return answer.ObjectiveValue
}
