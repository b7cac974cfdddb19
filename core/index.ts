/** The front door of the computation: everything outside `core` reads from here, in the order of the work. */

/* Numbers: held within limits, and chance that repeats */
export { held } from './numbers/held'
export { normals, seeded } from './numbers/seeded'

/* Colour: spectra, lights, CIELAB and what a screen shows */
export { BANDS, checkSpectrum, flatSpectrum, spectrumOf, wavelengthsNm } from './colour/spectrum'
export type { Spectrum } from './colour/spectrum'
export { illuminants, whitePoint } from './colour/white'
export type { Illuminant, Observer, WhiteName, XYZ } from './colour/white'
export { weightsOf } from './colour/weights'
export { labOf, labOfXyz, xyzOf, xyzOfLab } from './colour/lab'
export type { Lab, ViewingOptions } from './colour/lab'
export { chromaOf, hueOf, labOfLch, lchOf } from './colour/lch'
export type { Lch } from './colour/lch'
export { deltaE00, deltaE00Of } from './colour/deltaE00'
export { adapt } from './colour/bradford'
export { displayColour, hexOfLab, rgbOfLab, xyzOfRgb } from './colour/display'
export type { DisplayColour, DisplaySpace } from './colour/display'
export { labOfHex } from './colour/parseHex'
export { parseColour } from './colour/parseColour'
export { oklabOfXyz, xyzOfOklab } from './colour/oklab'
export { smoothestReflectance } from './colour/smoothest'

/* Paints: what a bottle is, and what is known of it */
export type { HazardKey, Mixture, OpacityClass, Paint, PaintKind } from './paint/paint'
export { sameBox } from './paint/samePaint'
export { cautionFor, cautions, works } from './paint/cautions'
export type { Work } from './paint/cautions'
export { hueFamilies, paletteOrder } from './paint/order'
export type { HueFamily } from './paint/order'
export { mixPaints, thin } from './paint/mix'
export type { Part } from './paint/mix'
export { opaqueReflectance } from './paint/opaque'
export { filmReflectance } from './paint/film'
export type { Film } from './paint/film'
export { MixEvaluator } from './paint/mixEvaluator'
export { drawn, spreadOf, STARTER_SPREAD } from './paint/uncertainty/spread'
export type { Doubt, Spread } from './paint/uncertainty/spread'
export { predictLadder } from './paint/uncertainty/predictLadder'
export type { PredictedLadder } from './paint/uncertainty/predictLadder'
export { predictMix } from './paint/uncertainty/predicted'
export type { Predicted } from './paint/uncertainty/predicted'
export { wetLook, withFinish } from './paint/appearance'
export { finishes } from './paint/surface'
export type { Finish } from './paint/surface'
export { stackReflectance } from './paint/stack'
export type { Coating } from './paint/stack'
export { coatsToHide, contrastRatio, HIDDEN, opacityOf } from './paint/hiding'
export { coatThicknessUm } from './paint/coat'
export { starterPaints } from './paint/starter'
export { curvesOf, featuresOf } from './paint/pigment'
export type { Features } from './paint/pigment'
export { filledAs, hobbyLoad, strengthKinds } from './paint/strengthKinds'
export type { StrengthKind } from './paint/strengthKinds'

/* A bottle from its swatches */
export { CalibrationError } from './paint/calibration/calibrationError'
export { estimatePaint, plainPaint } from './paint/calibration/estimatePaint'
export type { SeenTint } from './paint/calibration/estimatePaint'
export { paintByEye } from './paint/calibration/toldByEye'
export type { DoubtAfter, PaintByEye, ToldByEye } from './paint/calibration/toldByEye'
export type { ColourSource } from './paint/calibration/noise'
export { tintPictures, tintSteps } from './paint/calibration/tintByEye'
export type { TintStep } from './paint/calibration/tintByEye'
export { calibratePaint } from './paint/calibration/calibratePaint'
export type { Swatch, SwatchReading } from './paint/calibration/swatch'
export { readCard } from './paint/card/readCard'
export type { CardPicture, CardReading, WellReading, WellTrouble } from './paint/card/readCard'
export * as cardLayout from './paint/card/layout'
export { paintOfWell } from './paint/card/paintOfWell'

/* Recipes: the closest mixes of whole drops */
export { exhaustiveRecipes } from './recipe/exhaustive'
export { findRecipes } from './recipe/findRecipes'
export { RecipeSearch } from './recipe/search/recipeSearch'
export type { SearchOptions, SearchProgress } from './recipe/search/options'
export { sharedWork } from './recipe/search/turns'
export type { SearchShare } from './recipe/search/turns'
export { ClosestRecipes } from './recipe/closest'
export type { Patience } from './recipe/closest'
export { boxOf, wishedSearch } from './recipe/wishedSearch'
export type { WishedRequest } from './recipe/wishedSearch'
export { variantRequests } from './recipe/variants'
export { mergeRecipes } from './recipe/merge'
export { partsById, plainParts } from './recipe/recipe'
export type { Limits, Recipe, RecipeRequest } from './recipe/recipe'
export { countRecipes } from './recipe/recipeList'
export { RecipeTable } from './recipe/recipeTable'

/* Advice on a mix: likeness, alternatives, putting it right */
export { nearestPaints, standIns, substituteRecipe } from './recipe/advice/likeness'
export type { Likeness } from './recipe/advice/likeness'
export { alternatives } from './recipe/advice/alternatives'
export type { Alternative, AlternativeKind } from './recipe/advice/alternatives'
export type { Preference, Stock } from './recipe/advice/preferences'
export { constrained, FAMILY_ID } from './recipe/advice/constraints'
export type { Constraints } from './recipe/advice/constraints'
export { bestAddition, wayInWords, whatPaintsBring } from './recipe/advice/explain'
export type { Brings, Wish } from './recipe/advice/explain'
export {
  wellLooks,
  knownWell,
  looksLike,
  putRight,
  startAgain,
  unknownWell,
} from './recipe/advice/putRight'
export type { PutRightRequest, Well, WellCorrection, WellLook } from './recipe/advice/putRight'
export { steadinessOf } from './recipe/advice/steadiness'
export type { Steadiness } from './recipe/advice/steadiness'
export { touchesAsDrops } from './recipe/advice/touches'
export { mendWell } from './recipe/advice/mend'
export type { MendRequest, WellMend } from './recipe/advice/mend'

/* Skin and hide */
export { skinLimits, skinReflectance } from './tone/skin'
export type { Skin } from './tone/skin'
export { usualCarotene } from './tone/usualCarotene'
export { inState, stateNames } from './tone/states'
export type { StateName } from './tone/states'
export { hideLimits, hideReflectance } from './tone/hide'
export type { Hide } from './tone/hide'
export { baseReflectance, placeNames, toneLab, zonesOf } from './tone/tone'
export type { HideTone, SkinTone, Tone, ZoneTone } from './tone/tone'
export { typologyClasses, typologyOf } from './tone/typology'
export { hidePlaces, skinPlaces } from './tone/startingPlaces'

/* Choosing a tone: fields, pictures, telling apart */
export { fieldAxes, placeOnAxis, valueOnAxis } from './tone/field/axes'
export { NODES, skinField } from './tone/field/skinField'
export type { FieldSkin, SkinField } from './tone/field/skinField'
export { gamutRim, mixGamut, reaches } from './tone/field/gamut'
export type { Gamut } from './tone/field/gamut'
export { HIDE_BOTTOM_L, HIDE_TOP_L, hideField } from './tone/field/hideField'
export type { HideField } from './tone/field/hideField'
export { fitPicture, fitSkin, fitTone } from './tone/fitTone'
export type { FittedSkin, PictureFit } from './tone/fitTone'
export { APART_DELTA, apartFrom, setApart } from './tone/setApart'
export type { Apart } from './tone/setApart'
export { identifyPicture, MOST_MEGAPIXELS } from './tone/picture/identify'
export { assumedDaylight, fromNeutral, xyzAround } from './tone/picture/neutral'
export type { XyzCorrection } from './tone/picture/neutral'
export { pictureTones } from './tone/picture/pictureTones'
export type { PictureTone } from './tone/picture/pictureTones'
export type { Mask, Picture } from './tone/picture/picture'
export { possibleLab } from './tone/possible'

/* The ladder: steps, mood, light and form */
export { stepFor, stepKeys, stepNames } from './ladder/steps'
export type { StepKey } from './ladder/steps'
export { moodLimits, plainMood, stepCounts, usual } from './ladder/mood'
export type { Mood, StepCount } from './ladder/mood'
export { distances, overstatement, sizeLimits } from './ladder/light/overstatement'
export type { SeenFrom } from './ladder/light/overstatement'
export { figureSizes, sameSize, scaleOf } from './ladder/figureSize'
export type { FigureSize } from './ladder/figureSize'
export {
  lightSchoolKeys,
  lightSchools,
  shadowSchoolKeys,
  shadowSchools,
} from './ladder/light/schools'
export type { LightSchool, ShadowSchool } from './ladder/light/schools'
export { ladderTargets } from './ladder/targets'
export type { LadderEnds, Target, TargetOptions } from './ladder/targets'
export { reachedEnds } from './ladder/ends'
export type { ReachedEnds } from './ladder/ends'
export { forms } from './ladder/form/forms'
export type { FormKey } from './ladder/form/forms'
export { lifeAt, lifeZones } from './ladder/form/lifeZones'
export { formSamples, REACH_UNIT, samplesOf, thinned } from './ladder/form/samples'
export { harmonics, reaching } from './ladder/form/reach'
export type { Reach } from './ladder/form/reach'
export { shadingOf } from './ladder/form/shading'
export type { FormSamples } from './ladder/form/samples'
export { exposure, sharesFor } from './ladder/form/shares'
export { AMBIENT, keyLimits, keyVector, usualKey } from './ladder/form/lightLevel'
export { surfaceNet } from './ladder/form/surfaceNet'
export type { Mesh } from './ladder/form/surfaceNet'
export { occlusionOf } from './ladder/form/occlusion'
export { bakeSculpt, SHOWN_CELLS } from './ladder/form/bakeSculpt'
export type { Sculpt } from './ladder/form/bakeSculpt'
export { curvatureOf } from './ladder/form/curvature'
export { judgeLadder } from './ladder/judgement'
export type { LadderFault, LadderJudgement, Mend } from './ladder/judgement'
export { planLadder } from './ladder/planLadder'
export type { Ladder, LadderRequest, Step } from './ladder/planLadder'

/* Puddles: what is mixed, from bottles and from other puddles */
export { bottleParts, ingredientKey, isBottle, sameIngredient } from './puddle/puddle'
export type { Ingredient, PartsOf, Puddle, PuddlePart } from './puddle/puddle'
export { bottlesIn, holds, PuddleError } from './puddle/content'
export type { BottleDrops } from './puddle/content'
export { dropsIn } from './puddle/drops'
export { canBeGiven, dispensed, lessThanADrop, MOST_OF_ONE, TOUCH } from './puddle/dispense'
export type { Dispensed } from './puddle/dispense'
export { LEAST_PUDDLE, palettePlan, takenFromBottles } from './puddle/palettePlan'
export type { PalettePlan, PlannedPuddle, Wanted } from './puddle/palettePlan'
export { spoken } from './puddle/spoken'
export type { Named, Spoken } from './puddle/spoken'

/* Ways of mixing a ladder */
export { mixLadder } from './ladder/mixing/mixLadder'
export type { MixedLadder, MixedStep, Mixing, MixingNote } from './ladder/mixing/mixing'
export { fewPuddles, plainRatios } from './ladder/mixing/fewPuddles'
export type { PuddleLadder, PuddleStep } from './ladder/mixing/fewPuddles'
export { USUAL_PUDDLES } from './ladder/mixing/inPuddles'
export { runToward } from './ladder/mixing/run'

/* A range of figures: few bottles for all, told apart */
export { FAR, SetTable } from './range/setTable'
export { shortlist } from './range/shortlist'
export type { Shortlist } from './range/shortlist'
export { bestSet } from './range/bestSet'
export type { BestSet, SetWishes } from './range/bestSet'
export { whatEachIsWorth, whatNextBrings } from './range/oneMore'
export type { OneBottle } from './range/oneMore'
export { readsFrom, rowsApart, seenApart, seenOf } from './range/apart'
export type { RowsApart, Seen, SeenRow } from './range/apart'
export { nearestInRun, runWithWhite } from './range/runAcross'
export { sharedPuddles } from './range/sharedPuddles'
export type { SharedPuddle, SharingPart, SharingRow } from './range/sharedPuddles'
export { whatHelps } from './range/whatHelps'
export type { Help } from './range/whatHelps'
export { setRowApart } from './range/setRowApart'
export type { SetApart } from './range/setRowApart'

/* The critic: a photograph of the painted figure against its plan, and the plan from afar */
export { neutrals, readPaintedSkin } from './critic/skinReading'
export type { NeutralKey, ShownNeutral, SkinReading } from './critic/skinReading'
export type { PaintedStep } from './critic/paintedSkin'
export { critique } from './critic/critique'
export type { Critique, PlannedSkin, SkinFault } from './critic/critique'
export type { NamedFault } from './critic/nameFault'
export { mendSkin } from './critic/mendSkin'
export type { SkinMove, SkinPuddle } from './critic/mendSkin'
export { judgePhotograph } from './critic/judgePhotograph'
export type { CriticAnswer, CriticRequest } from './critic/judgePhotograph'
export { nearestAlike, setApartByGlaze } from './critic/neighbours'
export type { Alike } from './critic/neighbours'
export { fromAfar } from './critic/fromAfar'
export type { FromAfar } from './critic/fromAfar'
/* Places: where paint goes */
export {
  EVERYWHERE,
  isEverywhere,
  liesAt,
  lightPlaces,
  reliefPlaces,
  sides,
  zonesNamed,
} from './place/place'
export type { LightPlace, Place, ReliefPlace, Side, Spot, Where } from './place/place'
export { lightOfStep, lightParts, reliefOf, shareOfPlace, spotOf, spotShares } from './place/spots'
export type { FormPoint, LightParts, SpotShares } from './place/spots'

/* Coats: how paint lies on paint */
export { dryFilmUm, thinners } from './coats/dryFilm'
export type { CoatFilm, Thinner } from './coats/dryFilm'
export { coatKindKeys, coatKinds, reliefs, USUAL_FINISH } from './coats/coatKinds'
export type { CoatKind, Gathering, Relief } from './coats/coatKinds'
export { asSeen, filmOn, finishOf, looks, stackLayers } from './coats/stack'
export type { Layers, Look, Stack, StackCoat } from './coats/stack'
export { ingredientsOf, resolveStack } from './coats/plan'
export type { MixOf, PlannedCoat, StackPlan } from './coats/plan'

/* Ways of working, and answers about coats */
export { methods } from './coats/methods/methods'
export { isStep } from './coats/methods/method'
export type { Method } from './coats/methods/method'
export { missingBottles, partsWithStandIns } from './coats/methods/bottles'
export type { MissingBottle, StandIns } from './coats/methods/bottles'
export { methodFor } from './coats/methods/methodFor'
export type { MadeMethod, MethodFigure } from './coats/methods/methodFor'
export { endAims, endOf, endPlaces, offBy } from './coats/methods/ends'
export type { EndAims, EndPlace } from './coats/methods/ends'
export { strataOf } from './coats/methods/strata'
export type { Stratum } from './coats/methods/strata'
export { startFrom } from './coats/methods/startFrom'
export type { StartedMethod } from './coats/methods/startFrom'
export { betterOrder, FELT, howThin, passesToHide, secondCoat } from './coats/answers/coverage'
export { glazeSearch, usualRatios } from './coats/answers/glazeSearch'
export type { GlazeAnswer, GlazeRequest } from './coats/answers/glazeSearch'
export { overLight, underFilm } from './coats/answers/overLight'
export type { OverLight } from './coats/answers/overLight'
export { endAnswers, MOST_UNDER } from './coats/answers/endAnswers'
export type { EndAnswers } from './coats/answers/endAnswers'

/* Places of life, eyes, teeth and claws */
export {
  accentFor,
  accentOf,
  accentOn,
  accentWith,
  readsAt,
  tooMuchOn,
} from './coats/accents/accents'
export type { Accent } from './coats/accents/accents'
export { usualMixes } from './coats/accents/usualMix'
export { mixSmallLadders, smallLadders } from './coats/accents/smallLadders'

/* At the bench: the order of work */
export { remainingMoves } from './bench/schedule/remaining'
export { runSheet } from './bench/runSheet'
export type { SheetFigure, SheetMove } from './bench/runSheet'
export { evenings, figuresWithoutWaiting, schedule } from './bench/schedule/schedule'
export type {
  BenchMove,
  BenchSchedule,
  ScheduledMove,
  ScheduleRequest,
} from './bench/schedule/request'
export { moveKey } from './bench/moveOf'
export type { MoveOf } from './bench/moveOf'

/* At the bench: amounts, learning, stock and story */
export { coatDrops, dropsNeeded, skinAreaCm2, usualAmounts } from './bench/quantities/needed'
export type { CoatAmount } from './bench/quantities/needed'
export { wantedDrops } from './bench/quantities/wanted'
export type { Painted } from './bench/quantities/wanted'
export { learnPaints } from './bench/learning/learnPaints'
export type { Learnt } from './bench/learning/learnPaints'
export type { MixReading } from './bench/learning/readingModel'
export { habitsFrom } from './bench/learning/habits'
export type { Habits } from './bench/learning/habits'
export { comparedSittings, sittingsOf } from './bench/story/sittings'
export { afterTaking, counted, stockFor } from './bench/quantities/stock'
export type { DropParts, StockRow } from './bench/quantities/stock'

/* Files of instruments and palettes */
export type { FileIssue, ReadResult } from './formats/issues'
export type { Measurement, MeasurementFile } from './formats/measurement'
export { parseCgats } from './formats/cgats/parse'
export { drawdownCard, readerTroubles, sampleSchema } from './formats/reader'
export type { ReaderSample, ReaderTrouble } from './formats/reader'
export { formatCgats } from './formats/cgats/format'
export { readMeasurements } from './formats/readMeasurements'
export { parseCxf } from './formats/cxf/parse'
export { formatCxf } from './formats/cxf/format'
export { formatMeasurementsCsv, parseMeasurementsCsv } from './formats/csv/measurements'
export { formatBoxCsv, parseBoxCsv } from './formats/csv/box'
export { parseShelfList } from './formats/csv/shelfList'
export type { ListedBottle } from './formats/csv/shelfList'
export { parseGpl } from './formats/gpl/parse'
export { formatShoppingNote, formatStockCsv } from './formats/csv/stock'
export { checkStl, formatStl, stlCorners } from './formats/stl/stl'
export { formatLogCsv } from './formats/csv/log'
export { formatCalendar } from './formats/calendar/ics'
export type { Sitting } from './formats/calendar/ics'
export { CARD_MM, cardPages, layoutCard } from './formats/card/card'
export type { CardItem, LadderCard } from './formats/card/card'
export { layoutSheet } from './formats/card/sheet'
export type { RangeSheet } from './formats/card/sheet'
export { formatCardSvg, formatPagesSvg } from './formats/card/svg'
export type { LadderRow } from './formats/ladderRow'
export { formatGpl } from './formats/gpl/format'
export { formatLadderCsv } from './formats/csv/formatLadder'

/* The box as a file */
export { freeId, slugOf } from './formats/slug'
export { formatBox, parseBox } from './formats/box/parse'
export type { Box } from './formats/box/parse'
export { paintOfRecord, recordOf } from './formats/box/record'
export { opacityClasses, paintKinds, USUAL_DROPS_PER_ML } from './formats/box/schema'
export type { Bottle, OwnPaint } from './formats/box/schema'
export { parseTones } from './formats/tone/parse'
export { formatTones } from './formats/tone/format'
export { learntRecord } from './formats/box/learntRecord'

/* A commission as a file */
export type { FigurePlan, LadderVersion, Way } from './formats/project/planSchema'
export { figureKinds } from './formats/project/figureSchema'
export type { Figure, FigureAccent, FigureDetail } from './formats/project/figureSchema'
export { stepOf, stepPuddle } from './formats/project/puddleSchema'
export type { StoredPuddle } from './formats/project/puddleSchema'
export { usesOf } from './formats/project/uses'
export type { PuddleUse } from './formats/project/uses'
export type { FigureCritique } from './formats/project/critiqueSchema'
export type { FigureStack } from './formats/project/stackSchema'
export type { DoneMove, DryingTimer, FigureBench, LogEntry } from './formats/project/benchSchema'
export type { KeptTone } from './formats/project/toneSchema'
export type { FigureGroup, Project } from './formats/project/schema'
export { longest, mostOf, range } from './formats/project/limits'
export { blankCommission, blankFigure, blankPlan } from './formats/project/blank'
export { copyable, nextName, secondCommission, secondOf, takenFrom } from './formats/project/copies'
export type { Copyable, NewId } from './formats/project/copies'
export { checkChange } from './formats/project/checkChange'
export { salvageProject } from './formats/project/salvage'
export { differences } from './formats/project/differences'
export type { Difference } from './formats/project/differences'
export { mergeProjects } from './formats/project/merge'
export { firstCoatId } from './formats/project/migrate/version1'
export { MOST_BYTES, parseProject } from './formats/project/parse'
export { formatProject } from './formats/project/format'
export { whoOf } from './formats/project/whoOf'
export { packCommission, unpackCommission } from './formats/commission/commission'
export { MOST_COMMISSION_BYTES, photosOf, sculptsOf } from './formats/commission/named'
export type { Commission } from './formats/commission/commission'

/* The eye: exercises with measured answers */
export { isPlaced, skillKeys, skills } from './eye/skills'
export type { Skill } from './eye/skills'
export type { EyeAnswer } from './eye/answer'
export type {
  Exercise,
  EyeOption,
  EyePart,
  EyeWorld,
  FieldExercise,
  OrderExercise,
  PickExercise,
  SlideExercise,
} from './eye/exercise'
export { makeExercise } from './eye/makeExercise'
export { skinAt } from './eye/exercises/seen'
export { lookOf } from './eye/looks'
export { Staircase } from './eye/staircase'
export type { Threshold } from './eye/staircase'
export { staircaseOf, thresholdFor, trendOf } from './eye/measure'
export type { TrendPoint } from './eye/measure'
export { dueSkills, nextSkill } from './eye/due'
export { formatEye, freshEye, mergeEyes, parseEye } from './formats/eye/eye'
export type { EyeRecord } from './formats/eye/schema'
