import type { CauseId, PlanRequest, RankedCause, Stack } from '@bold-heron/core'
import { Link } from 'react-router'
import type { DiagnosisWords } from './words.js'

/** From this chance on a cause is worth noting. */
const WORTH_NOTING = 0.4

interface Thing {
  readonly name: string
  readonly to: string
}

/** The thing that a cause stays with, and its page, where plans reckon with what is noted there. */
const thingOf = (cause: CauseId, { cut: { dies, press } }: PlanRequest, stack: Stack): Thing | undefined => {
  const plate = (...roles: readonly string[]): Thing | undefined => {
    const layer = stack.find((each) => each.is === 'plate' && roles.includes(each.role))
    return layer?.is === 'plate' ? { name: layer.plate.name, to: `/shelf/plates/${layer.plate.id}` } : undefined
  }
  const [die] = dies
  switch (cause) {
    case 'scored-spot':
    case 'pad-bowed':
      return plate('bed')
    case 'mat-thick':
      return plate('mat')
    case 'blunt-stretch':
    case 'die-difficult':
    case 'die-lower':
      return die && { name: die.name, to: `/shelf/dies/${die.id}` }
    case 'gap':
    case 'middle-low':
      return { name: press.name, to: `/shelf/presses/${press.id}` }
    default:
      return undefined
  }
}

/** Leads to where a cause that stays is noted, so that plans reckon with it. */
export const NoteIt = ({
  words: { noteIt },
  cause,
  request,
  stack,
}: {
  readonly words: DiagnosisWords
  readonly cause: RankedCause
  readonly request: PlanRequest
  readonly stack: Stack
}) => {
  const [id] = cause.causes
  const thing = id && cause.chance >= WORTH_NOTING ? thingOf(id, request, stack) : undefined
  const said = id && noteIt[id]
  return thing && said ? (
    <p className="text-base">
      {said} <Link to={thing.to}>{thing.name}</Link>.
    </p>
  ) : null
}
