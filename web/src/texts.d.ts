// Written from texts/en.json: UPDATE_TEXTS=1 npx vitest run texts
declare module 'texts/app/App' {
  export const loading: string;
}

declare module 'texts/app/Shell' {
  export const rack: string;
  export const finder: string;
  export const fire: string;
  export const steels: string;
  export const book: string;
  export const evidence: string;
  export const shop: string;
  export const glossary: string;
  export const apprentice: string;
  export const guest: string;
  export const geminal: string;
  export const views: string;
  export const switchBetweenUsShopUnitsAnd: string;
  export const usUnits: string;
  export const metricUnits: string;
  export const switchBetweenALightAndA: string;
  export const light: string;
  export const dark: string;
  export const signedInAs: string;
  export const signOut: string;
}

declare module 'texts/app/ViewFailed' {
  export const thisViewCannotBeShown: string;
  export const nothingThatWasStoredIsLost: string;
  export function theFault(values: { why: string | number }): string;
  export const loadAgain: string;
}

declare module 'texts/account/ApiTokens' {
  export const tokensForScripts: string;
  export const aScriptSendsATokenInstead: string;
  export const itCanDoWhatItsRank: string;
  export const authorizationBearer: string;
  export function created(values: { createdAt: string | number }): string;
  export const neverUsed: string;
  export function lastUsed(values: { lastUsedAt: string | number }): string;
  export const revoke: string;
  export function revoke2(values: { name: string | number }): string;
  export const noTokensYet: string;
  export const newToken: string;
  export const whatItIsFor: string;
  export const rank: string;
  export const createToken: string;
  export const copyItNowItIsNot: string;
  export const copied: string;
  export const copy: string;
}

declare module 'texts/account/Archive' {
  export const restoreFromAnArchive: string;
  export const restoreAShop: string;
  export const checkAnArchive: string;
  export const fromAnArchiveOfThisOr: string;
  export const seeWhatAnArchiveHoldsTo: string;
  export const codeFromTheConsole: string;
  export const archiveFile: string;
  export const readingTheArchive: string;
  export const showContents: string;
  export const back: string;
  export const restoring: string;
  export const restoreThisShop: string;
  export const billets: string;
  export const welds: string;
  export const inspectionsRepairsMeasurements: string;
  export const sessions: string;
  export const photographs: string;
  export const people: string;
  export const contentsOfTheArchive: string;
  export function made(values: { madeAt: string | number }): string;
  export function byAnEarlierReleaseTablesHere(values: { schema: string | number; schemaHere: string | number }): string;
}

declare module 'texts/account/OwnSignIn' {
  export const yourSignIn: string;
  export const thisDevice: string;
  export const anotherDevice: string;
  export function sinceLastUsed(values: { since: string | number; lastUsed: string | number }): string;
  export const signOutOnAllOtherDevices: string;
  export const changePassword: string;
  export const passwordNow: string;
  export const newPassword10CharactersOrMore: string;
  export const passwordChangedAllOtherDevicesAre: string;
}

declare module 'texts/account/OwnUnits' {
  export const length: string;
  export const temperature: string;
  export const mass: string;
  export const force: string;
  export const pressure: string;
  export const volume: string;
  export const power: string;
  export const gasUsed: string;
  export const speed: string;
  export const density: string;
  export const yourUnits: string;
  export const units: string;
  export const usShop: string;
  export const metric: string;
  export const yourUnitsWereNotChangedTry: string;
}

declare module 'texts/account/People' {
  export const people: string;
  export function whatMayDo(values: { name: string | number }): string;
  export const block: string;
  export const unblock: string;
  export const newPasswordSet: string;
  export const setNewPassword: string;
  export function newPasswordFor(values: { name: string | number }): string;
  export const set: string;
  export const addPerson: string;
  export const name: string;
  export const signInName: string;
  export const firstPassword: string;
  export const rank: string;
}

declare module 'texts/account/SignIn' {
  export const geminal: string;
  export const planTheStackSeeEveryLayer: string;
  export const signIn: string;
  export const name: string;
  export const password: string;
  export const signingIn: string;
  export const thisIsADemoShopSign: string;
  export const password2: string;
  export const fillTheseIn: string;
  export const movingFromAnotherComputer: string;
  export const restoreFromAnArchive: string;
  export const codeFromTheConsole: string;
  export const yourName: string;
  export const nameToSignInWith: string;
  export const password10CharactersOrMore: string;
  export const setUpThisShop: string;
  export const thisShopHasNoOwnerYet: string;
  export const createShop: string;
}

declare module 'texts/account/SignInAgain' {
  export const signInAgain: string;
  export const signInAgainToGoOn: string;
  export const youAreSignedOut: string;
  export function passwordOf(values: { login: string | number }): string;
  export const signIn: string;
  export const signInAsSomeoneElse: string;
}

declare module 'texts/account/SignInLengths' {
  export const signedOutWhenUnused: string;
  export const signedOutWhenUnusedFor: string;
  export function days(values: { d: number }): string;
}

declare module 'texts/account/api' {
  export const ownerEverything: string;
  export const smithPlansEditsTheBook: string;
  export const apprenticePracticesAndLogs: string;
  export const guestReads: string;
  export const owner: string;
  export const smith: string;
  export const apprentice: string;
  export const guest: string;
}

declare module 'texts/billet/AddStep' {
  export const typeAStep: string;
  export const orTypeItTwist63: string;
}

declare module 'texts/billet/BilletHead' {
  export const name: string;
  export const whatItIsFor: string;
  export const whatItIsFor2: string;
  export const ends: string;
  export function steelLost(values: { showPercent: string | number }): string;
  export function ofText(values: { count: string | number }): string;
  export const saving: string;
  export const whichPiecesToCutFromWhich: string;
  export const backToTheRun: string;
  export const cutList: string;
  export const card: string;
  export const onePageToHangBesideThe: string;
  export const heatTreatment: string;
  export const normalizeHardenTemperEtch: string;
  export const saveAsFile: string;
  export const thePlanWithItsPartsAnd: string;
  export const undo: string;
  export const ctrlZ: string;
  export const redo: string;
  export const ctrlShiftZ: string;
  export function and(values: { value: string | number; value2: string | number }): string;
  export const problems: string;
  export function errors(values: { errors: number }): string;
  export function warnings(values: { warnings: number }): string;
  export const bench: string;
  export const oneStepAtATimeForThe: string;
}

declare module 'texts/billet/BilletView' {
  export const loadingTheBillet: string;
  export const showsTheKeys: string;
}

declare module 'texts/billet/Cautions' {
  export const safety: string;
}

declare module 'texts/billet/CutListView' {
  export const searchingTheShelf: string;
  export const cutList: string;
  export const theShelfDoesNotHaveEnough: string;
  export function ofText(values: { count: string | number; steel: string | number }): string;
  export const toCutInto: string;
  export const ofPieces: string;
  export function includingPreparation(values: { value: string | number }): string;
  export const thisIsTheCheapestWayTo: string;
  export const aGoodWayACheaperOne: string;
  export function piecesCutFrom(values: { length: string | number; steel: string | number }): string;
  export function ofText2(values: { n: string | number }): string;
  export const left: string;
  export function minToPrepare(values: { prepMinutes: string | number }): string;
  export function bars(values: { bars: number }): string;
}

declare module 'texts/billet/OpenCutList' {
  export const title: string;
  export const noneOpen: string;
  export const together: string;
  export const toBuy: string;
  export const steel: string;
  export const size: string;
  export const length: string;
  export const longest: string;
  export const price: string;
  export const forBillets: string;
}

declare module 'texts/billet/DraftFields' {
  export const stack: string;
  export const restacks: string;
  export function cutInto(values: { value: string | number }): string;
  export const orientation: string;
  export const sameWayUp: string;
  export const remove: string;
  export function removeRestack(values: { value: string | number }): string;
  export const addRestack: string;
  export const turned: string;
}

declare module 'texts/billet/FindingMark' {
  export const error: string;
  export const warning: string;
  export const note: string;
}

declare module 'texts/billet/Findings' {
  export const findings: string;
  export function notesHidden(values: { hidden: number }): string;
  export const hideAgain: string;
  export const show: string;
  export const safety: string;
  export const showThisNoteAgain: string;
  export const hideOnThisBillet: string;
  export const hideInThisShop: string;
  export const shopListsHiddenNotesAndShows: string;
  export const stack: string;
  export function steps(values: { names: string | number }): string;
}

declare module 'texts/billet/FlawList' {
  export const flawsHere: string;
  export const openFlawsAtThisStep: string;
  export function jointFromBelow(values: { joint: string | number }): string;
  export function inBar(values: { value: string | number }): string;
  export const to: string;
  export function fromTheStop(values: { value: string | number }): string;
  export const chooseRepair: string;
  export const chooseRepairLater: string;
}

declare module 'texts/billet/Grips' {
  export function drag(values: { toLowerCase: string | number }): string;
}

declare module 'texts/billet/InspectionDialog' {
  export const howWasItLookedAtAnd: string;
  export const inspectionMethod: string;
  export const brightShareOfTheFracture: string;
  export const enter100OrLess: string;
  export const tapTheBarWhereYouSee: string;
  export const nothingFoundLogInspectionAsIt: string;
  export function barsChooseTheBarBelow(values: { count: string | number }): string;
  export const loadingTheJoints: string;
  export const benchStop: string;
  export const note: string;
  export const photosLocationIsRemoved: string;
  export const chooseAnInspectionMethodFirst: string;
  export const logInspectionNothingFound: string;
  export const logInspection: string;
  export const cancel: string;
  export function ofText(values: { value: string | number; of: string | number }): string;
  export function flaw(values: { nth: string | number }): string;
  export const what: string;
  export const certainty: string;
  export const fromTheStop: string;
  export const to: string;
  export const acrossTheBar: string;
  export const depth: string;
  export const jointFromTheBottom: string;
  export const bar: string;
  export const remove: string;
  export const delaminated: string;
  export const suspect: string;
  export const none: string;
  export const takePhoto: string;
  export function photos(values: { photos: number }): string;
}

declare module 'texts/billet/Keys' {
  export const goToAnotherStep: string;
  export const editThisStep: string;
  export const logThisWeld: string;
  export const del: string;
  export const removeTheStep: string;
  export const copyTheStep: string;
  export const skipOrIncludeTheStep: string;
  export const patternViewOfThisStep: string;
  export const openThePartOrReturnTo: string;
  export const ctrlZ: string;
  export const ctrlShiftZ: string;
  export const editTheShorthandLine: string;
  export const hideTheKeys: string;
}

declare module 'texts/billet/LaidFields' {
  export const part: string;
  export const waiting: string;
  export function steel(values: { value: string | number }): string;
  export function thicknessOfPiece(values: { value: string | number }): string;
  export const remove: string;
  export function add(values: { legend: string | number }): string;
  export const add2: string;
  export const aPieceOfSteel: string;
  export function aBarOf(values: { name: string | number }): string;
  export const aPartSeparateBar: string;
  export function setAsideOf(values: { free: string | number; billet: string | number }): string;
  export function orientationOf(values: { part: string | number }): string;
  export function shim(values: { steel: string | number }): string;
  export const noShims: string;
  export function remove2(values: { part: string | number }): string;
}

declare module 'texts/billet/Ledger' {
  export const scale: string;
  export const grinding: string;
  export const sawKerf: string;
  export const trimmedEnds: string;
  export const jacket: string;
  export const scrapped: string;
  export const measuredLoss: string;
  export const materialBalance: string;
  export const startedWith: string;
  export const measuredGain: string;
  export const setAside: string;
  export const partsLeftOver: string;
  export function finishedOfTheSteel(values: { left: string | number }): string;
}

declare module 'texts/billet/Marks' {
  export const marks: string;
  export const marksFromTheSquaredEnd: string;
  export const eachPiece: string;
  export const theSawGoesBeyondTheMark: string;
  export const leftOver: string;
  export const stopHeights: string;
  export const stop: string;
  export const spreadsTo: string;
  export const length: string;
}

declare module 'texts/billet/MeasureFields' {
  export const width: string;
  export const height: string;
  export const length: string;
  export const measured: string;
  export const measurements: string;
  export const editMeasurements: string;
  export const addMeasurements: string;
  export const calculated: string;
  export const measured2: string;
  export const continueFromThisSize: string;
  export function massOf(values: { value: string | number; unitOf: string | number }): string;
  export const saveMeasurements: string;
  export const asCalculated: string;
  export const cancel: string;
  export const eachBar: string;
  export const theBar: string;
}

declare module 'texts/billet/NewBilletView' {
  export const loadingTheSteels: string;
  export const newBillet: string;
  export const name: string;
  export const aNameForTheShop: string;
  export const whatItIsFor: string;
  export const startWith: string;
  export const aStackAndItsRestacks: string;
  export const aPattern: string;
  export const createBillet: string;
  export const youCanChangeEverythingLaterStep: string;
  export const thisStackCannotBeCalculated: string;
  export const itsEnd: string;
  export const itsFace: string;
  export function visibleLayersNominal(values: { count: string | number }): string;
}

declare module 'texts/billet/OpenStep' {
  export const moveUp: string;
  export const moveDown: string;
  export const copy: string;
  export const include: string;
  export const skip: string;
  export const remove: string;
  export const removeThePart: string;
}

declare module 'texts/billet/PartHead' {
  export function nameOfPart(values: { name: string | number }): string;
  export const setAsideIn: string;
  export const changedHere: string;
  export const separateBar: string;
}

declare module 'texts/billet/PatternChoice' {
  export const pattern: string;
}

declare module 'texts/billet/RunRow' {
  export function andMore(values: { left: string | number }): string;
  export const noneLeftOf: string;
  export function ofText(values: { count: string | number }): string;
  export const visible: string;
  export const nominal: string;
  export const skipped: string;
}

declare module 'texts/billet/RunRows' {
  export const stack: string;
  export function part(values: { name: string | number }): string;
  export function logged(values: { value: string | number }): string;
  export const thisStepIsNotPossible: string;
  export const waitsForTheStepAbove: string;
}

declare module 'texts/billet/RunView' {
  export const run: string;
  export const theSameInEveryRow: string;
}

declare module 'texts/billet/ShorthandLine' {
  export function thePlanInShorthandWhereNo(values: { system: string | number }): string;
  export function pressEscapeToRestoreTheOld(values: { detail: string | number }): string;
}

declare module 'texts/billet/StackFields' {
  export const pieces: string;
  export const aStackNeedsAtLeastOne: string;
  export const aStackHasAtMost500: string;
  export const width: string;
  export const length: string;
  export const patternBottomFirst: string;
  export const addAPieceToThePattern: string;
  export function steel(values: { value: string | number }): string;
  export const thickness: string;
  export function thicknessOfPiece(values: { value: string | number }): string;
  export function surfaceOfPieceAsBought(values: { value: string | number }): string;
  export const remove: string;
  export function removePieceOfThePattern(values: { value: string | number }): string;
}

declare module 'texts/billet/StagePanel' {
  export const openStage: string;
  export const stack: string;
  export const patternView: string;
  export const v: string;
  export const heatPlan: string;
  export const continueFromHere: string;
  export const steelCompatibility: string;
  export const thePlanDoesNotReachThis: string;
  export const addInspection: string;
  export function theEndOfTheBarVisible(values: { visibleCount: string | number }): string;
  export const theEnd: string;
  export const layers: string;
  export const onAverage: string;
  export function voids(values: { value: string | number }): string;
  export function visibleLayersNominal(values: { value: string | number }): string;
  export const countLayers: string;
  export const inPhotograph: string;
  export const measureInPhotograph: string;
  export const comparePattern: string;
  export const findFlaws: string;
}

declare module 'texts/billet/StepFields' {
  export const addShim: string;
  export const addCore: string;
}

declare module 'texts/billet/StepWords' {
  export function cut(values: { pieces: string | number }): string;
  export function scrap(values: { value: string | number }): string;
  export function setAside(values: { value: string | number }): string;
  export const withAShim: string;
  export const everySecondBarTurnedOver: string;
  export const facesGround: string;
  export const to: string;
  export const offTheFront: string;
  export const offTheBack: string;
  export const offEachEdge: string;
  export const offEachBroadFace: string;
  export const offTheBottom: string;
  export const offTheTop: string;
  export const kerf: string;
  export const each: string;
  export const forAnotherBillet: string;
  export const ofEachSetAsideForAnother: string;
  export const scrapped: string;
  export const inspectAgainHere: string;
  export function times(values: { folds: string | number }): string;
  export const lostAtTheBend: string;
  export function sections(values: { sections: string | number }): string;
  export const rightAndLeft: string;
  export function turned(values: { angleDeg: string | number }): string;
  export function ofTheHeight(values: { reduction: string | number }): string;
  export const forgedSquare: string;
  export function every(values: { how: string | number }): string;
  export const deep: string;
  export const acrossEvery: string;
  export const displacedBy: string;
  export function heats(values: { heats: number }): string;
  export function turns(values: { turns: number }): string;
  export function pieces(values: { pieces: number }): string;
  export const round: string;
  export const rightHand: string;
  export const leftHand: string;
  export const mirrored: string;
  export const left: string;
  export const right: string;
  export const shim: string;
}

declare module 'texts/billet/TapBar' {
  export function theSideOfTheBarWith(values: { length: string | number }): string;
}

declare module 'texts/billet/TurnsField' {
  export const sameWayUp: string;
  export const everySecondTurnedOver: string;
  export const endForEnd: string;
  export const onEdge: string;
  export const orientation: string;
  export const barByBar: string;
  export const barByBar2: string;
  export function bar(values: { value: string | number }): string;
  export const oneMore: string;
  export const oneLess: string;
}

declare module 'texts/billet/WantedFields' {
  export const finishedPieces: string;
  export function nameOfPiece(values: { value: string | number }): string;
  export const remove: string;
  export function remove2(values: { name: string | number }): string;
  export const pieces: string;
  export const length: string;
  export const width: string;
  export const height: string;
  export const addAPiece: string;
  export const calculating: string;
  export const findTheSmallestStack: string;
  export const aStackOf: string;
  export const isEnough: string;
  export const withPartsOfTheLengthThey: string;
  export const useThisStack: string;
  export const theClosestOneIsShort: string;
  export const noStackOfAnyLengthIs: string;
  export const theBarIsLongEnough: string;
  export const toSpare: string;
  export function notEnough(values: { how: string | number }): string;
}

declare module 'texts/billet/WeldLog' {
  export const weldLog: string;
  export const logWeld: string;
  export function notEnoughWeldsYetStartingEstimate(values: { mean: string | number }): string;
  export function fromYourRecordAWeldLike(values: { mean: string | number; low: string | number; high: string | number }): string;
  export const deleteText: string;
  export const deleteThisLogEntryYouCan: string;
  export const notLoggedYet: string;
  export const heatMeasured: string;
  export const enterAWeldingHeatFromC: string;
  export const atmosphereProtection: string;
  export const result: string;
  export const noteWhereHowFoundWhatWas: string;
  export const chooseAResultFirst: string;
}

declare module 'texts/billet/flaws' {
  export const inTheBar: string;
  export const watched: string;
  export const weldedAgainInspectAgain: string;
  export const soundSince: string;
  export const inABarSetAside: string;
  export const removedWithItsSteel: string;
  export const itsStepWasRemovedFromThe: string;
  export function trimOffThe(values: { mm: string | number; value: string | number }): string;
  export function grindOffEachEdge(values: { side: string | number }): string;
  export function grindOffThe(values: { face: string | number; value: string | number }): string;
  export function cleanFluxAndWeldAgainHeats(values: { AGAINHEATS: string | number }): string;
  export const watchInspectAgainHere: string;
  export function setBarAside(values: { bar: string | number }): string;
  export function scrapBar(values: { bar: string | number }): string;
  export const scrapTheBar: string;
}

declare module 'texts/billet/inspectionDraft' {
  export const leftEdge: string;
  export const rightEdge: string;
  export const rightThrough: string;
  export const topFace: string;
  export const underside: string;
}

declare module 'texts/billet/merge' {
  export const changedInBothWindows: string;
}

declare module 'texts/billet/planWords' {
  export const forge: string;
  export const bench: string;
  export const stack: string;
  export const bare: string;
  export const galvanised: string;
  export const plated: string;
  export const painted: string;
}

declare module 'texts/billet/runRows' {
  export function barsEach(values: { count: number }): string;
  export function wideHighLongVisibleLayersNominal(values: { bars: string | number; widthMm: string | number; heightMm: string | number; lengthMm: string | number; visibleCount: string | number; shopCount: string | number }): string;
}

declare module 'texts/billet/useBillet' {
  export const thisCannotBeUndone: string;
  export const theSamePlaceWasChangedIn: string;
  export const changeItByHand: string;
}

declare module 'texts/billet/useKeys' {
  export const inputTextareaSelectContenteditable: string;
  export const buttonA: string;
}

declare module 'texts/book/BookView' {
  export const book: string;
  export const show: string;
  export const inspectionsAndMeasurements: string;
  export const order: string;
  export const byDay: string;
  export const byBillet: string;
  export const searchTheBook: string;
  export const billetNoteProtection: string;
  export function weldsEntries(values: { all: string | number; length: string | number }): string;
  export function ofWeldsOfEntries(values: { found: string | number; all: string | number; length: string | number; length2: string | number }): string;
  export const saveAsCsv: string;
  export const asJson: string;
  export const line: string;
  export const lines: string;
  export const loadingTheBook: string;
  export const theBookIsEmpty: string;
  export const openABilletOnThe: string;
  export const chooseAWeldInItsRun: string;
  export const rack: string;
  export const noEntryMatches: string;
  export function deletedOf(values: { stepTitle: string | number; billetName: string | number }): string;
  export function deletedAnEntryOf(values: { billetName: string | number }): string;
  export const everything: string;
  export const sound: string;
  export const suspect: string;
  export const delaminated: string;
}

declare module 'texts/book/EntryEditor' {
  export const editTheNote: string;
  export const note: string;
  export const save: string;
  export const cancel: string;
  export const history: string;
  export function untilChangedBy(values: { changedAt: string | number; changedBy: string | number }): string;
  export const noNote: string;
}

declare module 'texts/book/EntryLine' {
  export const inspected: string;
  export const repair: string;
  export const measured: string;
  export const treated: string;
  export function deleteWhatWasAt(values: { value: string | number; billetName: string | number }): string;
  export const noted: string;
  export const counted: string;
  export const asMade: string;
}

declare module 'texts/book/LineFrame' {
  export const changedSince: string;
  export const edit: string;
  export const deleteText: string;
  export const deleteThisEntryYouCanRestore: string;
}

declare module 'texts/book/PhotoStrip' {
  export function photographOf(values: { value: string | number; length: string | number }): string;
}

declare module 'texts/book/WeldLine' {
  export function deleteOf(values: { stepTitle: string | number; billetName: string | number }): string;
  export const trace: string;
  export function edit(values: { stepTitle: string | number }): string;
  export const heatMeasured: string;
  export const enterAWeldingHeatFromC: string;
  export const result: string;
  export const note: string;
  export const save: string;
  export const cancel: string;
  export const history: string;
  export function untilChangedBy(values: { changedAt: string | number; changedBy: string | number; value: string | number }): string;
  export const noNote: string;
}

declare module 'texts/book/api' {
  export const sound: string;
  export const suspect: string;
  export const delaminated: string;
  export const hotShadow: string;
  export const whileItIsHotFindsLarge: string;
  export const sparksAtAJoint: string;
  export const underTheHammerShowsAirIn: string;
  export const tap: string;
  export const coldADullRingMeansA: string;
  export const groundEdge: string;
  export const coldFindsJointsOpenAtThe: string;
  export const etchedEnd: string;
  export const coldFindsWhatReachesTheEnd: string;
  export const couponDrawnThin: string;
  export const findsWhatOpensWhenDrawnOut: string;
  export const bendOrBreak: string;
  export const brightWeldedDarkNotWeldedIn: string;
  export const facesGroundFlat: string;
  export const coldFindsWhatReachesAFace: string;
  export const delamination: string;
  export const coldShut: string;
  export const slagOrScaleInclusion: string;
  export const blister: string;
  export const crack: string;
  export const trimmedOff: string;
  export const groundOut: string;
  export const cleanedFluxedAndWeldedAgain: string;
  export const watched: string;
  export const setAside: string;
  export const scrapped: string;
  export const normalized: string;
  export const hardened: string;
  export const hardnessTested: string;
  export const tempered: string;
  export const etched: string;
  export const fileSkates: string;
  export const fileBitesALittle: string;
  export const fileBites: string;
}

declare module 'texts/book/lines' {
  export const nothingFound: string;
  export function joint(values: { joint: string | number }): string;
  export function bright(values: { value: string | number }): string;
  export function flaw(values: { value: string | number }): string;
  export function measured(values: { widthMm: string | number; heightMm: string | number; lengthMm: string | number; value: string | number }): string;
  export function times(values: { cycles: string | number }): string;
  export function hrc(values: { value: string | number }): string;
  export function soakS(values: { value: string | number; value2: string | number }): string;
  export function atTheDiesAfterS(values: { value: string | number; value2: string | number }): string;
  export function weldingWindowCToC(values: { floorC: string | number; ceilingC: string | number }): string;
  export function joints(values: { joints: string | number }): string;
  export function reduction(values: { value: string | number }): string;
  export function kg(values: { massKg: string | number }): string;
  export function ofS(values: { value: string | number }): string;
  export function sets(values: { heats: number }): string;
  export function flawAt(values: { flaw: string | number; from: string | number; to: string | number }): string;
  export const done: string;
  export const note: string;
  export function counted(values: { count: number }): string;
  export function countedRange(values: { count: number; low: string | number; high: string | number }): string;
  export function asMade(values: { label: string | number; value: string | number; low: string | number; high: string | number; planned: string | number }): string;
  export function groundOff(values: { mm: string | number; low: string | number; high: string | number }): string;
}

declare module 'texts/card/CardView' {
  export const loadingTheCard: string;
  export const print: string;
  export const pdfWithQrCode: string;
  export const shopCard: string;
  export const visibleLayers: string;
  export function nominalLayers(values: { shop: string | number }): string;
  export const cutList: string;
  export const run: string;
  export const step: string;
  export const sizeAfterIt: string;
  export const layers: string;
  export const stopBlocksHeatByHeat: string;
  export const heats: string;
  export function soak(values: { soak: string | number }): string;
  export const openFlaws: string;
  export const safety: string;
  export const tag: string;
}

declare module 'texts/evidence/Compare' {
  export const compareTwoMethods: string;
  export const compareBy: string;
  export const first: string;
  export const second: string;
  export const chooseTwoDifferentMethods: string;
  export function ofDelaminatedWithOfWithPoints(values: { open: string | number; value: string | number; one: string | number; open2: string | number; value2: string | number; other: string | number; difference: string | number; direction: string | number }): string;
  export function theDifferenceIsRealToPercentage(values: { low: string | number; high: string | number }): string;
  export function notEnoughWeldsYetAboutMore(values: { needed: number }): string;
  export const thisCountsWhatHappenedTogetherOne: string;
}

declare module 'texts/evidence/EvidenceView' {
  export const loadingTheRecord: string;
  export const evidence: string;
  export const whichPracticesGoWithDelaminationsAnd: string;
  export const positionOfTheJointInThe: string;
  export const allWelds: string;
  export function ofInspectedWeldsDelaminated(values: { decided: string | number }): string;
  export function notInspectedYet(values: { suspect: string | number }): string;
  export const noWeldInTheBookHas: string;
  export const notEnoughWeldsYet: string;
  export function soToOfSuchWeldsDelaminate(values: { low: string | number; high: string | number }): string;
  export const open: string;
  export const shareThatDelaminates: string;
  export function ofDelaminated(values: { value: string | number; of: string | number }): string;
  export function to(values: { low: string | number; high: string | number }): string;
  export const notEnoughWeldsYet2: string;
  export function toDelaminate(values: { low: string | number; high: string | number }): string;
  export const theNextWeld: string;
  export const theNextWeldMadeAsUsual: string;
  export const chanceThatItHolds: string;
  export const theFinderUsesThis: string;
  export function notEnoughWeldsYetWithInspected(values: { welds: string | number; mean: string | number }): string;
  export function to90RangeFromInspectedWelds(values: { low: string | number; high: string | number; welds: string | number; mean: string | number }): string;
  export const howThisIsCalculated: string;
  export function theStartingEstimateIs95In(values: { shopSpread: string | number }): string;
  export function otherShops(values: { shops: number; open: string | number; decided: string | number }): string;
  export const noneOfYoursInspected: string;
  export function othersHere(values: { open: string | number; decided: string | number; low: string | number; high: string | number }): string;
  export function withOtherShops(values: { shops: number; alone: string | number }): string;
}

declare module 'texts/evidence/LossFields' {
  export const measuredLosses: string;
  export const fromBarsMeasuredBeforeAndAfter: string;
  export const inUse: string;
  export const notMeasured: string;
  export const notEnoughYet: string;
  export function times(values: { seen: number }): string;
  export function inText(values: { seen: string | number }): string;
  export const average: string;
  export const to: string;
  export const use: string;
}

declare module 'texts/evidence/api' {
  export const fuelSoak: string;
  export const fluxOverFuel: string;
  export const belowTheWeldingWindow: string;
  export const coolerHalf: string;
  export const hotterHalf: string;
  export const aboveTheWeldingWindow: string;
  export const shorterThanNeeded: string;
  export const over15TimesAsLong: string;
  export const theFirstStack: string;
  export const aRestackOrFold: string;
  export const inTime: string;
  export const outTooLong: string;
  export const flux: string;
  export const sealed: string;
  export const enough: string;
}

declare module 'texts/fire/Afterwards' {
  export const practiceRunReview: string;
  export const sessionReview: string;
  export const resume: string;
  export const openBillet: string;
  export const fire: string;
  export const whatTheLogShows: string;
  export const itWasNeverInTheFire: string;
  export const scaleLoss: string;
  export const fromEachFaceDecarb: string;
  export function softUnderItMinAtHeat(values: { value: string | number }): string;
  export const log: string;
  export const toImprove: string;
  export function heat(values: { heat: string | number }): string;
  export const good: string;
}

declare module 'texts/fire/BarEnd' {
  export const theEndOfTheBar: string;
}

declare module 'texts/fire/Checklist' {
  export const checklistBeforeLighting: string;
  export const safety: string;
}

declare module 'texts/fire/FireFrame' {
  export const theShopDoesNotAnswer: string;
  export const loadingTheSession: string;
}

declare module 'texts/fire/FireHead' {
  export const billets: string;
  export const practiceRun: string;
  export const connection: string;
  export const signedOutYourTapsAreKept: string;
  export const noLineToTheShop: string;
  export function entryHere(values: { unsent: number }): string;
  export const goOnNothingIsLost: string;
  export function thisDeviceIsOutOfStorage(values: { unsaved: number }): string;
  export function oneEntryWasRefused(values: { why: string | number }): string;
  export const discard: string;
  export const theScreenMayGoDark: string;
  export const traceAndMore: string;
}

declare module 'texts/fire/FireHome' {
  export const fire: string;
  export const chooseWhatGoesInOneBillet: string;
  export const session: string;
  export const sessions: string;
  export const active: string;
  export const billets: string;
  export const loadingTheBillets: string;
  export const noBilletsOnThe: string;
  export const yet: string;
  export const rack: string;
  export const finished: string;
  export const showOlderSessions: string;
  export const practiceRun: string;
  export function heatOf(values: { name: string | number }): string;
  export const noWeldOrDrawPlanned: string;
  export const loading: string;
  export const heatPlan: string;
  export const today: string;
  export function todayFrom(values: { fromMin: string | number }): string;
  export const chooseABilletToPlanIts: string;
  export function heatsDoneAt(values: { length: string | number; endsMin: string | number }): string;
  export function thePressIsIdleForMin(values: { pressIdleMin: string | number }): string;
  export function billetsSoakMinLongerThanTheir(values: { overMin: string | number }): string;
  export const aPreparedStackLeftOvernightNeeds: string;
  export function noSettingWeldToday(values: { value: string | number }): string;
  export const startSession: string;
  export const practiceRun2: string;
  export const simulatedForgeUpTo20Times: string;
  export function since(values: { time: string | number }): string;
}

declare module 'texts/fire/Following' {
  export const sessionNotFound: string;
  export const backToFire: string;
  export const loadingTheSession: string;
  export const now: string;
  export function loggedInThe(values: { value: string | number; value2: string | number }): string;
  export const result: string;
  export function inMin(values: { value: string | number }): string;
  export const checklist: string;
  export const trace: string;
  export const orderOfWork: string;
  export const practiceRun: string;
  export const book: string;
  export const joints: string;
}

declare module 'texts/fire/HeatPlanView' {
  export const billet: string;
  export const heat: string;
  export const startSession: string;
  export const planChanged: string;
  export const undo: string;
  export const thisPlanHasNoWeldOr: string;
  export const calculating: string;
  export const to: string;
  export function min(values: { firstMin: string | number }): string;
  export function againMin(values: { value: string | number }): string;
  export function thePlanSays(values: { plannedMin: string | number }): string;
  export function soakedMoreThanMinAfterIt(values: { limitMin: string | number }): string;
  export const ofText: string;
  export const gaugeTo: string;
  export const steps: string;
  export const stepsOfTheHeat: string;
  export const checklistBeforeLighting: string;
  export const stopBlocks: string;
  export const heat2: string;
  export const stop: string;
  export const wideSpreadsTo: string;
  export const long: string;
  export const why: string;
  export function weldAt(values: { protection: string | number }): string;
  export const drawAt: string;
  export const settingHeats: string;
  export const heats: string;
  export const soakFromCold: string;
  export const squeezesInEachHeat: string;
  export const blows: string;
}

declare module 'texts/fire/InstrumentFields' {
  export const instruments: string;
  export const readOverModbusTcpDuringA: string;
  export function register(values: { address: string | number; toLowerCase: string | number; address2: string | number }): string;
  export const simulatedInstruments: string;
  export const close: string;
  export const change: string;
  export const remove: string;
  export const save: string;
  export const noneYouCanEnterTheForge: string;
  export const add: string;
  export const addAnInstrument: string;
  export function isRemoved(values: { name: string | number }): string;
  export const port: string;
  export const unit: string;
  export const register2: string;
  export const oneCountIsCOrMpa: string;
  export const added: string;
  export const measures: string;
  export const registers: string;
  export const writtenAs: string;
  export const enterANumber: string;
  export const name: string;
  export const addressOrSimulated: string;
  export const asked: string;
}

declare module 'texts/fire/KeyHelp' {
  export const theWideButtonAlsoPageDown: string;
  export const anotherBillet: string;
  export const orderOfWork: string;
  export const endTheSession: string;
  export const hideTheKeys: string;
  export const undo: string;
  export const checklist: string;
  export const space: string;
}

declare module 'texts/fire/Numbers' {
  export const outOfTheFireFor: string;
  export const outOfTheFireFor2: string;
  export const estimatedCore: string;
  export const core: string;
  export const notAtThisHeat: string;
  export const over3Min: string;
  export const readyFor: string;
  export const readyIn: string;
  export const workingTimeLeft: string;
  export const workingTime: string;
  export const skin: string;
  export function timeRange(values: { from: string | number; to: string | number }): string;
  export function overAnHour(values: { from: string | number }): string;
  export function from(values: { low: string | number }): string;
  export const itsEndAsYouSeeIt: string;
}

declare module 'texts/fire/OrderChart' {
  export const outlinedInTheFireTheStroke: string;
  export const allDone: string;
  export function atThePressAt(values: { value: string | number; pressMin: string | number }): string;
}

declare module 'texts/fire/ProtectionTable' {
  export const whatEachProtectionCosts: string;
  export const atmosphereProtectionForThisBilletFour: string;
  export function allFourAreInUseAnd(values: { heats: string | number }): string;
  export const protection: string;
  export const inTheFire: string;
  export const extraBenchTime: string;
  export const scaleLossPerFace: string;
  export const steelLost: string;
  export const decarbLeft: string;
  export const gas: string;
  export const inTheBook: string;
  export const warnings: string;
  export const asPlanned: string;
  export function min(values: { fireMin: string | number }): string;
  export const neverUsedHere: string;
  export function ofSound(values: { held: string | number; made: string | number }): string;
  export const none: string;
  export const nothing: string;
}

declare module 'texts/fire/Readings' {
  export function readingsImported(values: { count: number }): string;
  export function wasNotImported(values: { name: string | number }): string;
  export function line(values: { line: string | number }): string;
  export const aCsvFileWithTheColumns: string;
  export const importing: string;
  export const importLoggerReadings: string;
  export const readingsAsCsv: string;
  export const loggerFile: string;
}

declare module 'texts/fire/SideTaps' {
  export const forge: string;
  export const forge2: string;
  export const press: string;
  export const press2: string;
  export const enterTheForgeTemperature: string;
  export function enterATemperatureUpTo(values: { hottest: string | number }): string;
  export const note: string;
  export const aNote: string;
  export function using(values: { used: string | number }): string;
  export const noThermocouple: string;
  export function setTo(values: { show: string | number }): string;
  export const forgeCooler: string;
  export const forgeHotter: string;
  export const time: string;
  export const skinByAThermometer: string;
  export const skinReading: string;
  export const flameRich: string;
  export const flameNeutral: string;
  export const flameLean: string;
  export const lessAir: string;
  export const moreAir: string;
}

declare module 'texts/fire/StepLine' {
  export const done: string;
  export const skipped: string;
  export const now: string;
  export const next: string;
  export const steps: string;
  export function heatOf(values: { heat: string | number; heats: string | number }): string;
}

declare module 'texts/fire/Taps' {
  export const intoTheFire: string;
  export const startsTheWorkingTime: string;
  export const asTheDiesTouch: string;
  export const diesOpen: string;
  export const topToBottom: string;
  export const onTheJoints: string;
  export const scaleOff: string;
  export const colorShineShadow: string;
  export const coldAndDrained: string;
  export const undo: string;
  export const nothingYet: string;
  export const taps: string;
  export function spaceBar(values: { value: string | number }): string;
  export const sound: string;
  export const hNoDarkLineFound: string;
  export const suspect: string;
  export const pInspectWhenCold: string;
  export const delaminated: string;
  export const nAJointIsNotWelded: string;
  export const result: string;
  export const endTheSession: string;
  export const eFinished: string;
  export const nextBillet: string;
  export const inText: string;
  export const iOneMoreHeat: string;
}

declare module 'texts/fire/TraceChart' {
  export function traceOfForge(values: { name: string | number; value: string | number }): string;
  export function fromTo(values: { value: string | number; show: string | number; show2: string | number }): string;
  export function min(values: { value: string | number }): string;
  export const forge: string;
  export const skin: string;
  export const core: string;
  export const notRead: string;
  export const welds: string;
  export const draws: string;
}

declare module 'texts/fire/api' {
  export const fuelSoak: string;
  export const inText: string;
  export const flux: string;
  export const turn: string;
  export const out: string;
  export const squeeze: string;
  export const release: string;
  export const brush: string;
  export const inspect: string;
  export const next: string;
  export const inTheBook: string;
}

declare module 'texts/fire/course' {
  export function next(values: { title: string | number }): string;
  export const allStepsOfThisPlanAre: string;
}

declare module 'texts/fire/instruments' {
  export const thermocouple: string;
}

declare module 'texts/fire/nextTurn' {
  export function nextAtThePress(values: { value: string | number; value2: string | number }): string;
  export function inMin(values: { minutes: string | number }): string;
}

declare module 'texts/fire/useTaps' {
  export const deed: string;
  export const undo: string;
  export const reading: string;
  export const note: string;
  export const sound: string;
  export const suspect: string;
  export const delaminated: string;
  export const forgeSetting: string;
  export const speed: string;
  export function recorded(values: { value: string | number }): string;
  export function undone(values: { value: string | number }): string;
  export const shadow: string;
  export const noShadow: string;
  export const fluxMelts: string;
  export const fluxRunsClear: string;
  export const fluxSmokes: string;
  export const fuelBurntOut: string;
  export const color: string;
  export const skinReading: string;
  export const airForTheGas: string;
}

declare module 'texts/first/FirstBillet' {
  export const loadingTheSteels: string;
  export const layers: string;
  export const enter3OrMore: string;
  export const suggestedSchedule: string;
  export const searching: string;
  export const noScheduleReachesThisWithinYour: string;
  export const createThisBillet: string;
  export const seeAllSchedulesInTheFinder: string;
  export const layersFrom: string;
  export function ofSteelWeldChanceAllWelds(values: { welds: number; minutes: string | number; chance: string | number }): string;
  export const pieces: string;
  export const and: string;
  export const thick: string;
  export const long: string;
}

declare module 'texts/first/FirstStepsView' {
  export const whichForgeAndPressDoYou: string;
  export const usShopUnitsOrMetric: string;
  export const whichSteelsAreOnYourShelf: string;
  export const howManyLayersAndWhatSize: string;
  export function firstStepsOf(values: { value: string | number; length: string | number }): string;
  export const back: string;
  export const skip: string;
  export const skipAll: string;
}

declare module 'texts/first/ShelfQuestion' {
  export const loadingTheSteels: string;
  export const steels: string;
  export function thicknessOf(values: { steel: string | number }): string;
  export function widthOf(values: { steel: string | number }): string;
  export function lengthOf(values: { steel: string | number }): string;
  export function barsOf(values: { steel: string | number }): string;
  export const steelsHasTheFullListYour: string;
  export const add1SteelToTheShelf: string;
  export function addSteelsToTheShelf(values: { length: string | number }): string;
}

declare module 'texts/first/ToolsQuestion' {
  export const forgeAndPress: string;
  export const chooseTheClosestOneYouCan: string;
  export const useThisShop: string;
  export const door: string;
  export const chamber: string;
  export const long: string;
  export const pressUpTo: string;
  export const rollingMill: string;
}

declare module 'texts/first/UnitsQuestion' {
  export const units: string;
  export const usShop: string;
  export const metric: string;
  export function aBarOfIsShownAt(values: { show: string | number; show2: string | number; show3: string | number }): string;
  export const youCanTypeEitherSystemIn: string;
  export const continueText: string;
}

declare module 'texts/first/usualSteels' {
  export const darkSimpleToHarden: string;
  export const brightWithNickel: string;
  export const darkALittleLessCarbon: string;
  export const darkForEdges: string;
  export const darkTough: string;
  export const springSteel: string;
  export const darkHardensDeep: string;
  export const mildSteel: string;
}

declare module 'texts/hardening/HardeningView' {
  export const loadingTheBillet: string;
  export const heatTreatment: string;
  export const etching: string;
  export const etch: string;
  export const predictedAndEtched: string;
  export const predictedEtch: string;
  export const predictedLookOfTheEtchedFace: string;
  export const theFaceGroundClean: string;
  export const predictedLookOfTheEtchedEnd: string;
  export const theEnd: string;
  export const result: string;
  export const theEtchedPiece: string;
  export const logTheEtchWithAPhoto: string;
  export const treatments: string;
  export const nothingLoggedYet: string;
  export const noneOfItsSteelsHardens: string;
  export const hardening: string;
  export const normalizeThreeHeats: string;
  export const toBlackInStillAirEach: string;
  export const hardenAt: string;
  export const bothFrom: string;
  export const to: string;
  export const n5To10Min: string;
  export const noCommonHardeningHeat: string;
  export const and: string;
  export const quenchAt: string;
  export const thick: string;
  export const aFileSkatesOnHardSteel: string;
  export const steel: string;
  export const share: string;
  export const hardensFrom: string;
  export const inText: string;
  export const asQuenched: string;
  export function hrc(values: { value: string | number }): string;
  export const staysSoft: string;
  export const tempering: string;
  export const temperTwoTimesTwoHours: string;
  export const at: string;
  export const layersTogether: string;
  export function quenchIn(values: { quench: string | number }): string;
}

declare module 'texts/hardening/TreatmentFields' {
  export const ferricChloride14: string;
  export const logTreatment: string;
  export const treatment: string;
  export const at: string;
  export const forText: string;
  export const times: string;
  export const inText: string;
  export const readingsHrc: string;
  export function isNotAHardnessReading(values: { unread: string | number }): string;
  export const orAFile: string;
  export const notTried: string;
  export const noteAndResult: string;
  export const photo: string;
  export const takePhoto: string;
}

declare module 'texts/help/HelpButton' {
  export const whatIsThis: string;
}

declare module 'texts/help/HelpText' {
  export const next: string;
  export const wordsOnThisPage: string;
}

declare module 'texts/help/WhatIsThis' {
  export const whatIsThis: string;
  export const close: string;
}

declare module 'texts/inside/BladeFields' {
  export const length: string;
  export const width: string;
  export const spine: string;
  export const bevelHeight: string;
  export const theBarIsAlreadyGroundTo: string;
  export const positionFromTheBenchStop: string;
  export const edgeFromTheLeft: string;
  export const profile: string;
  export const enterALengthAbove0: string;
}

declare module 'texts/inside/InsideView' {
  export const loadingTheBillet: string;
}

declare module 'texts/inside/LookFields' {
  export const view: string;
  export const groundOff: string;
  export const into: string;
  export function layers(values: { layersGround: number }): string;
  export const sectionAt: string;
  export const cutPositionFromTheLeftEdge: string;
  export const top: string;
  export const below: string;
  export const end: string;
  export const along: string;
  export const blade: string;
}

declare module 'texts/inside/Looking' {
  export const stack: string;
  export const noBarIsLeftAtThis: string;
  export function ofText(values: { toLowerCase: string | number; at: string | number; value: string | number }): string;
  export const undo: string;
  export const ctrlZ: string;
  export const previousStep: string;
  export const upArrow: string;
  export const nextStep: string;
  export const downArrow: string;
  export const look: string;
  export const previousBar: string;
  export function ofText2(values: { value: string | number; count: string | number }): string;
  export const nextBar: string;
  export const pan: string;
  export const countLayersAlongALine: string;
  export const flat: string;
  export const deepEtched: string;
  export const closeComparison: string;
  export const compare: string;
  export const backToTheRun: string;
  export const now: string;
  export const compared: string;
}

declare module 'texts/inside/Overview' {
  export const dragToMoveAlongTheBar: string;
  export const theWholeFaceOfTheBar: string;
}

declare module 'texts/inside/SaveFields' {
  export const save: string;
  export const saveThisPicture: string;
  export const pixelsAcross: string;
  export function from16To(values: { MOSTPX: string | number }): string;
  export const png: string;
  export const savePng: string;
  export const svg: string;
  export const saveSvg: string;
  export const outlinesOfEverySteelInTrue: string;
}

declare module 'texts/inside/TryFields' {
  export const tryChanges: string;
  export function step(values: { value: string | number; operation: string | number }): string;
  export const applyToPlan: string;
  export const asPlanned: string;
}

declare module 'texts/inside/Viewer' {
  export function theInside(values: { value: string | number }): string;
  export const drawALineAcrossTheLayers: string;
  export const scrollToZoomDragToPan: string;
  export const thinnest: string;
  export const counting: string;
  export function layers(values: { count: number }): string;
}

declare module 'texts/inside/tries' {
  export const turns: string;
  export const rotationDegrees: string;
  export const bow: string;
  export const groovePitch: string;
  export const grooveDepth: string;
  export const dimplePitch: string;
  export const dimpleDepth: string;
  export const displacement: string;
  export const wavelength: string;
}

declare module 'texts/pair/PairMap' {
  export const compatibilityMap: string;
  export function pair(values: { one: string | number; other: string | number; verdict: string | number; why: string | number }): string;
}

declare module 'texts/pair/QuestionFields' {
  export const fuelSoak: string;
  export const fluxOverFuel: string;
  export function role(values: { id: string | number }): string;
  export const atmosphereProtection: string;
  export const use: string;
  export const aBlade: string;
  export const aFitting: string;
  export const temper: string;
  export const enterATemperFromC100: string;
  export const flux: string;
  export const sealed: string;
}

declare module 'texts/pair/VerdictPanel' {
  export const stop: string;
  export const condition: string;
  export const note: string;
  export const forThisUseTheScoreDoes: string;
  export function of100(values: { score: string | number }): string;
  export const weldAt: string;
  export const to: string;
  export const noCommonWeldingHeat: string;
  export const hardenAt: string;
  export const noneOfThemHardens: string;
  export function noOverlapGapOf(values: { show: string | number }): string;
  export const quench: string;
  export function upTo(values: { quench: string | number }): string;
  export const thick: string;
  export const carbon: string;
  export function evenedOutNotEstimated(values: { value: string | number }): string;
  export function evenedOut(values: { value: string | number; value2: string | number }): string;
  export const after: string;
  export function hrcEvenedOut(values: { evenedHrc: string | number; HRCPLUSMINUS: string | number }): string;
  export function hrcInLayers(values: { layeredHrc: string | number }): string;
  export const notEstimated: string;
  export const contrast: string;
  export const reasons: string;
  export const noProblemsFound: string;
  export function tonesApart(values: { strength: string | number; value2: string | number }): string;
  export const safety: string;
}

declare module 'texts/pair/api' {
  export const inThePattern: string;
  export const coreTheEdge: string;
  export const sides: string;
  export const sheetBetween: string;
}

declare module 'texts/picture/api' {
  export const geminalPane: string;
  export const geminalView: string;
  export const geminalLayersGround: string;
}

declare module 'texts/rack/RackView' {
  export const rack: string;
  export const newBillet: string;
  export const billet: string;
  export const billets: string;
  export const loadingTheBillets: string;
  export function isArchived(values: { name: string | number }): string;
  export function billetEndsDrawnToOneScale(values: { length: number }): string;
  export function withAJointToCheck(values: { all: string | number; flaws: string | number }): string;
  export const noBilletsYet: string;
  export const aBilletBeginsWithItsStack: string;
  export const setUpThisShopInThree: string;
  export const createTheFirstBillet: string;
  export const billets2: string;
  export function endOfVisibleLayers(values: { name: string | number; visibleCount: string | number }): string;
  export function ofText(values: { count: string | number }): string;
  export const noFinishedBarYet: string;
  export const finished: string;
  export function layers(values: { value: string | number }): string;
  export const archive: string;
  export function archive2(values: { name: string | number }): string;
  export const itsPlanAndWeldsAreKept: string;
  export const sessionActive: string;
  export const delaminated: string;
  export const suspectJoint: string;
}

declare module 'texts/rack/ReadPlanFile' {
  export const reading: string;
  export const importPlanFile: string;
  export function wasNotImported(values: { file: string | number }): string;
  export function at(values: { where: string | number }): string;
  export const close: string;
  export const planFile: string;
}

declare module 'texts/rack/WaitingBars' {
  export const setAside: string;
  export function endOfABarFromVisible(values: { billet: string | number; visibleCount: string | number }): string;
  export const ofText: string;
  export function bars(values: { free: number }): string;
  export function fromBillet(values: { billet: string | number }): string;
  export function layers(values: { value: string | number }): string;
}

declare module 'texts/rack/progress' {
  export const thePlanIsNotComplete: string;
  export const noWeldPlannedYet: string;
  export const repairFirst: string;
  export const inspectFirst: string;
  export const allWeldsDone: string;
  export const notStartedThePlanHasAn: string;
  export const nextWeld1: string;
  export function nextWeldOf(values: { value: string | number; weldsPlanned: string | number }): string;
}

declare module 'texts/schedule/Compare' {
  export const visibleLayers: string;
  export const nominalLayers: string;
  export const averageLayer: string;
  export const medianLayer: string;
  export const thinnestLayer: string;
  export const broadSheets: string;
  export function ofTheHeight(values: { coarsePercent: string | number }): string;
  export const heightOfTheBarsTogether: string;
  export const startingLength: string;
  export const startingSteel: string;
  export const lost: string;
  export const finishedLength: string;
  export const tallestStack: string;
  export const longestBar: string;
  export const welds: string;
  export const jointFaces: string;
  export const chanceAllWeldsHold: string;
  export const grindingFaces: string;
  export const stacking: string;
  export const soakingAndSetting: string;
  export const drawing: string;
  export const cooling: string;
  export const sawing: string;
  export const total: string;
  export const gas: string;
  export const comparison: string;
  export const compare: string;
  export const whatItTakes: string;
  export const close: string;
  export const open: string;
}

declare module 'texts/schedule/EndLook' {
  export const predictedEnd: string;
  export const endFromTheBottom: string;
}

declare module 'texts/schedule/FinderView' {
  export const loadingTheSteels: string;
}

declare module 'texts/schedule/FromFields' {
  export const from: string;
  export const newStacks: string;
  export const steelOnTheShelf: string;
  export const outerSteel: string;
  export const otherSteel: string;
  export const thick: string;
  export const otherSteelThick: string;
  export const pieceWidth: string;
  export const tryOtherStock: string;
  export function theBarAfterStep(values: { value: string | number }): string;
  export const typeWhatYouMeasuredTheRun: string;
  export function visibleLayers(values: { value: string | number }): string;
}

declare module 'texts/schedule/QuestionFields' {
  export const question: string;
  export const finder: string;
  export const undo: string;
  export const continueText: string;
  export const layersWanted: string;
  export const maximumUpTo: string;
  export const enter2To10000000: string;
  export const tolerance: string;
  export const enter0To50: string;
  export const counted: string;
  export const visibleLayers: string;
  export const nominalLayers: string;
  export const goal: string;
  export const aLayerCount: string;
  export const mostLayers: string;
  export const from: string;
  export const finishedBarGroundClean: string;
  export const restacks: string;
  export const heightOfTheBarsTogether: string;
  export const enterMoreThan0: string;
  export const soThatPiecesAreAbout: string;
  export const long15TimesTheHeight: string;
  export const useCalculatedHeight: string;
  export const sheetInTheJoints: string;
  export function thick(values: { steel: string | number }): string;
  export const noCore: string;
  export const coreInsideTheLastRestack: string;
  export const addACore: string;
  export const addACorePiece: string;
  export const searchRange: string;
  export const chanceFromWeldMaps: string;
  export const timesComeFromShop: string;
  export const anEstimateUntilTheBookHas: string;
  export function anEstimateCorrectedByTheWelds(values: { welds: number }): string;
  export const never: string;
  export const allowed: string;
}

declare module 'texts/schedule/RuledOut' {
  export const excludedByLimits: string;
  export const nothingEveryScheduleSatisfiesTheLimits: string;
  export function ofThemByThisLimitAlone(values: { value: string | number }): string;
  export const limits: string;
  export const otherLimits: string;
}

declare module 'texts/schedule/SearchState' {
  export const result: string;
  export function scheduleRecommended(values: { length: number }): string;
  export const calledOffWhatWasFoundSo: string;
  export const searchAgain: string;
  export function stoppedTooMuchToGoThrough(values: { restacksSeen: string | number }): string;
  export function schedulesReachTheCountOfThem(values: { reaching: string | number; keeping: string | number }): string;
  export const theOthersAreWorseOnEvery: string;
  export function endWithASectionTooSmall(values: { tooThin: string | number }): string;
  export const searched: string;
  export const cancel: string;
  export const noScheduleSatisfiesTheLimits: string;
  export const noOneLimitIsInThe: string;
  export const itIsPossibleWith: string;
  export const relaxLimit: string;
  export const and: string;
}

declare module 'texts/schedule/SizeFields' {
  export const length: string;
  export const width: string;
  export const height: string;
  export const enterMoreThan0: string;
}

declare module 'texts/schedule/TriedFields' {
  export const piecesFrom: string;
  export const to: string;
  export const cutsFrom: string;
  export const restacksAtMost: string;
  export const alternating: string;
  export const doubleOuterPieces: string;
  export const twoOfEachForBoldLines: string;
  export function fromTo(values: { least: string | number; most: string | number }): string;
  export const enterTheSmallerNumberFirst: string;
  export const everySecondPieceTurnedOver: string;
  export const folding: string;
}

declare module 'texts/schedule/WayList' {
  export const allWeldsHold: string;
  export const recommendedSchedules: string;
  export const drawnToOneScale: string;
  export function ofSelected(values: { length: string | number; all: string | number }): string;
  export const closestCountFirst: string;
  export const lowestFirst: string;
  export function showTheOther(values: { value: string | number }): string;
  export function toScale(values: { words: string | number }): string;
  export const pieces: string;
  export const and: string;
  export const thick: string;
  export const long: string;
  export function nominal(values: { value: string | number }): string;
  export const compare: string;
  export const open: string;
  export const layers: string;
  export const welds: string;
  export const faces: string;
  export const steel: string;
  export const time: string;
  export const finished: string;
}

declare module 'texts/schedule/WayPlot' {
  export const plot: string;
  export const up: string;
  export const across: string;
  export const largerCircleMoreTimeDragTo: string;
  export const showAll: string;
  export function schedulesByAndTheListBelow(values: { length: string | number; value: string | number; value2: string | number }): string;
  export function layersWelds(values: { words: string | number; visible: string | number; welds: string | number; minutes: string | number }): string;
  export function up2(values: { y: string | number; y2: string | number }): string;
  export const finishedLength: string;
  export const startingSteel: string;
}

declare module 'texts/schedule/ask' {
  export const tallestStack: string;
  export const longestBar: string;
  export const weightInHand: string;
  export const shortestPiece: string;
  export const outerLayerLeft: string;
  export const doorWidth: string;
  export const doorHeight: string;
  export const broadSheets: string;
  export const thinnestLayer: string;
  export const pressForce: string;
  export const finishedLength: string;
}

declare module 'texts/schedule/useOpen' {
  export function layers(values: { value: string | number; words: string | number }): string;
}

declare module 'texts/schedule/weigh' {
  export const welds: string;
  export const jointFaces: string;
  export const steel: string;
  export const hours: string;
  export const risk: string;
  export const layers: string;
  export const broadSheets: string;
}

declare module 'texts/shop/HiddenNoteList' {
  export const hiddenNotes: string;
  export const noneNotesYouHideOnA: string;
  export const allBillets: string;
  export const showAgain: string;
  export function showAgain2(values: { what: string | number }): string;
}

declare module 'texts/shop/RemovedItemList' {
  export const archivedAndDeleted: string;
  export const emptyArchivedBilletsRemovedBarsAnd: string;
  export function showTheOther(values: { value: string | number }): string;
  export const restore: string;
  export function restore2(values: { thing: string | number }): string;
}

declare module 'texts/shop/ShopView' {
  export const loadingTheShop: string;
  export const shop: string;
  export const usedByEveryPlan: string;
  export const undo: string;
  export const preset: string;
  export function theSavedValuesAreShown(values: { detail: string | number }): string;
  export const forge: string;
  export const gaugeOffset: string;
  export const notCalibrated: string;
  export const press: string;
  export const force: string;
  export const remove: string;
  export const hammer: string;
  export const highestBar: string;
  export const handHammer: string;
  export const rollingMill: string;
  export const shopDefaults: string;
  export const usedWhenThePlanDoesNot: string;
  export const measuredLossesAppearHereOnceThe: string;
  export const taskTimes: string;
  export const usedByTheFinder: string;
  export const limits: string;
  export const whereWarningsStart: string;
  export const costOfAnHoursWork: string;
  export const forPreparingReclaimedStock: string;
  export const backup: string;
  export const saveTheWholeShopAsOne: string;
  export const billetsBookSteelsStockSessionsPhotos: string;
  export const saveShop: string;
  export const none: string;
  export const add: string;
}

declare module 'texts/shop/fields' {
  export const chamberWidth: string;
  export const chamberHeight: string;
  export const chamberLength: string;
  export const doorWidth: string;
  export const doorHeight: string;
  export const burners: string;
  export const burnersRatedFor: string;
  export const heatIntoTheSteel: string;
  export const highestHeat: string;
  export const lining: string;
  export const fiberFiberFloor: string;
  export const fiberHardFloor: string;
  export const castableOrBrick: string;
  export const canRunAReducingFlame: string;
  export const openAtBothEnds: string;
  export const bore: string;
  export const gaugeLimit: string;
  export const orRatedForce: string;
  export const opening: string;
  export const heightOfBothDies: string;
  export const flatDieLength: string;
  export const roundDieContact: string;
  export const ramSpeed: string;
  export const rollDiameter: string;
  export const widestGap: string;
  export const weldingHeat: string;
  export const soakFromCold: string;
  export const settingHeats: string;
  export const reduction: string;
  export const drawingHeat: string;
  export const timeOfADrawingHeat: string;
  export const sawKerf: string;
  export const trimmedOffEachEnd: string;
  export const groundOffAJointFace: string;
  export const grindingAllowancePerFace: string;
  export const scaleFactor: string;
  export const n1UntilMeasured: string;
  export const steelLostWithAJacket: string;
  export const atmosphereProtection: string;
  export const flame: string;
  export const reducingRich: string;
  export const toolForSettingWelds: string;
  export const toolForDrawingOut: string;
  export const dryStackHeldBy: string;
  export const sealedStackClosedBy: string;
  export const facesOfNewPieces: string;
  export const groundBright: string;
  export const cleanMillScaleLeftOn: string;
  export const asFound: string;
  export const degreasedAndStackedTheSameDay: string;
  export const shortestPiece: string;
  export const toHoldClampAndTack: string;
  export const weightInHand: string;
  export const tallestStack: string;
  export const tallerStacksLeanAndHeatUnevenly: string;
  export const longestBar: string;
  export const hasToTurnInTheShop: string;
  export const thinnestOuterPiece: string;
  export const thinnerPiecesBowAway: string;
  export const longStack: string;
  export const longerThinPiecesNeedASide: string;
  export const piecesMayDifferBy: string;
  export const moreLeavesColdShuts: string;
  export const partsMayDifferBy: string;
  export const moreJointsStayOpen: string;
  export const nothingBondsBelow: string;
  export const overheatedAbove: string;
  export const grainGrowthCarbonLoss: string;
  export const firstSqueezeLimit: string;
  export const moreSplitsTheSides: string;
  export const deepestGroove: string;
  export const ofTheThickness: string;
  export const surfaceShearOfATwist: string;
  export const upTo3WithSteadyHands: string;
  export const smallestSquare: string;
  export const toReSquareOrTile: string;
  export const finestLayerSeen: string;
  export const finerLooksGray: string;
  export const mostLayersSeen: string;
  export const moreLooksGray: string;
  export const widestBandOnABevel: string;
  export const grindAJointFace: string;
  export const clampAndTackAStack: string;
  export const sawCut: string;
  export const coolToTheSaw: string;
  export const reductionPerDrawingHeat: string;
  export const ofTheSection: string;
  export const gasUsed: string;
  export const yesText: string;
  export const noText: string;
  export const neutral: string;
  export const oxidizing: string;
}

declare module 'texts/shop/removedItems' {
  export const billet: string;
  export const bars: string;
  export const steel: string;
  export const weld: string;
  export const entry: string;
  export const photograph: string;
  export const anInspection: string;
  export const aRepair: string;
  export const measurements: string;
  export const aTreatment: string;
}

declare module 'texts/steel/GivenFields' {
  export const startsToMelt: string;
  export const weldsFrom: string;
  export const weldsTo: string;
  export const hardensFrom: string;
  export const hardensTo: string;
  export const etchTone: string;
  export const workedOutFromTheRestType: string;
  export const calculate: string;
  export function calculateAgain(values: { label: string | number }): string;
}

declare module 'texts/steel/HeatChart' {
  export const heatsOfTheChosenSteels: string;
  export const weldingWindow: string;
  export const hardeningWindow: string;
  export const melts: string;
  export function weldsTo(values: { fromC: string | number; toC: string | number }): string;
  export function hardensToMartensiteFrom(values: { fromC: string | number; toC: string | number; value: string | number }): string;
  export const doesNotHarden: string;
  export function meltsFrom(values: { value: string | number }): string;
  export function martensiteFromHardensTo(values: { value: string | number; show: string | number; fromC: string | number; toC: string | number }): string;
  export const ms: string;
  export function meltsFrom2(values: { value: string | number; show: string | number; source: string | number }): string;
}

declare module 'texts/steel/OwnSteelActions' {
  export const edit: string;
  export const archive: string;
  export const plansThatUseItKeepIt: string;
  export function isArchived(values: { id: string | number }): string;
}

declare module 'texts/steel/OwnSteels' {
  export function steelImported(values: { count: number }): string;
  export function nothingWasImported(values: { detail: string | number }): string;
  export function line(values: { line: string | number }): string;
  export const close: string;
  export const addSteel: string;
  export const importCsv: string;
  export const exportCsv: string;
  export const yourSteel: string;
  export const whatYouKnowOfItStands: string;
  export const csvFileOfSteels: string;
}

declare module 'texts/steel/SteelChoice' {
  export function etchTone(values: { value: string | number }): string;
  export const onTheShelf: string;
  export function ofText(values: { steel: string | number; thicknessMm: string | number; pieces: string | number; widthMm: string | number; lengthMm: string | number }): string;
  export const everySteel: string;
}

declare module 'texts/steel/SteelFigures' {
  export const measured: string;
  export const fromAStandard: string;
  export const computed: string;
  export const typical: string;
  export const aStandardGradeFiguresHoldWithin: string;
  export const heatsVaryOrItWasTested: string;
  export const anEstimateForStockOfThat: string;
  export const mn: string;
  export const si: string;
  export const ni: string;
  export const cr: string;
  export const mo: string;
  export const cu: string;
  export const meltingBegins: string;
  export const meltingEnds: string;
  export function to(values: { fromC: string | number; toC: string | number }): string;
  export const withAMarginBelowMeltingFor: string;
  export const easeOfWelding: string;
  export function of51IsEasiest(values: { weldability: string | number }): string;
  export const doesNotHarden: string;
  export const forASoakOf5To: string;
  export function upTo(values: { quench: string | number; show: string | number; bladeQuench: string | number; value: string | number }): string;
  export const martensiteFrom: string;
  export const asQuenched: string;
  export function hrc(values: { value: string | number }): string;
  export const austeniteFrom: string;
  export const etchTone: string;
  export const density: string;
  export const quench: string;
  export function expansionTo(values: { heat: string | number }): string;
  export function figuresOf(values: { id: string | number }): string;
  export const sure: string;
  export const fair: string;
  export const uncertain: string;
  export function to2(values: { carbonMin: string | number; carbonMax: string | number }): string;
  export const shallow: string;
  export const welds: string;
  export const not: string;
  export const judgement: string;
  export const hardens: string;
}

declare module 'texts/steel/SteelForm' {
  export const cLeast: string;
  export const cMost: string;
  export const mn: string;
  export const si: string;
  export const ni: string;
  export const cr: string;
  export const mo: string;
  export const cu: string;
  export const source: string;
  export const testsOnReclaimedStock: string;
  export const millCertificate: string;
  export const shortName: string;
  export const oldSpring: string;
  export const fullName: string;
  export const sameAsOrMostLike: string;
  export const mostLike: string;
  export const compositionMass: string;
  export const saveSteel: string;
  export const calculated: string;
  export const composition: string;
  export const enterAtLeastOneSteel: string;
}

declare module 'texts/steel/SteelList' {
  export const onMyShelf: string;
  export function weldsWith(values: { f: string | number }): string;
  export function blackerThan(values: { f: string | number }): string;
  export function tougherThan(values: { f: string | number }): string;
  export const findASteel: string;
  export const n12842SpringNickel: string;
  export const theFirst: string;
  export const steels: string;
  export const yours: string;
  export const uncertain: string;
  export const onTheShelf: string;
  export const noSteelMatches: string;
}

declare module 'texts/steel/SteelsView' {
  export const loadingTheSteels: string;
  export const steels: string;
  export const steel: string;
  export const steels2: string;
  export const chooseTwoOrMoreSteelsTo: string;
  export const view: string;
  export const compatibilityMap: string;
  export function figuresOf(values: { id: string | number }): string;
  export const figures: string;
  export const shelf: string;
  export const moreBarsBetterTogetherInA: string;
  export const onlyMyShelf: string;
  export function allSteels(values: { length: string | number }): string;
  export const chooseASteelToSeeIts: string;
  export const compatibility: string;
  export const noSteelIsChosen: string;
  export function chooseAnotherToGoWith(values: { value: string | number }): string;
  export const newBilletFromThese: string;
}

declare module 'texts/steel/TestFields' {
  export const spark: string;
  export const carbon: string;
  export const hardenAndBreak: string;
  export const hardnessFiles: string;
  export const etch: string;
  export const tone0To1: string;
  export const testsMadeOnItOneThat: string;
  export const remove: string;
  export const kindOfTest: string;
  export const whatWasSeen: string;
  export const whatWasSeen2: string;
  export function figure(values: { value: string | number }): string;
  export const addTest: string;
}

declare module 'texts/steel/Tones' {
  export function tonesSideBySide(values: { value: string | number }): string;
  export const asTheyWouldAlternateAfterThe: string;
}

declare module 'texts/stock/Shelf' {
  export const steel: string;
  export const size: string;
  export const quantity: string;
  export const price: string;
  export const from: string;
  export const change: string;
  export function minToPrepare(values: { prepMinutes: string | number }): string;
  export function change2(values: { steel: string | number }): string;
  export const remove: string;
  export function remove2(values: { steel: string | number }): string;
  export const theShelfIsEmptyStockListed: string;
  export const addBar: string;
  export function is(values: { steel: string | number }): string;
  export const width: string;
  export const thickness: string;
  export const length: string;
  export const preparationPerBar: string;
  export const done: string;
  export const pricedBy: string;
  export const mass: string;
}

declare module 'texts/figures/EndSection' {
  export function circlePxAtPxPx(values: { radius: string | number; value: string | number; value2: string | number }): string;
}

declare module 'texts/figures/grips' {
  export const length: string;
  export const height: string;
  export const frontTrim: string;
  export const backTrim: string;
}

declare module 'texts/ui/CannotBeRead' {
  export function oneCannotBeRead(values: { one: string | number }): string;
  export function cannotBeRead(values: { length: string | number; many: string | number }): string;
  export const downloadItsData: string;
  export const nothingIsLostRestoreFromA: string;
}

declare module 'texts/ui/Danger' {
  export const safety: string;
}

declare module 'texts/ui/Notice' {
  export const tryAgain: string;
  export const undo: string;
  export const close: string;
}

declare module 'texts/ui/Words' {
  export const and: string;
}

declare module 'texts/units/format' {
  export function mm(values: { mm: string | number }): string;
  export function inText(values: { rounded: string | number }): string;
  export function hMin(values: { value: string | number; value2: string | number }): string;
}

declare module 'texts/lib/http' {
  export const refused: string;
  export const noReason: string;
  export const noConnection: string;
  export const noAnswer: string;
  export const checkItRuns: string;
  export const tryAgain: string;
}

declare module 'texts/help/views' {
  export const rackTitle: string;
  export const rackAbout: string;
  export const rackNext: string;
  export const billetsNewTitle: string;
  export const billetsNewAbout: string;
  export const billetsNewNext: string;
  export const billetTitle: string;
  export const billetAbout: string;
  export const billetNext: string;
  export const billetsInsideTitle: string;
  export const billetsInsideAbout: string;
  export const billetsInsideNext: string;
  export const billetsHeatTitle: string;
  export const billetsHeatAbout: string;
  export const billetsHeatNext: string;
  export const billetsFinishTitle: string;
  export const billetsFinishAbout: string;
  export const billetsFinishNext: string;
  export const billetsCardTitle: string;
  export const billetsCardAbout: string;
  export const billetsCardNext: string;
  export const finderTitle: string;
  export const finderAbout: string;
  export const finderNext: string;
  export const fireTitle: string;
  export const fireAbout: string;
  export const fireNext: string;
  export const steelsTitle: string;
  export const steelsAbout: string;
  export const steelsNext: string;
  export const bookTitle: string;
  export const bookAbout: string;
  export const bookNext: string;
  export const evidenceTitle: string;
  export const evidenceAbout: string;
  export const evidenceNext: string;
  export const shopTitle: string;
  export const shopAbout: string;
  export const shopNext: string;
  export const glossaryTitle: string;
  export const glossaryAbout: string;
  export const glossaryNext: string;
  export const firstStepsTitle: string;
  export const firstStepsAbout: string;
  export const firstStepsNext: string;
  export const billetsBenchTitle: string;
  export const billetsBenchAbout: string;
  export const billetsBenchNext: string;
  export const billetsCountTitle: string;
  export const billetsCountAbout: string;
  export const billetsCountNext: string;
  export const billetsMeasureTitle: string;
  export const billetsMeasureAbout: string;
  export const billetsMeasureNext: string;
  export const billetsCompareTitle: string;
  export const billetsCompareAbout: string;
  export const billetsCompareNext: string;
  export const billetsFlawsTitle: string;
  export const billetsFlawsAbout: string;
  export const billetsFlawsNext: string;
}

declare module 'texts/glossary/terms' {
  export const anhydrousBorax: string;
  export const austenitize: string;
  export const bar: string;
  export const billet: string;
  export const bite: string;
  export const cladding: string;
  export const cokeCoalAndGasForge: string;
  export const coldShut: string;
  export const contrast: string;
  export const core: string;
  export const coupon: string;
  export const decarb: string;
  export const delamination: string;
  export const doubleLine: string;
  export const dragonsBreath: string;
  export const drawOut: string;
  export const drawingDies: string;
  export const edgeBar: string;
  export const etch: string;
  export const explosion: string;
  export const flatDies: string;
  export const flux: string;
  export const forgeWeld: string;
  export const fourWay: string;
  export const fuelSoak: string;
  export const goMai: string;
  export const handle: string;
  export const hotCut: string;
  export const hotShort: string;
  export const inclusion: string;
  export const joint: string;
  export const kerf: string;
  export const kissBlock: string;
  export const ladder: string;
  export const layerCount: string;
  export const ledger: string;
  export const martensite: string;
  export const millScale: string;
  export const mosaic: string;
  export const normalize: string;
  export const offcut: string;
  export const piece: string;
  export const quench: string;
  export const rack: string;
  export const raindrop: string;
  export const random: string;
  export const reducingFlame: string;
  export const restack: string;
  export const run: string;
  export const sanMai: string;
  export const scale: string;
  export const sealedJacket: string;
  export const settingWeld: string;
  export const slag: string;
  export const soak: string;
  export const spiral: string;
  export const squaringDies: string;
  export const stack: string;
  export const tackWeld: string;
  export const temper: string;
  export const twist: string;
  export const ws: string;
  export const weldLine: string;
  export const weldMap: string;
  export const weldingHeat: string;
}

declare module 'texts/glossary/dotted' {
  export const anhydrousBorax: string;
  export const austenitize: string;
  export const bite: string;
  export const coldShut: string;
  export const coupon: string;
  export const decarb: string;
  export const delamination: string;
  export const doubleLine: string;
  export const drawingDies: string;
  export const edgeBar: string;
  export const flatDies: string;
  export const fuelSoak: string;
  export const hotShort: string;
  export const inclusion: string;
  export const kerf: string;
  export const kissBlock: string;
  export const martensite: string;
  export const millScale: string;
  export const normalize: string;
  export const reducingFlame: string;
  export const restack: string;
  export const sealedJacket: string;
  export const settingWeld: string;
  export const squaringDies: string;
  export const weldLine: string;
  export const weldMap: string;
  export const weldingHeat: string;
}

declare module 'texts/glossary/ExplainedWords' {
  export const whatDoesThisMean: string;
  export function glossaryTerm(values: { term: string | number }): string;
  export const openInTheGlossary: string;
}

declare module 'texts/glossary/GlossaryView' {
  export const glossary: string;
  export const searchTheGlossary: string;
  export const noTermMatches: string;
  export const terms: string;
}

declare module 'texts/units/parse' {
  export const length: string;
  export const temperature: string;
  export const temperatureChange: string;
  export const mass: string;
  export const force: string;
  export const pressure: string;
  export const volume: string;
  export const power: string;
  export const massFlow: string;
  export const speed: string;
  export const time: string;
  export const density: string;
  export const expansion: string;
  export const pricePerLength: string;
  export const pricePerMass: string;
  export const share: string;
  export const angle: string;
  export const hardness: string;
  export function nothingIsEntered(values: { remedy: string | number }): string;
  export function cannotBeRead(values: { typed: string | number; remedy: string | number }): string;
  export const fractionOverNothing: string;
  export const enterANumber: string;
  export const enterAWholeNumber: string;
}

declare module 'texts/billet/newPart' {
  export const noLongerSetAside: string;
}

declare module 'texts/billet/FitWords' {
  export const wider: string;
  export const higher: string;
  export const longer: string;
  export const narrower: string;
  export const lower: string;
  export const shorter: string;
}

declare module 'texts/account/Backups' {
  export const nightlyBackups: string;
  export const noneAreMade: string;
  export const theLastBackupDidNotWork: string;
  export const late: string;
  export const whatToCheck: string;
  export const backUpNow: string;
  export const backingUp: string;
  export const newest: string;
  export const noneYet: string;
  export const restoredAndCompared: string;
  export const notYet: string;
  export const kept: string;
  export function ofKept(values: { there: string | number; kept: string | number }): string;
  export const folder: string;
}

declare module 'texts/account/Devices' {
  export const devices: string;
  export const onlyThisMachine: string;
  export function codeOf(values: { address: string | number }): string;
  export const scanThis: string;
  export const pageAboutTrust: string;
  export const shop: string;
  export const fingerprint: string;
  export const compare: string;
  export const whatOpeningDoes: string;
  export const openToTheNetwork: string;
  export const closeToTheNetwork: string;
  export const firstTrust: string;
}

declare module 'texts/account/DeviceCode' {
  export const signADeviceIn: string;
  export const itSignsInAsYou: string;
  export const nameOfTheDevice: string;
  export const showCode: string;
  export function isSignedIn(values: { name: string | number }): string;
  export const codeEnded: string;
  export const newCode: string;
  export function codeOf(values: { address: string | number }): string;
  export function scanOrEnter(values: { address: string | number }): string;
  export function onceUntil(values: { until: string | number }): string;
}

declare module 'texts/account/DeviceList' {
  export const signedInDevices: string;
  export const thisDevice: string;
  export function lastSeen(values: { lastUsed: string | number }): string;
  export const shutOut: string;
  export function shutOutName(values: { name: string | number }): string;
  export function shutOutNow(values: { name: string | number }): string;
  export const cancel: string;
}

declare module 'texts/account/DeviceSignIn' {
  export const geminal: string;
  export const enterTheCode: string;
  export const thisDeviceWasGivenACode: string;
  export const signThisDeviceIn: string;
  export const code: string;
  export const withAPassword: string;
}

declare module 'texts/fire/FireControls' {
  export const order: string;
  export const checklist: string;
  export const soundsOn: string;
  export const soundsOff: string;
  export const end: string;
  export const leave: string;
}

declare module 'texts/bench/BenchView' {
  export const loadingTheBillet: string;
  export function stepOf(values: { step: string | number; steps: string | number }): string;
  export function steps(values: { done: string | number; steps: string | number }): string;
  export const cutThePieces: string;
}

declare module 'texts/bench/BenchStep' {
  export const thisStepIsNoLongerPlanned: string;
  export const step: string;
  export const done: string;
  export const marks: string;
  export const marksFromTheSquaredEnd: string;
  export const eachPiece: string;
  export const theKerfIsBeyondTheMark: string;
  export const leftOver: string;
  export const sizeAfterIt: string;
  export function eachOf(values: { count: string | number }): string;
  export const wide: string;
  export const high: string;
  export const long: string;
  export const countLayers: string;
  export const measureInPhotograph: string;
}

declare module 'texts/bench/BenchActions' {
  export const saving: string;
  export const savedInTheBook: string;
  export const actions: string;
  export const back: string;
  export const done: string;
  export const notDone: string;
  export const photo: string;
  export const next: string;
}

declare module 'texts/weldmap/WeldMapFigure' {
  export function weldMap(values: { joints: number }): string;
  export const touching: string;
  export const touchingAndRing: string;
}

declare module 'texts/weldmap/WeldMapPanel' {
  export const weldMap: string;
  export const calculating: string;
  export const noMap: string;
  export const thatEveryJointIsSound: string;
  export const everyJoint: string;
  export function howItIsCalculated(values: { samples: string | number }): string;
  export const tryingWhatWouldHelp: string;
  export const nothingTriedHelps: string;
  export const whatWouldHelp: string;
  export const becomes: string;
  export const apply: string;
  export const to: string;
  export function byYourRecord(values: { welds: number }): string;
}

declare module 'texts/weldmap/JointTable' {
  export const heat: string;
  export const reduction: string;
  export const oxide: string;
  export const slag: string;
  export const pulledOpen: string;
  export const jointFromBelow: string;
  export const sound: string;
  export const weakestPlaceBonds: string;
  export const heatOver: string;
  export const reductionOver: string;
  export const oxideIs: string;
  export const failsFor: string;
  export const brokenUp: string;
  export const tooThick: string;
  export const nothing: string;
}

declare module 'texts/weldmap/WhyOpen' {
  export const whyDidItOpen: string;
  export const calculating: string;
  export const noMap: string;
  export const toFindOut: string;
  export const fromThePlan: string;
  export const fromTheLog: string;
}

declare module 'texts/fire/Looks' {
  export const whatYouSee: string;
  export const recordWhatYouSee: string;
  export const close: string;
  export const lookAtTheEnd: string;
  export const aShadow: string;
  export const oneColorAcross: string;
  export const lookAtTheSkin: string;
  export const lookAtTheFlux: string;
  export const itMelts: string;
  export const itRunsClear: string;
  export const itSmokes: string;
  export const theFuelSoak: string;
  export const theFlameIsOut: string;
  export const bloodRed: string;
  export const darkCherry: string;
  export const dullCherry: string;
  export const mediumCherry: string;
  export const cherry: string;
  export const brightCherry: string;
  export const salmon: string;
  export const darkOrange: string;
  export const orange: string;
  export const lightOrange: string;
  export const orangeYellow: string;
  export const yellow: string;
  export const brightYellow: string;
  export const paleYellow: string;
  export const yellowWhite: string;
  export const white: string;
}

declare module 'texts/fire/Inspect' {
  export const inspectTheJoints: string;
  export const edgesOfTheStack: string;
  export const gapsAreOpen: string;
  export const gapsMayBeOpen: string;
  export const noneOpen: string;
  export function openAtTheEdges(values: { open: string | number; joints: string | number }): string;
  export function whyIsItOpen(values: { joint: string | number }): string;
  export const chooseACause: string;
  export const showWhatItWas: string;
  export const tooCold: string;
  export const notPressed: string;
  export const oxide: string;
  export const slag: string;
  export const pulledOpen: string;
  export const dirt: string;
  export const moreThanOneThing: string;
  export function youNamedIt(values: { joint: string | number; cause: string | number }): string;
  export function itWasAnother(values: { joint: string | number; cause: string | number; named: string | number }): string;
  export const whatHasBonded: string;
  export const whatTheLogLetExpect: string;
  export const jointFromBelow: string;
  export const bonded: string;
  export const cause: string;
  export const expectedSound: string;
  export const sound: string;
}

declare module 'texts/fire/DrillChoice' {
  export const drill: string;
  export const noDrill: string;
  export const noDrillWhat: string;
  export function soundOf(values: { sound: string | number; runs: string | number }): string;
  export const coldCenter: string;
  export const coldCenterWhat: string;
  export const lateBite: string;
  export const lateBiteWhat: string;
  export const dirtyFaces: string;
  export const dirtyFacesWhat: string;
  export const leanFlame: string;
  export const leanFlameWhat: string;
  export const lyingGauge: string;
  export const lyingGaugeWhat: string;
  export const overPressed: string;
  export const overPressedWhat: string;
}

declare module 'texts/calibration/CalibrationPanel' {
  export const learned: string;
  export const what: string;
  export const nothingYet: string;
  export const forgotten: string;
  export function fromHeats(values: { heats: number }): string;
  export function last(values: { at: string | number }): string;
  export function plansUse(values: { heats: number }): string;
  export const plansUseNothing: string;
  export const useInPlans: string;
  export const undoUse: string;
  export const forget: string;
  export const undoForget: string;
  export const to: string;
  export const thinBeforeThickNow: string;
  export const chamberHotterThanGauge: string;
  export const radiantHeatTakenUp: string;
  export const heatFromTheFlame: string;
  export const heatLostToDies: string;
  export const howHardSteelResists: string;
  export const heatAcrossGroundFaces: string;
  export const heatAcrossScaledFaces: string;
  export const heatAcrossFacesAsFound: string;
}

declare module 'texts/calibration/Effects' {
  export const comparePlans: string;
  export function comparing(values: { done: string | number; of: string | number }): string;
  export const cancel: string;
  export const noChanceChanges: string;
  export const becomes: string;
}

declare module 'texts/pooling/AddShop' {
  export const file: string;
  export const addARecord: string;
  export const name: string;
  export const add: string;
  export const cancel: string;
  export function notAdded(values: { file: string | number }): string;
}

declare module 'texts/pooling/OtherShops' {
  export const otherShops: string;
  export const what: string;
  export function welds(values: { welds: number; open: string | number }): string;
  export function added(values: { at: string | number; by: string | number }): string;
  export const counted: string;
  export const notCounted: string;
  export const usualWeld: string;
  export const becomes: string;
  export function replaces(values: { name: string | number }): string;
  export const count: string;
  export const countAnyway: string;
  export const stopCounting: string;
  export const remove: string;
  export function removed(values: { name: string | number }): string;
  export const undo: string;
}

declare module 'texts/pooling/OwnRecord' {
  export const showWhatWouldLeave: string;
  export const hide: string;
  export const noWeldIsDecided: string;
  export function wouldLeave(values: { welds: number }): string;
  export const notInIt: string;
  export function suspectStay(values: { suspect: number }): string;
  export function unnamed(values: { unnamed: number }): string;
  export const theFile: string;
  export const save: string;
}

declare module 'texts/photograph/CountView' {
  export const etchAndPhotograph: string;
  export const counting: string;
  export const dragTheLine: string;
  export const tapABoundary: string;
  export const undo: string;
  export const count: string;
  export function layers(values: { count: number }): string;
  export function range(values: { low: string | number; high: string | number }): string;
  export function asPlanned(values: { planned: string | number }): string;
  export function plannedInRange(values: { planned: string | number }): string;
  export function planned(values: { planned: string | number; off: string | number; more: string | number }): string;
  export const whatWouldGiveIt: string;
  export const noSingleSlip: string;
  export const layersCounted: string;
  export const enterACount: string;
  export const note: string;
}

declare module 'texts/photograph/CountStrip' {
  export function boundaries(values: { count: number }): string;
}

declare module 'texts/photograph/PhotographWithLine' {
  export const beginningOfTheLine: string;
  export const endOfTheLine: string;
}

declare module 'texts/photograph/PhotographPage' {
  export const loadingTheBillet: string;
  export const noSuchStep: string;
  export const takePhoto: string;
  export const choosePhoto: string;
  export const countLayers: string;
  export const after: string;
  export const notAPicture: string;
  export function step(values: { step: string | number; title: string | number }): string;
  export const photograph: string;
  export const measure: string;
  export const comparePattern: string;
  export const findFlaws: string;
  export const count: string;
  export const compare: string;
  export const flaws: string;
}

declare module 'texts/photograph/Working' {
  export const cancel: string;
}

declare module 'texts/photograph/SaveInBook' {
  export const keptInThe: string;
  export const book: string;
  export const saving: string;
  export const keepInTheBook: string;
}

declare module 'texts/photograph/MarkedPhotograph' {
  export const photograph: string;
}

declare module 'texts/photograph/PhotographWithCorners' {
  export const upperLeft: string;
  export const upperRight: string;
  export const lowerRight: string;
  export const lowerLeft: string;
}

declare module 'texts/photograph/BarSelect' {
  export const bar: string;
  export function barOf(values: { bar: string | number; count: string | number }): string;
}

declare module 'texts/photograph/MeasureView' {
  export const layTheCard: string;
  export const printTheCard: string;
  export const measuring: string;
  export const firstMark: string;
  export const secondMark: string;
}

declare module 'texts/photograph/KnownLength' {
  export const useARule: string;
  export const useASide: string;
  export const betweenTheMarks: string;
  export const enterADistance: string;
  export const measureByTheRule: string;
  export const dragTheMarks: string;
  export const knownSide: string;
  export const longerSides: string;
  export const shorterSides: string;
  export const howLong: string;
  export const enterALength: string;
  export const measureByTheSide: string;
  export const ofTheLargest: string;
}

declare module 'texts/photograph/FoundPieces' {
  export const pieces: string;
  export const length: string;
  export const width: string;
  export const height: string;
  export const notUsed: string;
  export const taper: string;
  export const bow: string;
  export function outOfSquare(values: { degrees: string | number }): string;
  export const use: string;
  export function meanOfAll(values: { count: string | number }): string;
  export function piece(values: { number: string | number }): string;
  export const longSideIs: string;
  export const shortSideIs: string;
  export const planned: string;
  export function inThePlanOnly(values: { detail: string | number }): string;
  export const addMeasurements: string;
  export const undo: string;
}

declare module 'texts/photograph/FlawsView' {
  export const photographTheFace: string;
  export const end: string;
  export const edge: string;
  export const face: string;
  export const notAFlaw: string;
  export const suspect: string;
  export const delaminated: string;
  export const dragTheCorners: string;
  export const cornersNotMoved: string;
  export const seen: string;
  export const surface: string;
  export const groundOrEtched: string;
  export const glowing: string;
  export const findDarkLines: string;
  export const finding: string;
  export const undo: string;
  export const noThermometer: string;
  export const darkLines: string;
  export const none: string;
  export function lookAtEach(values: { count: number }): string;
  export function joint(values: { joint: string | number }): string;
  export const onNoJoint: string;
  export const long: string;
  export function verdict(values: { number: string | number }): string;
  export const note: string;
  export const saveInspection: string;
}

declare module 'texts/photograph/CompareView' {
  export const etchAndPhotograph: string;
  export const dragTheCorners: string;
  export const cornersNotMoved: string;
  export const face: string;
  export const top: string;
  export const underside: string;
  export const groundOff: string;
  export const enterADepth: string;
  export const compare: string;
  export const comparing: string;
  export const undo: string;
  export function likeness(values: { now: string | number; planned: string | number }): string;
  export const asMadeTitle: string;
  export function ofStep(values: { step: string | number }): string;
  export const to: string;
  export const planned: string;
  export const applyToPlan: string;
  export const inThePlan: string;
  export const groundOffTheFace: string;
}

declare module 'texts/photograph/Overlay' {
  export const photographStraight: string;
  export const predicted: string;
  export const photo: string;
  export const howMuchPredicted: string;
  export const difference: string;
}

declare module 'texts/billet/NotStored' {
  export function yourLastChangeIsNotSaved(values: { detail: string | number }): string;
  export const keepMine: string;
  export const tryAgain: string;
  export const useTheSavedVersion: string;
  export const discardMyChange: string;
}

declare module 'texts/billet/useBench' {
  export const notSavedYetSeeAbove: string;
  export function theRunUsesItButIt(values: { detail: string | number }): string;
}
