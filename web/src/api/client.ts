import createFetchClient, { type Middleware } from 'openapi-fetch';
import createClient from 'openapi-react-query';
import { ulid } from 'ulid';
import { t } from '../lang';
import { askedSince } from './fresh';
import { answered, unanswered } from './reach';
import type { components, paths } from './schema';
import { sessionEnded } from './session';

type Schemas = components['schemas'];
export type Book = Schemas['Book'];
export type Drill = Schemas['Drill'];
export type Here = Schemas['Here'];
export type PractiseHome = Schemas['PractiseHome'];
export type LearnerDetail = Schemas['LearnerDetail'];
export type Today = Schemas['Today'];
export type PlacedOrder = Schemas['PlacedOrder'];
export type TrimAhead = Schemas['Trim'];
export type PlannedEvent = Schemas['Event'];
export type PrepDay = Schemas['PrepDay'];
export type PrepTask = Schemas['PrepTask'];
export type PrepWould = Schemas['PrepWould'];
export type Services = Schemas['Services'];
export type Service = Schemas['Service'];
export type OrderStart = Schemas['OrderStart'];
export type OrderOf = Schemas['OrderOf'];
export type Offered = Schemas['Offered'];
export type Portions = Schemas['Portions'];
export type Nights = Schemas['Nights'];
export type ColdPlaces = Schemas['Places'];
export type ColdPlace = Schemas['Place'];
export type FreezingRun = Schemas['FreezingRun'];
export type FreezingRuns = Schemas['FreezingRuns'];
export type LoggerFile = Schemas['LoggerFile'];
export type HouseTreatment = Schemas['HouseTreatment'];
export type Treatments = Schemas['Treatments'];
export type TreatmentPlan = Schemas['TreatmentPlan'];
export type Treating = Schemas['Treating'];
export type NowThing = Schemas['Now']['things'][number];
export type Thaws = Schemas['Thaws'];
export type Checks = Schemas['Checks'];
export type Kept = Schemas['Kept'];
export type Zones = Schemas['Zones'];
export type Pattern = Schemas['Pattern'];
export type Servings = Schemas['Servings'];
export type Problem = Schemas['Problem'];
export type Keel = Schemas['Keel'];
export type FishHead = Schemas['FishHead'];
export type Choice = Schemas['Choice'];
export type Family = Schemas['Family'];
export type Form = Schemas['Form'];
export type StageName = Schemas['StageName'];
export type ReadingLine = Schemas['ReadingLine'];
export type Remark = Schemas['Remark'];
export type Rung = Schemas['Rung'];
export type Bench = Schemas['Bench'];
export type PortionBench = Schemas['PortionBench'];
export type Planner = Schemas['Planner'];
export type Plan = Schemas['Plan'];
export type Tonight = Schemas['Tonight'];
export type Dish = Schemas['Dish'];
export type Batch = Schemas['Batch'];
export type Label = Schemas['Label'];
export type Shapes = Schemas['Shapes'];
export type RouteBench = Schemas['RouteBench'];
export type Bins = Schemas['Bins'];
export type BinInFull = Schemas['BinInFull'];
export type RouteHouse = Schemas['RouteHouse'];
export type Making = Schemas['Making'];
export type BatchPlanned = Schemas['BatchPlanned'];
export type Plate = Schemas['Plate'];
export type PlateInFull = Schemas['PlateInFull'];
export type PricesRead = Schemas['PricesRead'];
export type CostBench = Schemas['CostBench'];
export type LogRow = Schemas['LogList']['fish'][number];
export type LogChoices = Schemas['LogChoices'];
export type Effects = Schemas['Effects'];
export type Week = Schemas['Week'];
export type DriftChart = Schemas['DriftChart'];
export type SupplierYear = Schemas['SupplierYear'];
export type SupplierInFull = Schemas['SupplierInFull'];
export type CutterFigures = Schemas['CutterFigures'];
export type LearningCurve = Schemas['LearningCurve'];
export type SeasonOf = Schemas['SeasonOf'];
export type Complaint = Schemas['Complaint'];
export type OriginCard = Schemas['OriginCard'];
export type OldYields = Schemas['OldYields'];
export type GramsWalk = Schemas['Walk'];
export type GramsStep = Schemas['WalkStepOf'];
export type LogSheet = Schemas['LogSheet'];
export type Kitchen = Schemas['Kitchen'];
export type Method = Schemas['Method'];
export type MethodInFull = Schemas['MethodInFull'];
export type Bones = Schemas['Bones'];
export type Find = Schemas['Find'];
export type CleanDown = Schemas['CleanDown'];
export type FindKind = Schemas['FindKind'];
export type Workmanship = Schemas['Workmanship'];
export type BoardSetUp = Schemas['SetUp'];
export type Door = Schemas['Door'];
export type ClaimFile = Schemas['ClaimFile'];
export type Line = Schemas['Line'];
export type ColdRoom = Schemas['ColdRoom'];
export type InspectionForm = Schemas['InspectionForm'];
export type Scanned = Schemas['Scanned'];
export type InvoicePreview = Schemas['InvoicePreview'];
export type Recall = Schemas['Recall'];
export type Species = Schemas['Species'];
export type People = Schemas['People'];
export type HouseSettings = Schemas['Settings'];

/** A weight as it goes to the server: what the pan showed, or what was typed. */
export type Weight = {
  typed?: string;
  pan?: { mass_mg: number; tare_mg: number; resolution_mg: number; steady: boolean };
};

/** This tab, as long as it is open: what it wrote itself is no news to it. */
export const TAB = ulid();

/** The server's cross-site token travels in a cookie and comes back in a header. */
const token: Middleware = {
  onRequest({ request }) {
    const found = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1];
    if (found) {
      request.headers.set('X-XSRF-TOKEN', decodeURIComponent(found));
    }
    request.headers.set('X-Sectum-Tab', TAB);
    return request;
  },
};

/** Asked before anybody is signed in, or to sign in: their 401 says nothing about a session. */
const AT_THE_DOOR = /\/api\/(kitchen|session)$/;

/** A session that is over is over at once, and a kitchen computer that is away is said so. */
const watch: Middleware = {
  onResponse({ request, response }) {
    answered(response.headers.get('X-Sectum-Kept'));
    if (response.status === 401 && !AT_THE_DOOR.test(new URL(request.url).pathname)) {
      sessionEnded();
    }
    return response;
  },
  onError({ request, error }) {
    // Given up by the page itself, because something newer was asked, says nothing about the kitchen computer.
    if (!request.signal.aborted) {
      unanswered();
    }
    return error as Error;
  },
};

const client = createFetchClient<paths>({ baseUrl: '/api', headers: { Accept: 'application/json' } });
// The last in this row is the first to see an answer.
client.use(token, watch, askedSince());

export const api = createClient(client);

/** The same without the page's cache, for what is sent behind its back. */
export const sender = client;

const UNREACHED: Problem = {
  type: 'about:blank',
  title: t('client.away'),
  status: 0,
  detail: t('client.the-kitchen-computer-cannot-be'),
};

/** Whether a refusal is of one kind. */
export function saysCode(problem: Problem | null, code: string): boolean {
  return problem !== null && 'code' in problem && problem.code === code;
}

/** Whatever went wrong, as a problem with one sentence to show. */
export function asProblem(error: unknown): Problem {
  if (error && typeof error === 'object' && 'detail' in error && typeof error.detail === 'string') {
    return error as Problem;
  }
  return UNREACHED;
}

/** The sentence to show beside the pan: the weight's own fault first, else whatever went wrong. */
export function panFault(error: unknown): string | undefined {
  return faultAt(error, '/weight') ?? (error ? asProblem(error).detail : undefined);
}

/** The sentence that belongs to one field, if the problem names it. */
export function faultAt(error: unknown, pointer: string): string | undefined {
  return error ? asProblem(error).errors?.find((fault) => fault.pointer.startsWith(pointer))?.detail : undefined;
}
