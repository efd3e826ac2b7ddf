import { randomInt } from 'node:crypto'
import type { Role } from '@bold-heron/schema'

/** ms. A code is good for so long, and once. */
const GOOD_MS = 5 * 60_000
/** Tries in a minute, of everybody together: a million codes are not guessed by them in five minutes. */
const MOST_TRIES = 5
const MINUTE_MS = 60_000
const DIGITS = 6

export interface Offer {
  readonly code: string
  readonly role: Role
  readonly endsAt: Date
}

/** What comes of showing a code. */
export type Tried = { readonly is: 'let-in'; readonly role: Role } | { readonly is: 'wrong' | 'too-many' }

/** The one code that lets a device in. */
export class Pairing {
  private offered: Offer | undefined
  private tries: number[] = []

  constructor(private readonly now: () => number = Date.now) {}

  /** Makes a code; one that was offered before is worth nothing then. */
  offer(role: Role): Offer {
    const code = String(randomInt(10 ** DIGITS)).padStart(DIGITS, '0')
    this.offered = { code, role, endsAt: new Date(this.now() + GOOD_MS) }
    return this.offered
  }

  take(code: string): Tried {
    const now = this.now()
    this.tries = this.tries.filter((at) => at > now - MINUTE_MS)
    if (this.tries.length >= MOST_TRIES) return { is: 'too-many' }
    this.tries.push(now)
    const { offered } = this
    if (!offered || offered.endsAt.getTime() <= now || offered.code !== code) return { is: 'wrong' }
    this.offered = undefined
    return { is: 'let-in', role: offered.role }
  }
}
