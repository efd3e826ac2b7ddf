export type { Of, Plain } from './plain.js'
export { type BorderOfRun, stretchLearnt, type ToldJoins } from './entered/border-of-run.js'
export {
  type BuildInput,
  buildInput,
  type BuildLayerInput,
  buildRow,
  type BuildRow,
  wantedOfJobs,
} from './entered/build.js'
export {
  type ChartBasis,
  chartBasis,
  type ChartInput,
  chartInput,
  chartParts,
  type ChartRow,
  chartRow,
  MOST_CHART_COLUMNS,
  MOST_CHART_ROWS,
} from './entered/chart.js'
export { usualDie, usualSheet } from './entered/usual-things.js'
export { dieEntry, type DieEntry, dieInput, type DieInput, type DieRow, dieRow, dieTable } from './entered/die.js'
export {
  type EveningInput,
  eveningInput,
  type EveningPinsInput,
  eveningRow,
  type EveningRow,
} from './entered/evening.js'
export { feltGapOfPress, type FeltGapOfPress } from './entered/felt-gap.js'
export { columnName, type Field, type FieldKind, type FieldsOf, type FieldTable } from './entered/field-table.js'
export { idField } from './entered/fields.js'
export { type HouseRulesInput, houseRulesInput, houseRulesRow, type HouseRulesRow } from './entered/house-rules.js'
export { type JobInput, jobInput, type JobRow, jobRow } from './entered/job.js'
export { type CutFrom, offcutInput, type OffcutInput, offcutRow, type OffcutRow } from './entered/offcut.js'
export { fromOlderTechnique } from './entered/older.js'
export { type OutlineInput, outlineInput, type OutlineSummary } from './entered/outline.js'
export {
  firstPhoto,
  type Photographed,
  photographed,
  photographedKinds,
  type PhotoInFile,
  type PhotoRow,
  photoRow,
} from './entered/photo.js'
export type { CardLayout } from './entered/placement.js'
export { type PlateInput, plateInput, type PlateRow, plateRow, plateTable } from './entered/plate.js'
export { pressedHowFields, type PressRun, type PressRunRow, type WaxedPaper } from './entered/press-run.js'
export {
  knownFrom,
  knownGoodStack,
  type KnownGoodStackRow,
  LEAST_TYPED_GAP_MM,
  MOST_TYPED_GAP_MM,
  numberSources,
  type PressInput,
  pressInput,
  type PressNumber,
  type PressNumberName,
  pressNumberNames,
  pressNumbers,
  pressRow,
  type PressRow,
  pressTable,
} from './entered/press.js'
export {
  fittingRecipe,
  type RecipeBody,
  recipeFile,
  type RecipeFile,
  type RecipeInput,
  recipeInput,
  type RecipeJob,
  recipeJob,
  type RecipeNaming,
  recipeNaming,
  type RecipeRow,
  recipeRow,
} from './entered/recipe.js'
export {
  type RunInput,
  runInput,
  type RunLayer,
  runNote,
  type RunNoteInput,
  runRow,
  type RunRow,
  type PointedOutInput,
  pointedOutInput,
  tellsMore,
} from './entered/run.js'
export {
  caliperWays,
  grains,
  sheetInput,
  type SheetInput,
  type SheetRow,
  sheetRow,
  sheetTable,
} from './entered/sheet.js'
export { asInlay, type Inlay } from './stored/inlay.js'
export { asWanted } from './stored/as-wanted.js'
export {
  faceFor,
  inputOfJob,
  placementOf,
  jobOfRun,
  plainRun,
  pressIdOf,
  runInHandOf,
  shownAs,
  withPlacement,
  withRunInHand,
  yieldOfRun,
} from './stored/runs-of-job.js'
export {
  type BornePad,
  type Bundle,
  type EvidenceOfRun,
  platesOf,
  pressOf,
  type StackThatWorked,
} from './bundle/bundle.js'
export { chartRequestOf } from './bundle/chart-request-of.js'
export { eveningRequestOf, type JobTonight, jobTonight, type PressTonight } from './bundle/evening-request-of.js'
export { type AskedBeside, planRequestOf } from './bundle/plan-request-of.js'
export { receivedBundle, sentBundle, workshopBundle } from './bundle/workshop-bundle.js'
export { type BatchClaim, batchClaim, claimLetGo, type ClaimWish, claimWish } from './entered/batch-claim.js'
export { dieThumbnails, MOST_THUMBNAILS } from './wire/die-thumbnails.js'
export { type RibbonEdges, ribbonOfRun, type RibbonRuns, withRibbon } from './stored/ribbon-of-job.js'
export {
  mechanicsOf,
  toDie,
  toHouseRules,
  platesById,
  toPlate,
  toPlates,
  sheetOfRun,
  toPress,
  toSheet,
} from './stored/to-core.js'
export { toProvenCut } from './stored/to-recipe.js'
export { jottedRun, layersOfRun, roundedMm } from './stored/to-run.js'
export {
  chartAnswer,
  type ChartAnswer,
  type ChartCellAnswer,
  chartCellTold,
  type ChartCellTold,
  type ComputedChart,
  computedChart,
} from './wire/chart-answer.js'
export { type CsvReport, csvReport, MOST_REFUSED_TOLD } from './wire/csv-report.js'
export { devices } from './wire/devices.js'
export {
  eveningAnswer,
  type EveningAnswer,
  type LayOptionAnswer,
  type QueuedRunsAnswer,
} from './wire/evening-answer.js'
export { faultsOf, readAs } from './wire/faults-of.js'
export {
  dieLearning,
  type DieLearning,
  evidenceChange,
  pressLearning,
  type PressLearning,
  type RunAsEvidence,
} from './wire/learning.js'
export { matWear, type MatWear } from './wire/mat-wear.js'
export { padWear, type PadWearRow } from './wire/pad-wear.js'
export { type Page, pageOf, pageQuery } from './wire/page.js'
export { placeRequest, type PlaceRequest, planRequest } from './wire/plan-request.js'
export { plainQuestion, planQuestion, type PlanQuestion, questionOfRun } from './wire/plan.js'
export { problem, type Problem, type ProblemCode, problemCodes, type ProblemField } from './wire/problem.js'
export { setupInput, type SetupInput } from './wire/setup.js'
export { madePair, pairInput, type PairInput, raisedJobInput, type RaisedJobInput } from './wire/made-together.js'
export { answerOfBorder, borderAnswer, type BorderAnswer, borderFile } from './files/border-file.js'
export { answerOfCard, type CardAnswer, cardAnswer, cardFile, type CardFile } from './files/card-file.js'
export { type ChartFile, chartFile } from './files/chart-file.js'
export {
  type EveningOrderFile,
  eveningOrderFile,
  eveningWholeFile,
  type EveningWholeFile,
  orderAnswer,
  type OrderAnswer,
} from './files/evening-file.js'
export { lookFile } from './files/look-file.js'
export { limitsOfNest, type NestAnswer, nestAnswer, nestFile, type NestFile, wantedOfNest } from './files/nest-file.js'
export { planAnswer, type PlanAnswer, type PlanFile, planFile, type PlannedStack } from './files/plan-file.js'
export { type SimulationAnswer, simulationAnswer, type SimulationFile, simulationFile } from './files/simulation.js'
export { answerOfChart, requestOfChartFile } from './files/to-chart.js'
export { answerOfEvening, answerOfOrder, requestOfEveningFile, wantedOfOrder } from './files/to-evening.js'
export { answerOfPlan, requestOfPlanFile } from './files/to-plan.js'
export { answerOfPressing, type DrawnThing, drawnThings, placingFaults, toPressing } from './files/to-simulation.js'
export { type WorkshopFile, workshopFile } from './files/workshop-file.js'
export { type HelpedAnswer, helpedAnswer } from './wire/causes.js'
export {
  type Audited,
  type AuditedDeed,
  auditedDeeds,
  deviceChange,
  mayDo,
  type PairedDevice,
  pairedDevice,
  type PairingOffer,
  pairingOffer,
  pairingWish,
  type Role,
  roles,
  type Sharing,
  sharing,
  sharingWish,
  type WhoAsks,
  whoAsks,
} from './wire/sharing.js'
export { type News, PAGE_HEADER } from './wire/news.js'
