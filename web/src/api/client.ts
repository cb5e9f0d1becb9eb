import createClient from 'openapi-fetch'
import type { components, paths } from './schema'

type Schemas = components['schemas']
export type PieceView = Schemas['PieceView']
export type ChangeView = Schemas['ChangeView']
export type PageChange = Schemas['PageChange']
export type PageView = Schemas['PageView']
export type PageSummary = Schemas['PageSummary']
export type Head = Schemas['Head']
export type Splice = Schemas['Splice']
export type Entry = Schemas['Entry']
export type Item = Schemas['Item']
/** A frame as it is stored. */
export type FrameItem = Schemas['Frame']
export type EdgeRun = Schemas['EdgeRun']
export type Paint = Schemas['Paint']
export type Effect = Schemas['Effect']
export type Shadow = Extract<Effect, { kind: 'shadow' }>
export type Corners = Schemas['Corners']
export type TextStyle = Schemas['TextStyle']
export type TextFinish = Schemas['TextFinish']
export type ChoosingView = Schemas['ChoosingView']
export type Folio = Schemas['Folio']
export type Cover = Schemas['Cover']
export type Adjustments = Schemas['Adjustments']
export type Mosaic = Schemas['Mosaic']
export type CutOut = Schemas['CutOut']
export type Mend = Schemas['Mend']
export type FacedPlane = Schemas['FacedPlane']
export type Treatment = Schemas['Treatment']
export type ItemChange = Schemas['ItemChange']
export type Band = Schemas['Band']
export type Theme = Schemas['Theme']
export type Mount = Schemas['Mount']
export type Rule = Schemas['Rule']
export type SharedText = Schemas['SharedText']
export type Ground = Schemas['Ground']
export type FrameStyle = Schemas['FrameStyle']
export type StyleSheet = Schemas['StyleSheet']
export type StyleUse = Schemas['StyleUse']
export type StyleDifference = Schemas['StyleDifference']
export type CaptionStyle = Schemas['CaptionStyle']
export type Outline = Schemas['Outline']
export type Ornament = Schemas['OrnamentView']
export type FilledCaptions = Schemas['FilledCaptions']
export type Album = Schemas['Album']
export type FlowChange = Schemas['FlowChange']
export type OwnTable = Schemas['OwnTable']
export type Typeface = Schemas['TypefaceView']
export type Course = Schemas['Course']
export type FrameWords = Schemas['FrameWords']
export type Grid = Schemas['Grid']
export type Slicing = Schemas['Slicing']
export type Region = Schemas['Region']
export type Track = Schemas['Track']
export type GridLines = Schemas['GridView']
export type Scattered = Schemas['Scattered']
export type Silhouette = Schemas['Silhouette']
export type Figure = Schemas['Figure']
export type Cutting = Silhouette['cutting']
export type Recipe = Schemas['Recipe']
export type PatternView = Schemas['PatternView']
export type Guide = Schemas['Guide']
export type Arrangement = Schemas['Arrangement']
export type Margins = Schemas['Margins']
export type Marks = Schemas['Marks']
export type Proposal = Schemas['ProposalView']
export type Format = Schemas['Format']
export type LengthUnit = Format['unit']
export type Crop = Schemas['Crop']
export type Edit = Schemas['Edit']
export type PageScene = Schemas['SceneView']
export type FrameScene = Schemas['FrameView']
export type UnitScene = Schemas['UnitView']
export type PhotoScene = Schemas['PhotoView']
export type Box = Schemas['BoxMm']
export type Photo = Schemas['GatheredPhoto']
export type IntakeResult = Schemas['Result']
export type StorageView = Schemas['StorageView']
export type ShelfItem = Schemas['ShelfItem']
export type MakeRequest = Schemas['MakeRequest']
export type Make = Schemas['MakeView']
export type SharpnessLimits = Schemas['SharpnessLimits']
export type Sharpness = PhotoScene['sharpness']

export const client = createClient<paths>({ baseUrl: window.location.origin })

/** Names this window, so that it is not told of its own changes. */
export const windowName = crypto.randomUUID()

/** What the server could not do: in words, with the field it is about. */
export class Problem extends Error {
  constructor(
    message: string,
    readonly status: number,
    readonly field?: string,
  ) {
    super(message)
  }
}

/** What went wrong, in words. */
export const wordsOf = (thrown: unknown) => (thrown instanceof Problem ? thrown.message : String(thrown))

export function problemOf(error: unknown, status: number): Problem {
  const known = typeof error === 'object' && error !== null ? (error as Record<string, unknown>) : {}
  const detail = typeof known.detail === 'string' ? known.detail : undefined
  return new Problem(
    detail ?? 'The application did not answer. Nothing was changed.',
    status,
    typeof known.field === 'string' ? known.field : undefined,
  )
}

/** The answer's data, or its problem thrown. */
export async function data<T>(request: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  let answer
  try {
    answer = await request
  } catch {
    throw new Problem('The application cannot be reached. What was saved is safe; it goes on when it is back.', 0)
  }
  if (answer.error !== undefined || !answer.response.ok) {
    throw problemOf(answer.error, answer.response.status)
  }
  return answer.data as T
}

export const smallPicture = (photo: string) => `/api/photos/${photo}/small`
/** The whole photo with its light and colour changed, some hundred pixels along its longer side. */
export const adjustedPicture = (photo: string, adjustments: Adjustments, edge: number) =>
  `/api/photos/${photo}/adjusted?edge=${edge}&adjustments=${encodeURIComponent(JSON.stringify(adjustments))}`
/** The whole photo of a frame with what is done to it, or without; the revision tells one state from the next. */
export const framePhoto = (at: { piece: string; page: string; frame: string; revision: number; plain?: boolean }) =>
  `/api/pieces/${at.piece}/pages/${at.page}/frames/${at.frame}/photo?plain=${at.plain ?? false}&revision=${at.revision}`
export const largePicture = (photo: string) => `/api/photos/${photo}/large`
/** A page as it looks now; the look's number lets the browser keep the picture. */
export const pagePicture = (piece: string, page: string, look: number, width: number) =>
  `/api/pieces/${piece}/pages/${page}/picture?look=${look}&width=${Math.round(width)}`

/** A part of a page as it is now, drawn finely; in millimetres of the page and pixels of the picture. */
export const windowPicture = (
  piece: string,
  page: string,
  { x, y, width, height, pixelsPerMm }: { x: number; y: number; width: number; height: number; pixelsPerMm: number },
) =>
  `/api/pieces/${piece}/pages/${page}/window?x=${x}&y=${y}&width=${width}&height=${height}&pixelsPerMm=${pixelsPerMm}`

/** A page as it was proposed or tried; one frame of it alone if it is named. */
export const lookPicture = (piece: string, page: string, look: string, width: number, frame?: string) =>
  `/api/pieces/${piece}/pages/${page}/looks/${look}?width=${Math.round(width)}${frame ? `&frame=${frame}` : ''}`
