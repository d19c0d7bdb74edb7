import { t } from '@/words'
import createClient from 'openapi-fetch'
import type { components, paths } from './generated/schema'

export type Schemas = components['schemas']

export type RoutineEntry = Schemas['RoutineEntry']
export type StoredRoutine = Schemas['StoredRoutine']
export type Beginning = Schemas['Beginning']
export type Bridge = Schemas['BridgeDocument']
export type Question = Schemas['SoughtDocument']
export type NamedQuestion = Schemas['NamedQuestion']
export type Invention = Schemas['InventionDocument']
export type Invented = Schemas['InventedDocument']
export type Find = Schemas['FindDocument']
export type Boundary = Schemas['BoundaryDocument']
export type Routine = Schemas['RoutineDocument']
export type Step = Schemas['StepDocument']
export type Out = Schemas['OutDocument']
export type Role = Schemas['RoleDocument']
export type ClaimSpec = Schemas['SpecDocument']
export type RoutineClaim = Schemas['ClaimDocument']
export type Trace = Schemas['TraceDocument']
export type Seen = Schemas['SeenDocument']
export type Account = Schemas['AccountDocument']
export type StepAudience = Schemas['StepAudienceDocument']
export type Moment = Schemas['MomentDocument']
export type Pile = Schemas['PileDocument']
export type Survey = Schemas['SurveyDocument']
export type Finding = Schemas['FindingDocument']
export type Catalogue = Schemas['CatalogueDocument']
export type Move = Schemas['MoveDocument']
export type Setting = Schemas['SettingDocument']
/** What an edit leaves that the server made. */
export type Edited = Schemas['EditedDocument']
/** The line that is edited, in the way in which it is seen. */
export type EditedLine = Schemas['EditedLine']
export type OwnMove = Schemas['OwnMoveDocument']
export type MoveNote = Schemas['MoveNoteDocument']

export type PlayedSet = Schemas['SetDocument']
export type StoredSet = Schemas['StoredSet']
export type Act = Schemas['ActDocument']
export type Venue = Schemas['VenueDocument']
export type Evening = Schemas['EveningDocument']
export type Stage = Schemas['StageDocument']
export type Reset = Schemas['ResetDocument']
export type WhatIsWhere = Schemas['WhatIsWhereDocument']
export type BetterOrder = Schemas['BetterOrderDocument']
export type Audience = Schemas['StoredAudience']
export type Performance = Schemas['PerformanceDocument']
export type JournalEntry = Schemas['EntryDocument']
export type JournalFigures = Schemas['FiguresDocument']

export type Rehearsal = Schemas['RehearsalDocument']
export type LastRehearsal = Schemas['LastRehearsal']

/** A number for each choice, by its key; a choice that is missing is as usual. */
export type World = Record<string, number>

/** One field that is not as it must be. */
export interface FieldProblem {
  field: string
  value: string
  rule: string
  cure: string
}

/** A refusal of the server, in the performer's words. */
export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    detail: string,
    readonly problems: FieldProblem[],
    /** What kind of problem it is, such as `other-folder`; empty when nobody said. */
    readonly kind = '',
  ) {
    super(detail)
  }

  /** What is wrong and what to do, without the name of the field: “there is no such step any more. Choose another.” */
  get inWords(): string {
    const first = this.problems[0]
    return first ? `${first.rule}. ${first.cure}.` : this.message
  }
}

/** The last part of a type of problems. */
export const kindOf = (type = ''): string => type.replace(/.*:/, '')

/** The token that shows a request comes from this page: the server sets it as a cookie. */
export function ownToken(): string {
  return decodeURIComponent(document.cookie.match(/(?:^|; )XSRF-TOKEN=([^;]*)/)?.[1] ?? '')
}

/** This page, as long as it is loaded: what it asked for last is worked out first. */
const PAGE = crypto.randomUUID()

export const api = createClient<paths>({
  baseUrl: '/',
  // Nothing is waited for before a request leaves: the screen is drawn while it is answered.
  fetch(request) {
    request.headers.set('Page-Id', PAGE)
    const token = ownToken()
    if (token) {
      request.headers.set('X-XSRF-TOKEN', token)
    }
    // Looked up at each call, so that tests can stand in for the server.
    return globalThis.fetch(request)
  },
})

interface Answer<T> {
  data?: T
  error?: unknown
  response: Response
}

/** The body of an answer, or an {@link ApiProblem} thrown. */
export async function answered<T>(call: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>
  try {
    answer = await call
  } catch (failure) {
    if (failure instanceof DOMException && failure.name === 'AbortError') {
      throw failure
    }
    throw new ApiProblem(0, t('api.client.noAnswer'), t('api.client.craftyPocketDoesNotAnswer'), [])
  }
  if (answer.error !== undefined || !answer.response.ok) {
    const problem = (answer.error ?? {}) as {
      type?: string
      title?: string
      detail?: string
      problems?: FieldProblem[]
    }
    throw new ApiProblem(
      answer.response.status,
      problem.title ?? t('api.client.thatDidNotWork'),
      problem.detail ?? t('api.client.nothingWasChangedTryAgain'),
      problem.problems ?? [],
      kindOf(problem.type),
    )
  }
  return answer.data as T
}
