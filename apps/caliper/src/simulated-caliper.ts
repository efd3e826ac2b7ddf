import { type RandomSource, randomNormal } from '@bold-heron/core'

/** mm. How unsure a reading is: the hand's pressure, a burr, how square the jaws stand. From memory. */
const READING_SPREAD_MM = 0.012
/** One reading in so many is a misread. From memory. */
const MISREAD_ONE_IN = 12
/** mm. The widest the jaws open. */
const WIDEST_MM = 150
/** A thing is as thick as it is said to be, give or take this share. From memory. */
const THING_SPREAD = 0.02

/** What goes wrong with a reading: a digit lost, the jaws not closed, or closed on nothing. */
const misread = (mm: number, random: RandomSource): number => {
  const kind = random()
  return kind < 0.4 ? mm * 10 : kind < 0.8 ? mm + 1 + 3 * random() : 0
}

/** A caliper that speaks the line protocol of docs/caliper-protocol.md about a thing that is not there. */
export class SimulatedCaliper {
  private trueMm = 1

  constructor(private readonly random: RandomSource) {}

  /** What it says when somebody connects. */
  greeting(): string {
    return 'CALIPER simulated 0.01 mm'
  }

  /** The answer to a line; empty where there is none to give. */
  answer(line: string): string {
    const [word, value] = line.trim().split(/\s+/)
    switch (word) {
      case 'JAWS': {
        const mm = Number(value)
        if (!(mm > 0 && mm <= WIDEST_MM)) return `ERROR JAWS takes mm from 0 to ${WIDEST_MM}, such as JAWS 3.0`
        this.trueMm = mm * (1 + THING_SPREAD * randomNormal(this.random))
        return ''
      }
      case 'READ':
        return `READING ${this.reading().toFixed(2)} mm`
      default:
        return `ERROR unknown word ${JSON.stringify(word?.slice(0, 20) ?? '')}; it knows JAWS and READ`
    }
  }

  private reading(): number {
    if (this.random() * MISREAD_ONE_IN < 1) return Math.min(WIDEST_MM, misread(this.trueMm, this.random))
    return Math.max(0, this.trueMm + READING_SPREAD_MM * randomNormal(this.random))
  }
}
