export { feltGapOfPress, type FeltGapOfPress } from './felt-gap.js'
export { type CsvReport, csvReport, MOST_REFUSED_TOLD } from './csv-report.js'
export { type DieEntry, dieEntry, type DieInput, dieInput, type DieRow, dieRow, dieTable } from './die.js'
export type { Of, Plain } from './plain.js'
export { columnName, type Field, type FieldKind, type FieldsOf, type FieldTable } from './field-table.js'
export { faultsOf, readAs } from './faults-of.js'
export { idField } from './fields.js'
export { type HouseRulesInput, houseRulesInput, type HouseRulesRow, houseRulesRow } from './house-rules.js'
export { type JobInput, jobInput, type JobRow, jobRow } from './job.js'
export { type PressRun, pressedHowFields, type PressRunRow } from './press-run.js'
export {
  inputOfJob,
  placementOf,
  faceFor,
  plainRun,
  pressIdOf,
  runInHandOf,
  withPlacement,
  withRunInHand,
  shownAs,
} from './runs-of-job.js'
export { evidenceChange, type PressLearning, pressLearning, type RunAsEvidence } from './learning.js'
export { fromOlderTechnique } from './older.js'
export { type OutlineInput, outlineInput, type OutlineSummary } from './outline.js'
export { type BorderAnswer, borderAnswer, borderFile } from './border-file.js'
export { limitsOfNest, type NestAnswer, nestAnswer, type NestFile, nestFile, wantedOfNest } from './nest-file.js'
export { type BorderOfRun, stretchLearnt, type ToldJoins } from './border-of-run.js'
export { type BuildInput, buildInput, type BuildLayerInput, type BuildRow, buildRow, wantedOfJobs } from './build.js'
export { type CutFrom, type OffcutInput, offcutInput, type OffcutRow, offcutRow } from './offcut.js'
export { matWear, type MatWear } from './mat-wear.js'
export { padWear, type PadWearRow } from './pad-wear.js'
export { type Page, pageOf, pageQuery } from './page.js'
export {
  firstPhoto,
  type PhotoInFile,
  type Photographed,
  photographed,
  photographedKinds,
  photoRow,
  type PhotoRow,
} from './photo.js'
export { type CardLayout } from './placement.js'
export { answerOfCard, type CardAnswer, cardAnswer, type CardFile, cardFile } from './card-file.js'
export { type PlanAnswer, planAnswer, type PlanFile, planFile, type PlannedStack } from './plan-file.js'
export { devices } from './devices.js'
export { type PlanQuestion, planQuestion } from './plan.js'
export { type PlaceRequest, placeRequest, planRequest } from './plan-request.js'
export { type PlateInput, plateInput, type PlateRow, plateRow, plateTable } from './plate.js'
export {
  knownFrom,
  LEAST_TYPED_GAP_MM,
  MOST_TYPED_GAP_MM,
  knownGoodStack,
  type KnownGoodStackRow,
  numberSources,
  type PressInput,
  pressInput,
  type PressNumber,
  type PressNumberName,
  pressNumberNames,
  pressNumbers,
  type PressRow,
  pressRow,
  pressTable,
} from './press.js'
export { type Problem, problem, type ProblemCode, problemCodes, type ProblemField } from './problem.js'
export {
  fittingRecipe,
  type RecipeBody,
  type RecipeFile,
  recipeFile,
  type RecipeInput,
  recipeInput,
  type RecipeJob,
  recipeJob,
  type RecipeNaming,
  recipeNaming,
  type RecipeRow,
  recipeRow,
} from './recipe.js'
export { type RunInput, runInput, type RunLayer, runNote, type RunNoteInput, type RunRow, runRow } from './run.js'
export { type SetupInput, setupInput } from './setup.js'
export { caliperWays, grains, type SheetInput, sheetInput, type SheetRow, sheetRow, sheetTable } from './sheet.js'
export { answerOfPressing, placingFaults, toPressing } from './to-simulation.js'
export { answerOfPlan, requestOfPlanFile } from './to-plan.js'
export { jottedRun, layersOfRun, roundedMm } from './to-run.js'
export { toProvenCut } from './to-recipe.js'
export { mechanicsOf, toDie, toHouseRules, toPlate, toPress, toSheet } from './to-core.js'
export { type WorkshopFile, workshopFile } from './workshop-file.js'
export { type DrawnThing, drawnThings } from './to-simulation.js'
export { type SimulationAnswer, simulationAnswer, type SimulationFile, simulationFile } from './simulation.js'
export {
  type ChartAnswer,
  chartAnswer,
  type ChartBasis,
  chartBasis,
  type ChartCellAnswer,
  type ChartCellTold,
  chartCellTold,
  type ChartInput,
  chartInput,
  chartParts,
  type ChartRow,
  chartRow,
  type ComputedChart,
  computedChart,
  MOST_CHART_COLUMNS,
  MOST_CHART_ROWS,
} from './chart.js'
export { type ChartFile, chartFile } from './chart-file.js'
export { answerOfChart, requestOfChartFile } from './to-chart.js'
export {
  type EveningAnswer,
  eveningAnswer,
  type EveningInput,
  eveningInput,
  type EveningPinsInput,
  type EveningRow,
  eveningRow,
  type LayOptionAnswer,
  type QueuedRunsAnswer,
} from './evening.js'
export {
  type EveningOrderFile,
  eveningOrderFile,
  type EveningWholeFile,
  eveningWholeFile,
  type OrderAnswer,
  orderAnswer,
} from './evening-file.js'
export { answerOfEvening, answerOfOrder, requestOfEveningFile, wantedOfOrder } from './to-evening.js'
export { asWanted } from './as-wanted.js'
