import {
  type BladeSide,
  type PlacedLayer,
  type PlateKind,
  plateKinds,
  type RegionId,
  rolesByPlace,
} from '@bold-heron/core'

/**
 * Shapes of before, brought to those of now; what is no such shape is left as it is, for the schemas to judge.
 *
 * Until version 2 of the workshop's file a job had one technique, one sheet and one stack, whatever its runs; a technique's name said
 * what of the stack is pressed too; and layers had no roles.
 */
type Loose = Readonly<Record<string, unknown>>

const isLoose = (value: unknown): value is Loose => typeof value === 'object' && value !== null && !Array.isArray(value)
const listOf = (value: unknown): readonly unknown[] => (Array.isArray(value) ? value : [])

const olderTechniques: Readonly<Record<string, RegionId>> = {
  'full-cut': 'all',
  'edge-partial': 'to-line',
  'block-partial': 'under-block',
}
const olderWays: Readonly<Record<string, RegionId>> = { whole: 'all', edge: 'to-line', block: 'under-block' }

const regionOfOlder = (technique: unknown): RegionId | undefined =>
  typeof technique === 'string' && Object.hasOwn(olderTechniques, technique) ? olderTechniques[technique] : undefined

/** A technique's older name in something that has one: what is done, and what of the stack is pressed. */
export const fromOlderTechnique = (input: unknown): unknown => {
  const region = isLoose(input) ? regionOfOlder(input['technique']) : undefined
  return isLoose(input) && region !== undefined ? { ...input, technique: 'cut', region } : input
}

type KindOf = (plateId: string) => PlateKind | undefined

const kindsIn = (plates: unknown): KindOf => {
  const kinds = new Map<string, PlateKind>()
  for (const plate of listOf(plates)) {
    if (!isLoose(plate) || typeof plate['id'] !== 'string') continue
    const kind = plateKinds.find((each) => each === plate['kind'])
    if (kind) kinds.set(plate['id'], kind)
  }
  return (plateId) => kinds.get(plateId)
}

const GLUED = /^cards:/

/** Layers of a stack, each plate with the role that its place tells, where none says which it has. */
const withRolesOfPlaces = (layers: unknown, bladeSide: unknown, kindOf: KindOf): unknown => {
  const list = listOf(layers)
  if (list.some((layer) => !isLoose(layer) || (layer['is'] === 'plate' && 'role' in layer))) return layers
  const placed = (list as readonly Loose[]).map(({ is, plateId }): PlacedLayer => ({
    is: is as PlacedLayer['is'],
    kind: typeof plateId !== 'string' ? undefined : GLUED.test(plateId) ? 'press-block' : kindOf(plateId),
  }))
  const roles = rolesByPlace(placed, bladeSide === 'up' ? 'up' : ('down' satisfies BladeSide))
  return (list as readonly Loose[]).map((layer, at) =>
    layer['is'] === 'plate' ? { ...layer, role: roles[at] } : layer,
  )
}

/** What a recipe holds. */
export const recipeBodyFromOlder = (input: unknown): unknown => {
  if (!isLoose(input)) return input
  const body = fromOlderTechnique(input) as Loose
  return { ...body, layers: withRolesOfPlaces(body['layers'], body['bladeSide'], kindsIn(body['plates'])) }
}

/** Runs of a placement, which said `way` for what is now their region. */
const placedRunFromOlder = (run: unknown): unknown => {
  if (!isLoose(run) || typeof run['way'] !== 'string' || !Object.hasOwn(olderWays, run['way'])) return run
  const { way, ...rest } = run
  return { ...rest, region: olderWays[way] }
}
const placementFromOlder = (placement: unknown): unknown =>
  isLoose(placement) ? { ...placement, runs: listOf(placement['runs']).map(placedRunFromOlder) } : placement

const diesLaidIn = (run: Loose): unknown[] => [
  ...new Set(listOf(run['dies']).flatMap((die) => (isLoose(die) ? [die['dieId']] : []))),
]

/** The only run of an older job that laid nothing out. */
const FIRST_RUN = 'run 1'

/** A job that had everything itself. */
export const jobFromOlder = (job: unknown, kindOf: KindOf): unknown => {
  if (!isLoose(job) || 'runs' in job) return job
  const { technique, dieIds, sheetId, sheetCount, bladeSide, layers, placement, ...rest } = job
  const what = { pressId: null, sheetId, sheetCount, bladeSide, technique: 'cut' }
  const stack = withRolesOfPlaces(layers ?? [], bladeSide, kindOf)
  const laidOut = placementFromOlder(placement ?? null)
  if (!isLoose(laidOut))
    return {
      ...rest,
      card: null,
      runInHand: 0,
      runs: [
        {
          ...what,
          id: FIRST_RUN,
          name: '',
          region: regionOfOlder(technique) ?? 'all',
          dieIds,
          layers: stack,
          finishes: true,
          placed: null,
        },
      ],
    }
  const { runs, runInHand, ...card } = laidOut
  return {
    ...rest,
    card,
    runInHand,
    runs: listOf(runs).map((run, at, all) => {
      if (!isLoose(run)) return run
      const { id, name, region, ...placed } = run
      const laid = diesLaidIn(run)
      return {
        ...what,
        id,
        name,
        region,
        dieIds: laid.length > 0 ? laid : dieIds,
        layers: at === runInHand ? stack : [],
        finishes: at === all.length - 1,
        placed,
      }
    }),
  }
}

/** What a logged run did not say itself: by where things lay, else by what its job is, which had but one way of pressing. */
const pressedInOlder = (placement: unknown, job: Loose | undefined): Loose => {
  if (isLoose(placement)) {
    const runs = listOf(placement['runs'])
    const at = Number(placement['runInHand'])
    const pressed = runs[at]
    return isLoose(pressed)
      ? { region: pressed['region'], pressRunId: pressed['id'], finishes: at === runs.length - 1 }
      : { region: 'all', pressRunId: null, finishes: true }
  }
  const isPlain = job !== undefined && !isLoose(job['placement'])
  return {
    region: (isPlain && regionOfOlder(job['technique'])) || 'all',
    pressRunId: isPlain ? FIRST_RUN : null,
    finishes: true,
  }
}

/** A logged run that did not say what was done in it; `job` is the older job that it was of, where that is known. */
export const runFromOlder = (run: unknown, kindOf: KindOf, job?: Loose): unknown => {
  if (!isLoose(run) || 'technique' in run) return run
  const placement = placementFromOlder(run['placement'] ?? null)
  return {
    ...run,
    technique: 'cut',
    ...pressedInOlder(placement, job),
    layers: withRolesOfPlaces(run['layers'], run['bladeSide'], kindOf),
    placement,
  }
}

/** A workshop's file of version 1. */
export const workshopFromOlder = (file: unknown): unknown => {
  if (!isLoose(file) || file['version'] !== 1) return file
  const kindOf = kindsIn(file['plates'])
  const jobs = new Map(listOf(file['jobs']).flatMap((job) => (isLoose(job) ? [[job['id'], job] as const] : [])))
  const runOf = (run: unknown) => runFromOlder(run, kindOf, isLoose(run) ? jobs.get(run['jobId']) : undefined)
  return {
    ...file,
    version: 2,
    jobs: Array.isArray(file['jobs']) ? file['jobs'].map((job) => jobFromOlder(job, kindOf)) : file['jobs'],
    runs: Array.isArray(file['runs']) ? file['runs'].map(runOf) : file['runs'],
  }
}
