export { type Fault, failed, ok, type Result } from './faults/fault.js'
export { countOf, type Finding, type Severity } from './faults/finding.js'

export { groupBy } from './numerics/group-by.js'
export { type RandomSource, randomInteger, randomNormal, seededRandom } from './numerics/random.js'
export { type FractionDenominator } from './units/fraction.js'
export {
  type LengthFault,
  type LengthUnit,
  LONGEST_MM,
  MM_PER_INCH,
  parseLength,
  type TypedLength,
} from './units/length.js'
export {
  type LengthStyle,
  printDifference,
  printExact,
  printSize,
  printThickness,
  printHand,
} from './units/length-print.js'
export {
  type BasisKind,
  type CardWeightFault,
  HEAVIEST_GRAMMAGE,
  LIGHTEST_GRAMMAGE,
  parseCardWeight,
  type TypedCardWeight,
} from './units/card-weight.js'
export { type Averaged, averagedReadings } from './units/readings.js'
export { measured, type MeasuredMm, type MeasuringWay, measuringWays } from './units/measured.js'
export {
  estimatedCaliper,
  isSoldByWeight,
  type SheetKind,
  sheetKinds,
  strengthOfKind,
  ORDINARY_CARD_MM,
} from './materials/sheet-kind.js'
export type { Sheet } from './materials/sheet.js'
export { type DieClass, dieClasses, factsOfDieClass, isFolder } from './dies/classes/list.js'
export {
  envelopeFor,
  type EnvelopeUnit,
  printedInches,
  type SquareEnvelope,
  USUAL_CLEARANCE_MM,
} from './cards/envelope.js'
export { enteredFeedEnds, feedEndOf, feedEnds, usualFeedEnd } from './dies/feed-end.js'
export { asUsedIn } from './job/as-used-in.js'
export { holdsBy } from './techniques/holds-by.js'
export { type DieCondition, dieConditions, difficultyOf } from './dies/difficulty.js'
export { type Die, hasBlades } from './dies/die.js'
export { bestFace, type FaceState, faceStates, liesAt, type Plate } from './layers/plate.js'
export { closedIn, idsOfSettings, MOST_LEAVES, plateIdOf, settingsOf } from './layers/leaves.js'
export { type PlateKind, plateKinds } from './materials/plate-kind.js'
export { type BladeSide, type Layer, type Role, roles, thicknessOf } from './layers/layer.js'
export { type PlacedLayer, rolesByPlace } from './layers/role-by-place.js'
export { heightOf, landingAmong, type Stack, platesIn } from './layers/stack.js'
export { type Ledger, ledgerOf } from './layers/ledger.js'
export { factsOfPressClass, gapOfClass, type PressClass, pressClasses } from './press/press-class.js'
export { knownFeels, type KnownGoodStack, type Press, MOST_KNOWN_PASSES } from './press/press.js'
export { type GapSource, gapSources, spreadOfTyped, type TypedGap } from './press/typed-gap.js'
export { type FindingCode, findingCodes } from './techniques/finding-code.js'
export {
  defaultHouseRules,
  type HouseRules,
  type PassSchool,
  passSchools,
  rulesForOnce,
  type TrialStart,
  trialStarts,
} from './job/house-rules.js'
export { type BenchGuide, type FinishingStep, guideMinutes, type GuideStep } from './techniques/bench-guide.js'
export { type TechniqueId, techniqueIds, techniqueOf, usualTechniqueFor } from './techniques/list.js'
export { type LaidLayer, withRoles } from './techniques/give-roles.js'
export { type Method, methodOf, methods, type PressedHow } from './techniques/method.js'
export type { CutContext } from './job/cut-context.js'
export {
  NOT_FELT,
  type HandleFeel,
  handleFeels,
  type HangingPlace,
  hangingPlaces,
  totalPasses,
} from './outcomes/round.js'
export {
  cameOutGood,
  endedGood,
  isGood,
  type Round,
  type Seen,
  seenOutcomes,
  NOT_LOOKED,
  wereLookedAt,
  sheetsGoOn,
  cameOutAsWanted,
  tellsHanging,
} from './goals/looks.js'
export { computedOf } from './techniques/computed-of.js'
export { isCut } from './techniques/goal-of.js'
export type { Computed } from './goals/computed.js'
export type { Goal } from './goals/goal.js'
export { isToDo, type JobState, jobStates, type Logged, stateAfterLog } from './job/job-state.js'
export type { PassAdvice, PassReason } from './goals/advice.js'
export type { Fit, SqueezeWindow, WitnessOfGap } from './learning/squeeze-window.js'
export { whyCodes, type WhyNone } from './planner/why-none.js'
export { timesCameOut } from './planner/times-came-out.js'
export { type Assessment, type Plan, quickPlan, type PlanRequest } from './planner/plan.js'
export { assessStack, planSteps } from './planner/model-plan.js'
export { cleanerStack } from './planner/cleaner-stack.js'
export { othersThan } from './planner/others-than.js'
export { finish, inHundredths, runInSlices, type SliceKeeper, type Steps, within } from './numerics/steps.js'
export { SimulatedResponses } from './planner/simulated-responses.js'
export { cutIn } from './planner/learnt-cut.js'
export {
  keyOfReference,
  keyOfStack,
  type LayerReference,
  referenceOf,
  resolvedStack,
  type StackReference,
} from './layers/stack-reference.js'
export type { ResponseRecord } from './goals/response-record.js'
export { isAnswerFor, type ResponseRecords } from './bases/recorded-responses.js'
export type { Candidate } from './bases/candidates.js'
export { type Cell, emptyReasons } from './chart/cell.js'
export { type ChartRequest, type ChartRow as RowOfChart, USUAL_PER_BASE } from './chart/chart-request.js'
export { betterIn, type Chart } from './chart/read-chart.js'
export { PASS_COST } from './bases/operation-reader.js'
export { chartCellSteps, chartRestSteps, type WholeChart, wholeChartSteps } from './chart/whole-chart.js'
export {
  type EveningJob,
  type EveningPins,
  type EveningPress,
  type EveningRequest,
  USUAL_LAY_GAP_MM,
} from './evening/evening-request.js'
export {
  differenceOf,
  keyOfPlates,
  layerChanges,
  type PieceCount,
  platesOf,
  type StackDifference,
} from './layers/stack-changes.js'
export type { LaidOut } from './evening/lays.js'
export { type LayOption, type NoOptionReason, noOptionReasons } from './evening/options.js'
export type { EveningPlan } from './evening/evening-plan.js'
export { foundLaysSteps } from './evening/find-lays.js'
export { eveningSteps } from './evening/plan-evening.js'
export { orderFromSeed, orderSeeds, provenOrder, putInOrder } from './evening/put-in-order.js'
export { type Batch, type ProvenSchedule, type Schedule, type ScheduleWanted } from './evening/schedule.js'
export { learntTiming, type LoggedTimes, usualTiming } from './evening/timing.js'

export { resistOf, teachesSheet, teachingLike } from './techniques/resist.js'
export { adviceOnRound, toldOf } from './techniques/told-of.js'
export {
  type OwnFigures,
  type PassFigures,
  type PredictedPass,
  type Prediction,
  type WorstCase,
  worstCases,
} from './goals/prediction.js'
export { asPressed } from './techniques/as-pressed.js'
export { type DieUse } from './dies/classes/die-class.js'

export { type Adapted, adaptSteps, type ProvenCut } from './planner/adapt.js'
export { type CutFacts, fittingRecipes, type RecipeDifference, recipeDifferences } from './planner/recipe-fit.js'
export { whyBehind } from './planner/why-behind.js'
export { type Looser, type NextTry } from './planner/next-try.js'
export { type GapGrid, together } from './learning/gap-grid.js'
export type { PiecesById } from './learning/pieces.js'
export type { Learnt } from './learning/learnt.js'
export { isKnownByClassOnly, type LearntGap } from './learning/learnt-gap.js'
export { gapsOf, intervalOf, type Moments, quantileOf, type Spectrum, spreadOfGap } from './learning/posterior.js'
export { learntRounds, type Pressed, type PressedRound } from './learning/pressed.js'
export { difficultyByRuns, gapByRun, type RunEvidence } from './learning/run-evidence.js'
export { requestForOnly, stackWithOnly } from './planner/dies-that-hung.js'
export { askedOfLog, type LogWords } from './log/asked-of-log.js'
export { type StackCut, type WayCut, waysCut } from './log/ways-cut.js'
export { NO_SHEET, type ReadLog, readLog, saidOfPair } from './log/read-log.js'
export { type LastTry, pilesOf, type TriedRound } from './planner/trial.js'
export { type BlindOutcome, BlindPress, drawTraits, type HiddenTraits } from './practice/blind-press.js'
export {
  type Exercise,
  type ExerciseId,
  exerciseIds,
  exerciseOf,
  faultExerciseIds,
  type Grade,
  gradeOf,
  type PlayedRound,
  playRounds,
} from './practice/exercises.js'
export { type GapStory, gapStoryOf } from './planner/gap-story.js'
export { afterRounds, type TrialAdvice, trialAdviceSteps } from './planner/trial-advice.js'
export { usualSqueezeMm } from './goals/usually-wanted.js'

export { bedOfStack } from './goals/clean-cut/cut-setup.js'
export { type Laying, PLAIN_LAYING } from './goals/laying.js'
export { type Hanging } from './outcomes/hanging.js'
export { type PadFace, padFaces, type PadLie, PLAIN_LIE } from './pads/lie.js'
export {
  type BorneRun,
  type FaceWear,
  linesOnPad,
  type PadWear,
  wearCounter,
  wearTogether,
  ZONE_MM,
} from './pads/pad-wear.js'
export { adviceOnPad, asWorn, bowMmOf, type PadAdvice, padAdvices, passesLeft } from './pads/pad-state.js'
export { type Yield, yieldOf } from './job/yield.js'
export { type MeasuringWorth, measuringWorth } from './units/measuring-worth.js'
export { rectangle } from './geometry/rectangle.js'
export { type LinePart } from './geometry/region.js'

export { type Affine, after, identity, rotation, transformed, translation } from './geometry/affine.js'
export { type Box, boxAround, heightOfBox, middleOf, sizeOf, widthOf } from './geometry/box.js'
export { appendCubic, appendQuadratic, arcLine, type Point } from './geometry/flatten.js'
export { joinLines } from './geometry/join.js'
export { contains } from './geometry/nesting-depth.js'
export { circleAt, closedLoop, isClosed, lengthOf, type Polyline, signedAreaOf } from './geometry/polyline.js'
export { measureOutline, countersOf, type Outline, type OutlineMeasures, outlineSources } from './dies/outline.js'
export { standInOutline } from './dies/stand-in.js'
export { shapeHeightMm, type ShapeJoin, shapeJoins } from './dies/shape-height.js'
export { type Bed } from './press/bed.js'
export type { BladeLaw, BladeShape } from './press/laws/blade.js'

export { type Drive, feelOf, type PredictedFeel, predictedFeels } from './press/drive.js'
export type { RollerFrame } from './press/mechanics.js'
export { type ContactCells, type GridSize, type HeightMap } from './press/nip/contact-cells.js'
export { areEqual, framedBy, type FrameMargins, frameRound } from './placement/frame-round.js'
export { placeLines } from './geometry/place-lines.js'
export { partAlong, placesAlong } from './geometry/along.js'
export { linesLaid } from './placement/lines-laid.js'
export { edgesOf, type DiePose } from './placement/place-die.js'
export {
  type BaseKind,
  baseKinds,
  type Card,
  cardOfFront,
  type Fold,
  frontOf,
  lineOfFold,
  usualFronts,
} from './placement/card.js'
export { gluedCount, gluingOrder } from './placement/card-stack.js'
export type { CardPiece } from './placement/card-pieces.js'
export { type Crease } from './placement/crease.js'
export { type DieCut, type Hinge, type RunCut } from './placement/cut-of-run.js'
export { type PlacementFindingCode } from './placement/finding-code.js'
export { fitFindings, type Fitting } from './placement/fit-findings.js'
export { guideTrim } from './placement/guide-trim.js'
export { type KnifeCut, type KnifePlan } from './placement/knife-plan.js'
export {
  type CardEdge,
  cardEdges,
  type EdgeLine,
  type LaidBlock,
  type LaidDie,
  linesOnCard,
  type Motif,
  type PlacedRun,
  pressesBothHalves,
  type Placement,
  type RegionId,
  regionIds,
  type Spot,
} from './placement/placed-run.js'
export { boxInPress, liesMirrored, cardToPressDrawing } from './placement/press-view.js'
export { outlineOfBlock, type PadOnLine, padOnLine } from './placement/pressed-region.js'
export { type PlacementFinding, type PlacementReading, readPlacement } from './placement/read-placement.js'
export { insideRim, roundBlock } from './placement/rim-saved.js'
export { type ByHand, byHandOf } from './placement/by-hand.js'
export { type Surer, surerBy } from './planner/surer.js'
export { type StartKind, startKinds, startPlacement } from './placement/starts/list.js'
export { type RowOfDies, setInRow } from './placement/set-in-row.js'
export { snapAlong, type Snapped } from './placement/snap.js'
export { templateOf, type TemplateChoice } from './placement/template.js'
export { type TemplateLine, type TemplatePart, templateParts } from './templates/template-line.js'
export {
  type Border,
  type BorderCut,
  type BorderFault,
  type BorderFeed,
  type BorderWanted,
  borderFaults,
  type BorderMargins,
  borderMargins,
  borderFeeds,
  planBorder,
} from './borders/joins.js'
export { type LearntStretch, learntStretch, type ToldMisfit } from './borders/stretch.js'
export { type EdgePhase, edgePhases, type FrameCorners, frameCorners } from './borders/edges.js'
export {
  type EdgeCutter,
  type EdgesWanted,
  edgesAlong,
  keepPhase,
  ribbonWidthOf,
  stripWidthOf,
} from './borders/ribbon-of-runs.js'
export { edgeCutterOf, isDrawn } from './dies/edge-cutter.js'
export { type BorderKind, borderKindOf, crestOf, pitchOf } from './borders/pitch.js'
export {
  type Nest,
  type Enough,
  limitsOf,
  nest,
  type NestEnd,
  nestEnds,
  nestEndsBy,
  nestFor,
  type NestLimits,
  type NestWanted,
  type PieceTurns,
  pieceTurns,
  USUAL_EDGE_MM,
  USUAL_GAP_MM,
} from './nesting/nest.js'
export type { PlacedPiece } from './nesting/placed-piece.js'
export { usableOf } from './nesting/usable.js'
export { turnsOn } from './nesting/turns-on.js'
export { borderMarks, type MarkedPart } from './borders/marks.js'
export { insidePlace } from './placement/window-through.js'
export { makeWordCard, type WordOnCrease, type WordOnFold, wordOnCrease, wordOnFold } from './placement/word-on-fold.js'
export { eachDieOnce, isMarked, marksBefore, type SideMark } from './placement/each-die-once.js'
export { canSpell, spelt } from './dies/spelt.js'
export { openSideOf } from './placement/half-on-fold.js'
export { type EdgeMark, edgeMarksOf } from './placement/edge-marks.js'
export { type OwnEdge, ownEdgeOf } from './placement/own-edge.js'
export {
  allSides,
  type PanelSide,
  panelRound,
  panelSides,
  sizeRound,
  USUAL_MARGIN_MM,
} from './placement/panel-round.js'
export {
  type BesidePressed,
  type PlacedPlan,
  placedPlanSteps,
  placedDies,
  placedCut,
  placedRequest,
} from './planner/placed-cut.js'
export { type CutPass, type Pressing } from './press/cut-simulation.js'
export type { ForceCurve } from './press/press-passes.js'
export { type FineFeel, fineFeels } from './press/simulated/press-through.js'
export { type CutPressing, type PressingDie } from './press/simulated/cut.js'
export {
  outOfThroat,
  simulatePressing,
  type SimulatedPressing,
  type PressingPass,
  type PressingResult,
} from './press/simulated/simulate.js'
export type { Proposal } from './goals/proposal.js'
export { type Suggestion, suggestionSteps } from './planner/suggestions.js'
export { type LineMap, type LineState, lineStates } from './goals/line-map.js'
export { type PressSample, pressSample } from './goals/clean-cut/press-sample.js'
export { limitOf, type LoadCurve, type TryOut, tryOut } from './goals/clean-cut/try-out.js'
export type { FeltBelief } from './learning/felt.js'
export {
  type FeltGap,
  type FeltPlate,
  feltHeightMm,
  type FeltPlace,
  feltPlaces,
  type FeltTry,
  platesHeightMm,
} from './press/felt-gap.js'
export { beforeFeeling } from './learning/before-feeling.js'
export { bareOf, feltAfter, gripsBare, nextFeeling, type NextFeeling } from './planner/feeling.js'

export { envelopeTemplate, type EnvelopeFlaps, flapsOf, foldingSteps } from './cards/envelope-fold.js'
export { envelopesThatHold, type StandardEnvelope } from './cards/standard-envelopes.js'
export { basesOfSheet, matOf, type PanelSize, scoresFor } from './cards/panels.js'
export { factsOfJoin, type LayerJoin, layerJoins } from './materials/joins.js'
export { linesOfShape } from './dies/shape-of-die.js'
export { asJoined, fromTableUp } from './builds/by-height.js'
export {
  type BuildLayer,
  type BuildSection,
  FLUSH_WITHIN_MM,
  piecesWanted,
  layerLies,
  sectionOf,
} from './builds/layers.js'
export { afterwardsOf, compositeOf, type EnteredPart, factsOfPart } from './materials/composite.js'
export { type CompositePart, compositeParts, type SheetPart } from './materials/sheet-part.js'
export { pieceOf } from './nesting/piece-of.js'
export { isUseful, leftOver } from './nesting/left-over.js'
export { planRibbon, type RibbonEdge, ribbonFaults, type RibbonWanted } from './borders/ribbon.js'
export { exactLengths } from './borders/exact-lengths.js'
export { blockOfMaterial, type ComparedBlock, compareBlocksSteps } from './planner/compare-blocks.js'
export { type PartingPlace, partingPlaces } from './dies/parting.js'
export {
  type BlankWay,
  blanksBefore,
  leftOfCutUp,
  sizeOfDies,
  waysToCutToSize,
  wayToCutToSize,
} from './materials/cut-to-size.js'
export { jobsTogether } from './builds/jobs-together.js'
export { blockRowSteps, diesOfClasses } from './planner/block-leaf.js'
export { leftBesideStrips, type StripWay, waysToCutStrips } from './borders/strips.js'
export {
  type Edit,
  editBlock,
  editDie,
  editLine,
  editMotif,
  editRun,
  freshId,
  keyOfThing,
  type LaidThing,
  markSpot,
  moveThing,
  takeThing,
  turnThing,
} from './placement/edits.js'
export { firstRounds, mostPressed, passesBySheets, roundsUntilGood, runningMean } from './log/attempts.js'
export { changedLayers, type JotChange, jotChanges, latestOfEach } from './log/jotted.js'
export { type Want, type WantId, wants } from './techniques/wants.js'
export { feltStory, isWorthTelling, MEASURED_TOGETHER, paperFelt, spectrumOfStory } from './planner/felt-story.js'
export { leastWasteFirst } from './nesting/least-waste.js'
export { type UsualPiece, usualPieces, usualPlate } from './press/usual-plates.js'
export { MODEL_EDITION } from './press/edition.js'
export { type Diagnosis, diagnosisFrom, firstRankingSteps } from './diagnosis/diagnose.js'
export type { RankedRemedy } from './diagnosis/gains.js'
export type { RankedCause } from './diagnosis/ranking.js'
export { type CauseId, causeIds, type GeneralRemedyId, type RemedyId, remedyIds } from './diagnosis/cause-ids.js'
export { causes, type ListedCause } from './diagnosis/causes/list.js'
export { sceneOf } from './diagnosis/scene.js'
export type { Answers, QuestionId } from './diagnosis/questions.js'
export type { HangingStretch } from './outcomes/hanging-stretch.js'
export { laidStretches } from './outcomes/laid-stretches.js'
export { hangingOf, shareHanging, stretchesOf } from './outcomes/stretches.js'
export { lookPointedOut } from './diagnosis/pointed-out.js'
export type { ReportedRound } from './diagnosis/reported-round.js'
export type { HelpedBy } from './diagnosis/helped.js'
export { faultOf, lookedUp } from './practice/hidden-fault.js'
export {
  FROM_STRIP_EDGE_MM,
  LEAST_RIBBON_MM,
  SEEN_MISFIT_MM,
  USUAL_STRETCH,
  USUAL_STRIP_MM,
} from './borders/constants.js'
export { MOST_SHAPE_LAYERS } from './dies/constants.js'
export { USUAL_CHANGE_WORTH_MIN, USUAL_REST_MIN } from './evening/constants.js'
export { SCORED_FROM } from './pads/constants.js'
export { GUIDE_MARGIN_MM, USUAL_OVERLAP_MM } from './placement/constants.js'
export { GAIN_WORTH_A_WORD, SHARE_WORTH_MEASURING, USUAL_PAPER_MM } from './planner/constants.js'
export { LOWEST_MIDDLE_MM } from './press/constants.js'
