export { adviseRecipe } from './answers/advice/adviseRecipe';
export { bridgeFix, evenedFix } from './answers/advice/fixes/bridgeFix';
export { applyFix, type Fix } from './answers/advice/fixes/fix';
export { mixSteps, starkStep, type MixStep } from './answers/advice/mixSteps';
export { passesAt, passesToward, type Passes, type PassesToward } from './predicted/buildUp/passes';
export { brushfulsOf, partsFromBrushfuls } from './predicted/paint/brushfuls';
export { thinningHabit, withThinningHabit } from './predicted/paint/thinningHabit';
export { surfaces, type SurfaceName } from './written/technique/surfaceNames';
export { surfaceFacts, type SurfaceFacts } from './written/recipe/surfaceFacts';
export { ruleNames, rules, type Remark } from './answers/advice/remark';
export { repairFix } from './answers/advice/fixes/repairStep';
export { stoppingPoints } from './answers/advice/stoppingPoints';
export { underColourFix } from './answers/advice/fixes/underColourFix';
export {
  armySchema,
  evenedOut,
  holdsBack,
  modelsByPin,
  pinOf,
  sharesOf,
  sharesWithin,
  sizeClasses,
  unitOf,
  unitSchema,
  type Army,
  type OwnRecipe,
  type Part,
  type Unit,
  type UnitSurface,
} from './answers/work/army/army';
export {
  figureSheet,
  type SheetLine,
  type SheetPart,
} from './answers/work/log/onFigure/figureSheet';
export { layersDone } from './answers/work/log/onFigure/layersDone';
export { strippedEntries, strippingCaution } from './answers/work/log/onFigure/stripping';
export { holderOf } from './answers/work/log/entry';
export { partedBy } from './answers/work/log/ownPart';
export {
  isTouched,
  stackOn,
  type Stack,
  type StackAsked,
} from './answers/work/log/onFigure/stackOn';
export { layersOn, onEachOther, type Layer } from './answers/work/army/surfaces/layersOn';
export { mostOvers, overSchema, type Over } from './answers/work/army/surfaces/over';
export {
  coveredBy,
  surfaceOf,
  turnOf,
  workSurfaces,
  type WorkSurface,
} from './answers/work/army/surfaces/workSurfaces';
export {
  batchSchema,
  spanOf,
  type Batch,
  type ModelRange,
  type Session,
} from './answers/work/army/batch';
export {
  belonging,
  type Belonging,
  type JudgedSurface,
} from './answers/work/army/surfaces/belonging';
export {
  dealVariants,
  dealtRecipes,
  likeNeighbours,
  variedSurfaces,
  withOwnRecipe,
} from './answers/work/army/surfaces/dealVariants';
export { areNeighbours, placesOf, surfacesAt } from './answers/work/army/figure';
export { figurePlaceNames, figurePlaces, type FigurePlace } from './answers/work/army/figurePlaces';
export { type OwnFigures } from './answers/work/army/ownFigures';
export {
  paintNeeded,
  usualPotMl,
  type PaintNeeded,
  type RecipeOf,
} from './answers/work/army/paintNeeded';
export { pinKey, type RecipePin } from './written/recipe/recipePin';
export { markOnGround, type MarkAsked } from './answers/match/markOnGround';
export { lightPlaces } from './answers/glow/lightPlaces';
export { pointLightSchema, type PointLight } from './answers/glow/pointLight';
export { placePoints, type Vector } from './answers/glow/figureBody';
export {
  fullyLit,
  glowSchools,
  glowWithin,
  type GlowSchool,
  type GlowPlace,
  type PaintedGlow,
} from './answers/glow/glowOnSurface';
export { bouncedLight } from './answers/glow/bouncedLight';
export { unitGlow, type HowLit, type SurfaceGlow, type UnitGlow } from './answers/glow/unitGlow';
export { knownColour } from './predicted/paint/knownColour';
export { ontoGround } from './written/lines/ontoGround';
export { groundWords } from './predicted/buildUp/groundWords';
export { groundRefusal, groundsBelow, mostGrounds, onGround } from './predicted/buildUp/onGround';
export { isHeldBack, stepsFor } from './answers/work/army/surfaces/stepsFor';
export {
  armyOnBench,
  benchSchema,
  looseFigure,
  looseUnit,
  recipesOnBench,
  type Bench,
} from './answers/work/bench/bench';
export { benchStep, type BenchStep } from './answers/work/bench/benchStep';
export { benchTasks, type BenchState, type BenchTask } from './answers/work/bench/benchTasks';
export { type Drying } from './answers/work/bench/drying';
export { broughtOver, firstUnticked, withoutNotes } from './answers/work/bench/olderArmies';
export { oneMoreLike } from './answers/work/bench/oneMoreLike';
export {
  extraStep,
  forModels,
  paintedCoat,
  type EntryHead,
} from './answers/work/bench/paintedCoat';
export { planNotes, type NotedCoat } from './answers/work/bench/planNotes';
export { wetMixes, type WetMix } from './answers/work/bench/wetMixes';
export { bandCount } from './light/colour/cieObserver';
export { colourDifference } from './light/colour/colourDifference';
export { colourOfHex } from './light/colour/colourOfHex';
export { colourOfLab } from './light/colour/colourOfLab';
export { hexSchema, readHex } from './light/colour/hex';
export {
  hexOfHueStrengthBrightness,
  hueStrengthBrightnessOf,
  type HueStrengthBrightness,
} from './light/colour/hueStrengthBrightness';
export { meanHex } from './light/colour/meanHex';
export { reflectanceFromHex, solveReflectance } from './light/colour/reflectanceFromHex';
export { reflectanceToXyz } from './light/colour/reflectanceToXyz';
export { flatSpectrum, type Spectrum } from './light/colour/spectrum';
export { colourOfXyz, surfaceColour, type SurfaceColour } from './light/colour/surfaceColour';
export {
  fileFormats,
  formatNames,
  formatOfFile,
  takenIn,
  type FileFormat,
  type FormatName,
} from './file/fileFormats';
export { readGimpPalette, writeGimpPalette } from './file/gimpPalette';
export {
  fileMinor,
  fileVersion,
  fileListNames,
  ledgerFileJsonSchema,
  ledgerFileOf,
  ledgerFileSchema,
  writeLedgerFile,
  type FileListName,
  type KeptSection,
  type LedgerFile,
} from './file/ledgerFile';
export { clubListNames, isClubList, type ClubListName } from './file/clubLists';
export { writeTrailCsv } from './file/csv/trailCsv';
export { writeLogCsv } from './file/csv/logCsv';
export { measuredAfter, saysOtherwise, withNotes, type NotesOfArmies } from './file/olderFile';
export { potColumns } from './file/csv/potColumns';
export { guessMapping, readTable, writePotCsv, type ColumnMapping } from './file/csv/potCsv';
export { TableError, type PotTable } from './file/csv/potTable';
export { previewPots, type BadRow, type PotsPreviewer } from './file/csv/previewPots';
export { ledgerFileText, LedgerFileWriting } from './file/ledgerFileWriting';
export { LedgerFileError, LedgerFileReading, type FileHead } from './file/ledgerFileReading';
export { readLedgerFile, type ReadFile } from './file/readLedgerFile';
export { recipeMarkdown } from './file/recipeMarkdown';
export { recipeStrip } from './file/recipeStrip';
export { drawForm } from './predicted/form/drawForm';
export { paintedForm, type PaintedRibbon } from './predicted/form/paintedForm';
export { lightNames, type LightDirection } from './written/place/light';
export { drawGuide } from './predicted/form/drawGuide';
export { formField, shareBelow } from './written/place/formField';
export { views } from './predicted/form/formView';
export { gradientBands, type GradientBand } from './predicted/form/gradientBands';
export { guideMarks, type GuideMark } from './predicted/form/guideMarks';
export { areaPainted, areaShares, readsAs, readsAsWhole } from './predicted/form/readsAs';
export { forms } from './written/place/forms';
export {
  sideNames,
  sideWords,
  type Aim,
  type AimSide,
  type Stretch,
  type WrittenAim,
} from './written/place/aim';
export { aimWords, aspectName, aspectNames } from './written/place/aimWords';
export { plainAspect, type Aspect } from './written/place/aspects';
export { placementsOf } from './written/place/shrinking';
export {
  mostSpots,
  sectionWay,
  sectionWayNames,
  spotSchema,
  type Sections,
  type Shape,
  type Spot,
  type SpotMark,
} from './written/place/shape';
export { readySpotOf, usualShare } from './written/place/spotWeights';
export { aimKeyOf, aimOf } from './written/recipe/aimOf';
export { aimProblem } from './written/recipe/aimProblem';
export { aspectOfLine, aspectsOfRecipe } from './predicted/buildUp/aspectsOfRecipe';
export {
  brushFacts,
  brushNames,
  brushSizes,
  strokeFacts,
  strokeNames,
  toolWords,
  type Tool,
} from './written/technique/tool';
export { armyProgress, tickedOn, type UnitProgress } from './answers/work/log/armyProgress';
export { asDone } from './answers/work/log/asDone';
export { asMixed, brushedOf, mixOfBrushed } from './answers/work/log/asMixed';
export {
  entrySchema,
  type Brushed,
  type CoatEntry,
  type Deviation,
  type EntryOf,
  type LogEntry,
} from './answers/work/log/entry';
export { handsOnTable, type HandsOnRow } from './answers/work/log/handsOnTable';
export {
  enoughRecords,
  learnFigures,
  type Learned,
  type LearnedFigures,
} from './answers/work/log/learnFigures';
export {
  modelRecord,
  type RecordedLine,
  type RecordedSurface,
} from './answers/work/log/modelRecord';
export {
  onFigures,
  surfaceKey,
  untouched,
  type OnSurface,
} from './answers/work/log/onFigure/onFigure';
export { notedCoatsOf, paintTaken, paintUsed, type PaintUsed } from './answers/work/log/paintTaken';
export { paintToCome, type PotToCome } from './answers/work/log/paintToCome';
export { paintedOnArmy } from './answers/work/log/onFigure/paintedOnArmy';
export { sessionsOf, type LoggedSession } from './answers/work/log/sessions';
export { inOrder, nextOrder, standing } from './answers/work/log/standing';
export { differenceWords } from './light/colour/differenceWords';
export {
  matchColour,
  type MatchLimits,
  type MatchedMix,
  type Matcher,
} from './answers/match/matchColour';
export { type MatchPot } from './answers/match/matchPot';
export { mixMeter, type Looked } from './answers/match/screen/mixMeter';
export { paintableWith, type Paintable } from './answers/match/paintableWith';
export { pairReasons, pairsWith, type Pair } from './answers/match/pairsWith';
export {
  recolouring,
  type Recoloured,
  type RecolourAsked,
  type RecolouredLine,
} from './answers/match/recolour';
export { midOfRecipe } from './answers/match/recolourTargets';
export { ReplaceError, replacePot, usesPot } from './answers/match/replacePot';
export { replacementVerdict, standings, type Standing } from './answers/match/replacementVerdict';
export { shoppingList, type ShoppingLine } from './answers/match/shoppingList';
export { potCosts, substitutes, type Substitute } from './answers/match/substitutes';
export { wholeParts } from './answers/match/screen/wholeParts';
export { averageReadings } from './light/reader/averageReadings';
export { ReaderError, type AveragedReading, type ColourReader } from './light/reader/colourReader';
export { filmOver } from './light/optics/filmOver';
export { hidingLevelOf, hidingLevels } from './written/pot/hidingLevels';
export { asLeft, asMeasured } from './written/pot/left';
export { masstoneOf } from './light/optics/masstone';
export { mixOptics } from './light/optics/mixOptics';
export { hidingOf, opticsOf, opticsOfPot, solveOptics } from './predicted/paint/opticsOfPot';
export {
  clearKinds,
  driesAsNames,
  potFinishes,
  potFlows,
  potKinds,
  swatchReadings,
  transparentKinds,
  type SwatchReading,
  potSchema,
  thinsAsNames,
  type Pot,
} from './written/pot/pot';
export { cardBlack, cardWhite, practiceCard } from './predicted/paint/practiceCard';
export { simulatedReader } from './light/reader/simulatedReader';
export { CardError, solveCard } from './predicted/paint/solveCard';
export {
  dropMlOf,
  isAtHand,
  ownShelf,
  ownerOf,
  stockOf,
  usualDropMl,
  usuallyLowMl,
} from './written/pot/stock';
export { bringBack, type AddedDrops, type BroughtBack } from './answers/palette/bringBack';
export {
  countDrops,
  makeAgain,
  mixOfWell,
  mixWanted,
  thinningOf,
} from './answers/palette/makeAgain';
export {
  WellError,
  loadOfAmounts,
  moreOf,
  paintMl,
  pour,
  putIn,
  sharesIn,
  takeSome,
  volumeMlOf,
  wantedOf,
  type Amounts,
} from './answers/palette/puddle';
export { rooms, staysUsableMinutes, type Room } from './answers/palette/staysUsable';
export {
  keepings,
  mostWells,
  paletteSchema,
  potIdsInPalette,
  wantedMixSchema,
  type Palette,
  type WantedMix,
  type Well,
} from './answers/palette/well';
export { batchSizes, waitingAllowed, type BatchSize } from './answers/work/plan/batchSize';
export { BatchTooLargeError } from './answers/work/plan/batchWork';
export { withPinned } from './answers/work/army/withPinned';
export { chosenModels } from './answers/work/plan/chosenModels';
export { type Rule } from './answers/work/plan/schedule/dispatched';
export { dryMinutesOf, hairDryerCaution, reckonedDryMinutes } from './answers/work/plan/dryingTime';
export { handsOnMinutes } from './answers/work/plan/handsOn';
export { lowerBound } from './answers/work/plan/schedule/lowerBound';
export { orderOfWork, workOrders, type WorkOrderName } from './answers/work/plan/orderOfWork';
export { planBatch } from './answers/work/plan/planBatch';
export {
  plannedSessions,
  splitOver,
  type PlannedSession,
} from './answers/work/plan/plannedSessions';
export {
  type PlannedMixing,
  type PlannedRun,
  type PlannedWork,
} from './answers/work/plan/plannedWork';
export { slipOf, spillRisk, type OrderEntry } from './answers/work/plan/schedule/spillRisk';
export {
  changedSince,
  madeFrom,
  timetableSchema,
  type MadeFrom,
  type Timetable,
} from './answers/work/plan/schedule/timetable';
export { tryRules, type Schedule } from './answers/work/plan/schedule/tryRules';
export { orderedSurfaces, ranksOf } from './answers/work/plan/unitOrder';
export {
  repaintOver,
  versionGap,
  type Repaint,
  type VersionGap,
} from './answers/work/plan/versionGap';
export {
  NothingToPaintWith,
  buildProgression,
  type Progression,
} from './answers/drafting/buildProgression';
export { lightPot, shadePot } from './answers/drafting/choosePots';
export { draftRecipe } from './answers/drafting/draftRecipe';
export {
  mostInChain,
  progressionOptionsSchema,
  type ProgressionOptions,
} from './answers/drafting/progressionOptions';
export {
  lightenChoices,
  type LightenChoice,
  schoolNames,
  schools,
  shadeChoices,
  thinChoices,
  type SchoolName,
} from './answers/drafting/schools';
export { tonalLadder } from './answers/drafting/tonalLadder';
export {
  controlChart,
  firstModels,
  type ControlChart,
  type Lab,
} from './answers/work/readings/controlChart';
export {
  atTone,
  lineOfPlace,
  placeKey,
  toneOf,
  type ReadPlace,
} from './answers/work/readings/readPlace';
export { explainDrift, labsOf, type DriftCause } from './answers/work/readings/explainDrift';
export { fitFilm, fitHiding, type Fit } from './answers/work/readings/fitHand';
export { likelierPlace } from './answers/work/readings/likelierPlace';
export { PhotoError, readPhoto, usualGreyValue } from './answers/work/readings/photoReading';
export { readModels } from './answers/work/readings/readModels';
export { depositOf, filmOf, layOver } from './predicted/buildUp/applyStep';
export { borderBridge, type BorderBridge } from './predicted/glazes/borderBridge';
export {
  bridgeInRungs,
  bridgeMixes,
  rungsByParts,
  type Bridge,
} from './predicted/glazes/bridgeMixes';
export {
  everyAspect,
  finishedSurface,
  type AspectBuildUp,
  type BuildUp,
  type StepBuildUp,
} from './predicted/buildUp/buildUp';
export { BuildUpPredictor } from './predicted/buildUp/buildUpPredictor';
export { coatsToCover, coveredWithin, mostCoatsTried } from './predicted/paint/coatsToCover';
export {
  compareGrounds,
  suggestUnderColour,
  type OverGround,
  type UnderColour,
} from './predicted/coverage/compareGrounds';
export {
  pairLines,
  worstPlace,
  type LinePair,
  type WorstPlace,
} from './predicted/buildUp/compareLines';
export {
  consistencies,
  consistencyOf,
  consistencyWord,
  type Consistency,
  stiffnessOf,
  thinnerEffect,
  thinnerFor,
  waterHeldBy,
} from './predicted/paint/consistency';
export { coverageByPlace, type PlaceCoverage } from './predicted/coverage/coverageByPlace';
export { dropsFor, isAsThin, type Drops } from './predicted/paint/dropsFor';
export { changesAt, tints, type PlaceChange } from './predicted/glazes/filterEffect';
export { finishTotals, type FinishTotals } from './answers/work/plan/finishTotals';
export { flattenMix, type PotShare } from './written/recipe/flattenMix';
export { formNames, type FormName } from './written/place/forms';
export { formOf, shapeOf } from './written/recipe/shapeOf';
export { coatsOf, includedSteps, rangeOfCoats, reaches } from './written/recipe/includedSteps';
export {
  differencesBetween,
  mergeRecipes,
  usualChoices,
  type Difference,
  type Side,
} from './written/lines/mergeRecipes';
export {
  loadOf,
  mixSchema,
  waterShareOf,
  type Mix,
  type MixPart,
  type Thinning,
} from './written/mix/mix';
export {
  mixLineage,
  staysWetUntil,
  type MixOrigin,
  type StaysWet,
} from './written/recipe/mixLineage';
export { loadWords, mixWords, thinningWords } from './written/mix/mixWords';
export {
  UnknownPotError,
  groundOf,
  isEstimate,
  mixedColour,
  mixedPaint,
  potOn,
  shelfOf,
  type Shelf,
} from './predicted/paint/mixedPaint';
export { moveStep } from './written/lines/moveStep';
export { placementSchema, pulls, type Placement } from './written/place/placement';
export { playForward, preCompensate } from './predicted/glazes/preCompensate';
export { depositAt } from './written/recipe/depositAt';
export {
  coverageOf,
  predictBuildUp,
  predictPlainBuildUp,
} from './predicted/buildUp/predictBuildUp';
export { pushHighlight, pushedMix, type HighlightPush } from './predicted/glazes/pushHighlight';
export {
  mostSteps,
  potIdsOf,
  recipeHeadSchema,
  recipeNotesSchema,
  recipeSchema,
  type Recipe,
  type RecipeHead,
  type RecipeNotes,
  type RecipeParent,
} from './written/recipe/recipe';
export { simplestParts } from './written/mix/simplestParts';
export {
  finishLevels,
  mostCoats,
  stages,
  stepSchema,
  type FinishLevel,
  type Stage,
  type Step,
} from './written/recipe/step';
export { laidOver, surfaceBelow } from './predicted/buildUp/surfaceBelow';
export {
  isMessy,
  techniqueNames,
  techniqueOf,
  type Technique,
  type TechniqueName,
} from './written/technique/techniques';
export {
  nearestStop,
  placeOf,
  ribbonStops,
  toneStops,
  type ToneStopName,
} from './written/place/toneAxis';
export { valueStaircase, type Stair } from './predicted/buildUp/valueStaircase';
export { freezeSchema, versionSchema, type Freeze, type Version } from './written/recipe/version';
export { lineKey } from './answers/work/army/ownFigures';
export {
  coatsInWords,
  densityWords,
  howWords,
  placeWords,
  whereWords,
} from './written/lines/lineWords';
export { wetVolumeMl } from './predicted/buildUp/wetVolume';
export { withFilm } from './written/lines/withFilm';
export { carriersOf, withoutStep, withStep } from './written/lines/withoutStep';
export { meaningTells, meaningWord, meanings, type Meaning } from './written/technique/meaning';
export { estimatesOf, type EstimateCause } from './predicted/buildUp/estimatesOf';
export { lineMeanings } from './answers/advice/lineMeanings';
export { bringBackFix, setAsideFix } from './answers/advice/setAside';
export { writtenRecipe, type WrittenLine, type WrittenRecipe } from './written/lines/writtenRecipe';
export { withKnownTakenIn } from './written/record/carriedFields';
export { readNumber, type NumberReading } from './written/record/readNumber';
export { fieldErrors, sentenceOf, type FieldError } from './written/record/fieldErrors';
export {
  idSchema,
  lineLimit,
  lineOfText,
  numberWithin,
  pageOfText,
  wholeNumberWithin,
} from './written/record/fields';
export { fingerprint } from './written/record/fingerprint';
export { mergeContents } from './written/record/mergeContents';
export {
  belongsTo,
  potsDrawnBy,
  resourceNames,
  resources,
  type AnyRecord,
  type ContentOf,
  kinds,
  type ResourceName,
} from './catalogue/catalogue';
export { isOpaqueId, opaquePrefix } from './written/record/opaqueId';
export { keptSchema, revisionSchema, type Kept } from './written/record/revision';
export { isSameContent } from './written/record/sameContent';
export { layLine } from './answers/rescue/layLine';
export { type Mend, type Mishap } from './answers/rescue/mishap';
export { mishapKinds, mishapOf, type MishapKind } from './answers/rescue/mishapKinds';
export { mishapDegrees, mishapSurface, type MishapDegree } from './answers/rescue/mishapSurface';
export { plannedAfter, rescue } from './answers/rescue/rescue';
export { bareJpeg } from './answers/picture/bareJpeg';
export {
  asKeptPicture,
  pictureBytes,
  pictureHash,
  pictureHashSchema,
} from './answers/picture/keptPicture';
export { type FilePicture, type KeptPicture } from './answers/picture/keptPicture';
export { inValues, sharesInValues, valueGreys } from './answers/picture/inValues';
export { figureIn, lightField, wayUp, type LightField } from './answers/picture/lightField';
export { type Pixels } from './answers/picture/pixels';
export {
  fewestValues,
  leastCut,
  mostValues,
  usualLightMap,
  type CutOut,
  type LightMapSettings,
} from './answers/picture/lightMapSettings';
export { lineAtTone, type LineAtTone } from './answers/picture/lineAtTone';
export {
  keptPictureSide,
  lookAtPicture,
  mostKeptBytes,
  PictureError,
  refuseLarge,
} from './answers/picture/lookAtPicture';
export { greyByteOf } from './answers/picture/greyValue';
export { pictureFormats, pictureFormatWords } from './answers/picture/pictureFormats';
export {
  isOf,
  photographKinds,
  type Photograph,
  type PhotographKind,
  type PhotographOf,
} from './answers/picture/photograph';
export { recipeInValues, type RecipeInValues } from './answers/picture/recipeInValues';
export { isForgotten, waitBefore, withoutOne, withWrong, type Attempts } from './club/attempts';
export {
  bringingSchema,
  bringSchema,
  lendingSchema,
  loanSchema,
  whoHas,
  type Bring,
  type Holder,
  type Loan,
} from './club/loan';
export { likeness, memberNameSchema } from './club/memberName';
export { alsoPaintedOn, atTheTable, type AlsoOnIt, type AtTheTable } from './club/atTheTable';
export { claimingSchema, claimSchema, type Claim } from './club/claim';
export {
  approvingSchema,
  decliningSchema,
  proposalSchema,
  proposingSchema,
  remarkingSchema,
  type Proposal,
  type ProposalRemark,
} from './club/proposal';
export { passphraseSchema } from './club/passphrase';
export { actions, type Action } from './catalogue/grants';
export { kindNames, type KindName, type RecordHolder } from './catalogue/kind';
export { referencesOf, veiled, withReferences, type Reference } from './catalogue/references';
export { matters, may, rights, type Matter } from './catalogue/rights';
export { relations, roleNames, roles, type Relation, type Role } from './club/roles';
export { counted } from './counted';
export { PotNames, potNamesOf } from './answers/shorthand/potNames';
export { mostLetters as mostSentenceLetters } from './answers/shorthand/strict/readSentence';
export { lacksPot, readLine } from './answers/shorthand/readLine';
export type { LineReading } from './answers/shorthand/lineReading';
export type { SaidChange } from './answers/shorthand/commands/saidChange';
export { isSpokenWord } from './answers/shorthand/lexicon/lexicon';
export type { SpotSaid } from './answers/shorthand/speech/spotsSaid';
export { potSaid, lineSentence } from './answers/shorthand/lineSentence';
export { lineFrom } from './answers/shorthand/lineFrom';
export type { Beside, Mark as SentenceMark, Rough as RoughWord } from './answers/shorthand/said';
export { withTechnique } from './answers/shorthand/withTechnique';
export {
  mostTextLetters,
  proposedLines,
  readProposed,
  stepsOf,
  unknownPots,
  withNamed,
  type ProposedLine,
  type ReadProposedLine,
} from './answers/shorthand/text/proposedLines';
export {
  asOneSurface,
  surfaceNamed,
  surfacesOfText,
  type SurfaceOfText,
} from './answers/shorthand/text/surfacesOfText';
export {
  mostQuestions,
  textQuestions,
  withAnswer,
  type TextQuestion,
} from './answers/shorthand/text/textQuestions';
export { unknownAsNote } from './answers/shorthand/unknownAsNote';
export { guessedByName, guessedHiding, type GuessedPot } from './written/pot/guessedByName';
export {
  guessedByNameNote,
  pigments,
  plainPots,
  primerPots,
  type Pigment,
} from './written/pot/pigments';
export { mostNames, namesListed, potBegun, type PotBegun } from './written/pot/newPots';
export { openSheet, readSheet, type FieldReading } from './answers/sheet/readSheet';
export { apartOf, type StrokePot } from './answers/sheet/potOfField';
export { practicePots } from './answers/sheet/practicePots';
export {
  practiceFaults,
  practiceSheet,
  type PracticeFault,
  type PracticePot,
} from './answers/sheet/practiceSheet';
export {
  corners as sheetCorners,
  cornerSquares,
  fieldBox,
  fieldCount,
  patches as sheetPatches,
  sheetHeight,
  sheetWidth,
  strokeBand,
  type Box as SheetBox,
} from './answers/sheet/sheetLayout';
export { randomFrom } from './written/record/randomFrom';
export { paintPast } from './simulate/paintPast';
export type { Past, PastAsked, PastPainter } from './simulate/past';
export { withSaid } from './answers/shorthand/withSaid';
export { readSentence } from './answers/shorthand/strict/readSentence';
export { copiedLines } from './written/lines/copiedLines';
export { withNewIds } from './written/lines/withNewIds';
