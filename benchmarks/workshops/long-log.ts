import { type WorkshopFile, workshopFile } from '@bold-heron/schema'
import { randomInteger, randomItem, type RandomSource, seededRandom } from '../../packages/core/src/numerics/random.js'

/** How much a made-up workshop holds. */
export interface WorkshopSize {
  readonly plates: number
  readonly presses: number
  readonly dies: number
  readonly sheets: number
  readonly jobs: number
  readonly runs: number
}

/** Twenty years of a busy workshop. */
export const LONG_LOG: WorkshopSize = { plates: 1000, presses: 4, dies: 1000, sheets: 200, jobs: 2000, runs: 20_000 }

const YEARS_MS = 20 * 365 * 24 * 3600 * 1000
const END_MS = Date.parse('2026-06-01T12:00:00Z')
const isoAt = (ms: number): string => new Date(Math.round(ms)).toISOString()

/** An id that the same seed makes again. */
const idFrom = (random: RandomSource): string => {
  const hex = Array.from({ length: 32 }, () => randomInteger(random, 0, 15).toString(16)).join('')
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20)}`
}

const rowOf = (random: RandomSource) => ({
  id: idFrom(random),
  version: 1,
  createdAt: isoAt(END_MS - YEARS_MS),
  updatedAt: isoAt(END_MS - YEARS_MS),
  deletedAt: null,
})
const shelfRowOf = (random: RandomSource) => ({ ...rowOf(random), retiredAt: null })

const rounded = (value: number): number => Math.round(value * 1000) / 1000

const PLATE_KINDS = [
  ['platform', 7, 0.1],
  ['hard-plate', 3, 0.1],
  ['cutting-pad', 3, 0.1],
  ['cutting-pad', 3, 0.3],
  ['spacer', 2, 0.5],
  ['shim', 0.3, 0.9],
  ['shim', 0.1, 0.9],
] as const

const plateOf = (random: RandomSource, at: number) => {
  const [kind, thicknessMm, spread] = PLATE_KINDS[at % PLATE_KINDS.length] as (typeof PLATE_KINDS)[number]
  return {
    ...shelfRowOf(random),
    name: `${kind} ${at}`,
    kind,
    count: kind === 'shim' ? 4 : 1,
    thicknessMm: rounded(thicknessMm * (1 + spread * (random() - 0.5))),
    measuredBy: 'caliper',
    material: '',
    lengthMm: 260,
    widthMm: 155,
    fullThicknessWidthMm: 150,
    magnetic: false,
    reservedForSteel: false,
    faceA: 'fresh',
    faceB: 'fresh',
    note: '',
  }
}

/** A closed line of so many waves round a middle. */
const blossom = (random: RandomSource, lengthMm: number, widthMm: number): number[] => {
  const waves = randomInteger(random, 3, 12)
  const depth = 0.05 + 0.2 * random()
  const points = 60 + 4 * waves
  return Array.from({ length: points + 1 }, (_, at) => {
    const angle = (2 * Math.PI * (at % points)) / points
    const radius = 0.5 * (1 - depth + depth * Math.cos(waves * angle))
    return [rounded(lengthMm * (0.5 + radius * Math.cos(angle))), rounded(widthMm * (0.5 + radius * Math.sin(angle)))]
  }).flat()
}

const dieOf = (random: RandomSource, at: number) => {
  const lengthMm = randomInteger(random, 30, 110)
  const widthMm = randomInteger(random, 30, 110)
  return {
    ...shelfRowOf(random),
    name: `Die ${at}`,
    dieClass: at % 3 === 0 ? 'thin-lace' : 'thin-outline',
    lengthMm,
    widthMm,
    heightMm: 1,
    heightMeasuredBy: 'caliper',
    bladeHeightMm: 0.6,
    bodyStripMm: null,
    overDieId: null,
    guide: null,
    madeOf: null,
    laciness: null,
    fitForFoam: false,
    note: '',
    outline: { source: 'drawing', fileName: '', lines: [blossom(random, lengthMm, widthMm)] },
  }
}

const sheetOf = (random: RandomSource, at: number) => ({
  ...shelfRowOf(random),
  name: `Card ${at}`,
  kind: 'smooth-card',
  grammage: 240,
  weightTyped: '',
  caliperMm: rounded(0.2 + 0.3 * random()),
  caliperBy: 'caliper',
  shearStrengthMPa: null,
  squashModulusMPa: null,
  lengthMm: 297,
  widthMm: 210,
  stock: 50,
  colour: '',
  note: '',
})

/**
 * A workshop of this size, as a file; the same seed makes the same. Nothing in it is true of anybody's press: it is long, and that is
 * all.
 */
export const madeWorkshop = (seed: number, size: WorkshopSize = LONG_LOG): WorkshopFile => {
  const random = seededRandom(seed)
  const many = <Row>(count: number, row: (at: number) => Row): Row[] =>
    Array.from({ length: count }, (_, at) => row(at))
  const plates = many(size.plates, (at) => plateOf(random, at))
  const dies = many(size.dies, (at) => dieOf(random, at))
  const sheets = many(size.sheets, (at) => sheetOf(random, at))
  const ofKind = (kind: string) => plates.filter((plate) => plate.kind === kind)
  const [platforms, hard, pads, shims] = ['platform', 'hard-plate', 'cutting-pad', 'shim'].map(ofKind) as [
    typeof plates,
    typeof plates,
    typeof plates,
    typeof plates,
  ]
  const presses = many(size.presses, (at) => ({
    ...shelfRowOf(random),
    name: `Press ${at}`,
    pressClass: at % 2 === 0 ? 'a4-hand' : 'small-hand',
    throatMm: at % 2 === 0 ? 220 : 165,
    numbers: [],
    knownGood: [],
    note: '',
  }))
  const jobs = many(size.jobs, (at) => ({
    ...rowOf(random),
    name: `Job ${at}`,
    state: randomItem(random, ['waiting', 'planned', 'cutting', 'done', 'done', 'done'] as const),
    pressId: randomItem(random, presses).id,
    wanted: randomInteger(random, 1, 120),
    note: '',
    card: null,
    runInHand: 0,
    runs: [
      {
        id: 'a',
        name: '',
        technique: 'cut',
        region: 'all',
        pressId: null,
        dieIds: [randomItem(random, dies).id],
        sheetId: randomItem(random, sheets).id,
        sheetCount: 1,
        bladeSide: 'down',
        layers: [],
        finishes: true,
        placed: null,
      },
    ],
  }))
  const layerOf = ({ id, name, thicknessMm }: (typeof plates)[number], role: string) => ({
    is: 'plate',
    plateId: id,
    name,
    thicknessMm,
    role,
    lie: role === 'bed' || role === 'pad' ? { face: randomItem(random, ['a', 'b']), turned: random() < 0.5 } : null,
  })
  const runs = many(size.runs, (at) => {
    const job = randomItem(random, jobs)
    const [run] = job.runs
    const seen = randomItem(random, ['clean', 'clean', 'clean', 'hanging'] as const)
    const start = END_MS - YEARS_MS * (1 - at / size.runs)
    return {
      ...rowOf(random),
      updatedAt: isoAt(start),
      jobId: job.id,
      pressRunId: 'a',
      technique: 'cut',
      region: 'all',
      finishes: true,
      pressId: job.pressId,
      dieIds: run?.dieIds,
      sheetId: run?.sheetId,
      sheetCount: 1,
      bladeSide: 'down',
      at: isoAt(start),
      beganAt: isoAt(start),
      endedAt: isoAt(start + 120_000),
      layers: [
        layerOf(randomItem(random, platforms), 'platform'),
        layerOf(randomItem(random, shims), 'shim'),
        layerOf(randomItem(random, pads), 'bed'),
        { is: 'sheets', plateId: null, name: 'Card', thicknessMm: 0.3, role: null, lie: null },
        { is: 'dies', plateId: null, name: 'Die', thicknessMm: 1, role: null, lie: null },
        layerOf(randomItem(random, random() < 0.5 ? hard : pads), 'pad'),
      ],
      squeezeMm: rounded(1 + random()),
      rounds: [
        {
          passes: randomInteger(random, 1, 3),
          seen,
          hangingShare: seen === 'hanging' ? 0.2 : null,
          hangingPlace: null,
          feel: 'firm',
        },
      ],
      followsRunId: null,
      setAside: false,
      pieces: seen === 'clean' ? 1 : 0,
      spoilt: seen === 'clean' ? 0 : 1,
      note: '',
      placement: null,
    }
  })
  return workshopFile.parse({
    format: 'bold-heron/workshop',
    version: 2,
    exportedAt: isoAt(END_MS),
    houseRules: {
      bladeSide: 'down',
      passes: 'as-predicted',
      hardPlateWithMagnet: 'never',
      hardPlateUnderOutline: 'lace-only',
      units: 'mm',
      fractionDenominator: 16,
      version: 1,
      updatedAt: isoAt(END_MS),
    },
    plates,
    presses,
    dies,
    sheets,
    jobs,
    runs,
    recipes: [],
    photos: [],
  })
}
