import { createApi } from '@reduxjs/toolkit/query/react';
import type { z } from 'zod';
import type { Course } from '../../../core/course/schema/course';
import type {
  ClassFileText,
  LearntPart,
  Library,
  LogNotes,
  LogSummary,
  MovementFile,
  MovementSave,
  MovementsWritten,
  RedrawnSession,
  SessionSave,
  SessionSummary,
  SessionsPage,
  SessionsWhen,
  StoredSession,
  Unread,
} from '../../../core/formats/api/api';
import type {
  CourseFileText,
  CourseSave,
  StoredCourse,
  WeaveReply,
  WeaveRequest,
} from '../../../core/formats/api/courseApi';
import type { GroupPeople, Mention, WhoCame } from '../../../core/formats/api/peopleApi';
import type { TaughtClass } from '../../../core/formats/api/taughtClass';
import type { Group, GroupAsked } from '../../../core/group/group';
import type { Person } from '../../../core/group/person';
import type { Hall } from '../../../core/hall/hall';
import type { Schools } from '../../../core/movement/adapt/schools';
import type { Wording } from '../../../core/movement/adapt/wording';
import type { Movement } from '../../../core/movement/schema/movement';
import type { ClassLog } from '../../../core/record/classLog';
import type { Passage } from '../../../core/session/plan/lineSet';
import type { Session } from '../../../core/session/plan/session';
import type { AsideRule } from '../../../core/session/plan/setAside';
import type { Takes } from '../../../core/session/plan/takes';
import type { MovementTraits } from '../../../core/traits/movementTraits';
import { ask, wasKept } from './ask';
import { type Save, saveOver } from './saveOver';
import { TAGS } from './tags';

/** Which classes are asked for, and which part of them. */
export interface SessionsAsked {
  readonly when: SessionsWhen;
  readonly group?: string;
  readonly words?: string;
  readonly from: number;
  readonly size: number;
  readonly today: string;
}

/** A class as the server holds it, or as this machine had it from before while the server is away. */
export interface FetchedSession extends StoredSession {
  readonly isKept: boolean;
}

/** Everything the interface asks of the server, typed by the schemas the server validates with. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: ask,
  tagTypes: TAGS,
  endpoints: (build) => ({
    library: build.query<Library, void>({
      query: () => 'library',
      keepUnusedDataFor: 86_400,
      providesTags: ['library'],
    }),
    traits: build.query<MovementTraits[], void>({
      query: () => 'movements/traits',
      keepUnusedDataFor: 86_400,
      providesTags: ['library'],
    }),
    saveMovement: build.mutation<Movement, MovementSave>({
      query: (body) => ({ url: `movements/${body.movement.id}`, method: 'PUT', body }),
      invalidatesTags: ['library'],
    }),
    withdrawMovement: build.mutation<void, string>({
      query: (id) => ({ url: `movements/${id}`, method: 'DELETE' }),
      invalidatesTags: ['library'],
    }),
    restoreMovement: build.mutation<void, string>({
      query: (id) => ({ url: `movements/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['library'],
    }),
    readMovements: build.mutation<MovementsWritten, MovementFile>({
      query: (body) => ({ url: 'movements/file', method: 'POST', body }),
      invalidatesTags: ['library'],
    }),
    groups: build.query<Group[], void>({ query: () => 'groups', providesTags: ['groups'] }),
    groupsPutAway: build.query<Group[], void>({ query: () => 'groups/put-away', providesTags: ['groups'] }),
    addGroup: build.mutation<Group, Group>({
      query: (body) => ({ url: 'groups', method: 'POST', body }),
      invalidatesTags: ['groups'],
    }),
    changeGroup: build.mutation<unknown, Save<Group>>({
      queryFn: (save, _, __, ask) => saveOver(save, `groups/${save.thing.id}`, async (args) => ask(args)),
      invalidatesTags: ['groups'],
    }),
    putGroupAway: build.mutation<void, string>({
      query: (id) => ({ url: `groups/${id}`, method: 'DELETE' }),
      invalidatesTags: ['groups'],
    }),
    bringGroupBack: build.mutation<Group, string>({
      query: (id) => ({ url: `groups/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['groups'],
    }),
    courses: build.query<StoredCourse[], void>({ query: () => 'courses', providesTags: ['courses'] }),
    course: build.query<StoredCourse, string>({ query: (id) => `courses/${id}`, providesTags: ['courses'] }),
    addCourse: build.mutation<StoredCourse, Course>({
      query: (course) => ({ url: 'courses', method: 'POST', body: { course } }),
      invalidatesTags: ['courses'],
    }),
    saveCourse: build.mutation<StoredCourse, CourseSave>({
      query: (body) => ({ url: `courses/${body.course.id}`, method: 'PUT', body }),
      invalidatesTags: ['courses'],
    }),
    bringCourse: build.mutation<StoredCourse, CourseFileText>({
      query: (body) => ({ url: 'courses/file', method: 'POST', body }),
      invalidatesTags: ['courses', 'library'],
    }),
    removeCourse: build.mutation<void, string>({
      query: (id) => ({ url: `courses/${id}`, method: 'DELETE' }),
      invalidatesTags: ['courses'],
    }),
    restoreCourse: build.mutation<StoredCourse, string>({
      query: (id) => ({ url: `courses/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['courses'],
    }),
    weave: build.mutation<z.infer<typeof WeaveReply>, z.input<typeof WeaveRequest>>({
      query: (body) => ({ url: 'compute/weave', method: 'POST', body }),
    }),
    askGroup: build.mutation<Group, { id: string; asked: GroupAsked }>({
      query: ({ id, asked }) => ({ url: `groups/${id}/asked`, method: 'PUT', body: asked }),
      invalidatesTags: ['groups'],
    }),
    teachGroup: build.mutation<Group, { id: string; schools: Schools }>({
      query: ({ id, schools }) => ({ url: `groups/${id}/schools`, method: 'PUT', body: schools }),
      invalidatesTags: ['groups'],
    }),
    reckonGroup: build.mutation<{ group: Group; classes: number }, { id: string; takes: Takes }>({
      query: ({ id, takes }) => ({ url: `groups/${id}/takes`, method: 'PUT', body: takes }),
      invalidatesTags: ['groups', 'sessions'],
    }),
    asides: build.query<AsideRule[], void>({ query: () => 'asides', providesTags: ['asides'] }),
    setAsideForGood: build.mutation<AsideRule[], AsideRule>({
      query: (body) => ({ url: 'asides', method: 'PUT', body }),
      invalidatesTags: ['asides'],
    }),
    letSpeakAgain: build.mutation<AsideRule[], Pick<AsideRule, 'code' | 'movement'>>({
      query: (body) => ({ url: 'asides', method: 'DELETE', body }),
      invalidatesTags: ['asides'],
    }),
    passages: build.query<Passage[], void>({ query: () => 'passages', providesTags: ['passages'] }),
    keepPassage: build.mutation<Passage[], Passage>({
      query: (body) => ({ url: `passages/${body.id}`, method: 'PUT', body }),
      invalidatesTags: ['passages'],
    }),
    dropPassage: build.mutation<Passage[], string>({
      query: (id) => ({ url: `passages/${id}`, method: 'DELETE' }),
      invalidatesTags: ['passages'],
    }),
    wording: build.query<Wording[], void>({ query: () => 'wording', providesTags: ['wording'] }),
    sayMyWay: build.mutation<Wording[], Wording>({
      query: (body) => ({ url: `wording/${body.movementId}`, method: 'PUT', body }),
      // Showing a movement takes as long as its calls, so the minutes of classes may change with it.
      invalidatesTags: ['wording', 'library', 'sessions'],
    }),
    sessions: build.query<SessionSummary[], void>({ query: () => 'sessions', providesTags: ['sessions'] }),
    sessionsPage: build.query<SessionsPage, SessionsAsked>({
      query: (asked) => ({ url: 'sessions/page', params: asked }),
      providesTags: ['sessions', 'sessionPages'],
    }),
    sessionSummary: build.query<SessionSummary, string>({
      query: (id) => `sessions/${id}/summary`,
      keepUnusedDataFor: 0,
    }),
    session: build.query<FetchedSession, string>({
      query: (id) => `sessions/${id}`,
      transformResponse: (stored: StoredSession, meta) => ({ ...stored, isKept: wasKept(meta) }),
      keepUnusedDataFor: 0,
      providesTags: ['session'],
    }),
    addSession: build.mutation<StoredSession, Session>({
      query: (session) => ({ url: 'sessions', method: 'POST', body: { session } }),
      invalidatesTags: ['sessions'],
    }),
    saveSession: build.mutation<StoredSession, SessionSave>({
      query: (body) => ({ url: `sessions/${body.session.id}`, method: 'PUT', body }),
      invalidatesTags: ['sessionPages'],
      // A save changes one row of the lists: it is asked for alone, not all of them.
      onQueryStarted: async ({ session: { id } }, { dispatch, queryFulfilled }) => {
        const isSaved = await queryFulfilled.then(
          () => true,
          () => false,
        );
        if (!isSaved) return;
        const { data } = await dispatch(
          api.endpoints.sessionSummary.initiate(id, { forceRefetch: true, subscribe: false }),
        );
        let isMoved = data === undefined;
        dispatch(
          api.util.updateQueryData('sessions', undefined, (all) => {
            const at = all.findIndex((one) => one.id === id);
            const before = all[at];
            if (!data || !before) return;
            // On another day it stands elsewhere in the list.
            isMoved = before.date !== data.date || before.startsAt !== data.startsAt;
            all[at] = data;
          }),
        );
        if (isMoved) dispatch(api.util.invalidateTags(['sessions']));
      },
    }),
    sessionBase: build.query<{ session: Session }, string>({
      query: (id) => `sessions/${id}/base`,
      keepUnusedDataFor: 0,
    }),
    redrawSession: build.mutation<StoredSession, RedrawnSession>({
      query: (body) => ({ url: `sessions/${body.session.id}/redrawn`, method: 'PUT', body }),
      invalidatesTags: ['sessions', 'session'],
    }),
    bringSession: build.mutation<StoredSession, ClassFileText>({
      query: (body) => ({ url: 'sessions/file', method: 'POST', body }),
      invalidatesTags: ['sessions', 'library'],
    }),
    removeSession: build.mutation<void, string>({
      query: (id) => ({ url: `sessions/${id}`, method: 'DELETE' }),
      invalidatesTags: ['sessions'],
    }),
    restoreSession: build.mutation<StoredSession, string>({
      query: (id) => ({ url: `sessions/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['sessions'],
    }),
    people: build.query<GroupPeople, string>({
      query: (groupId) => `groups/${groupId}/people`,
      providesTags: ['people'],
    }),
    putPerson: build.mutation<unknown, Save<Person>>({
      queryFn: (save, _, __, ask) => saveOver(save, `people/${save.thing.id}`, async (args) => ask(args)),
      invalidatesTags: ['people'],
    }),
    forgetPerson: build.mutation<Mention[], string>({
      query: (id) => ({ url: `people/${id}`, method: 'DELETE' }),
      invalidatesTags: ['people'],
    }),
    noteCame: build.mutation<WhoCame, { logId: string; people: readonly string[] }>({
      query: ({ logId, people }) => ({ url: `logs/${logId}/people`, method: 'PUT', body: { people } }),
      invalidatesTags: ['people', 'logs'],
    }),
    halls: build.query<Hall[], void>({ query: () => 'halls', providesTags: ['halls'] }),
    putHall: build.mutation<unknown, Save<Hall>>({
      queryFn: (save, _, __, ask) => saveOver(save, `halls/${save.thing.id}`, async (args) => ask(args)),
      invalidatesTags: ['halls'],
    }),
    deleteHall: build.mutation<void, string>({
      query: (id) => ({ url: `halls/${id}`, method: 'DELETE' }),
      invalidatesTags: ['halls', 'groups'],
    }),
    unread: build.query<Unread[], void>({ query: () => 'unread', providesTags: [...TAGS] }),
    logs: build.query<LogSummary[], void>({ query: () => 'logs', providesTags: ['logs'] }),
    log: build.query<ClassLog, string>({ query: (id) => `logs/${id}`, providesTags: ['logs'] }),
    learnt: build.query<LearntPart[], void>({ query: () => 'logs/learnt', providesTags: ['logs'] }),
    addLog: build.mutation<ClassLog, z.input<typeof TaughtClass>>({
      query: (body) => ({ url: 'logs', method: 'POST', body }),
      invalidatesTags: ['logs', 'people', 'courses'],
    }),
    answerOpen: build.mutation<ClassLog, { id: string; itemId: string }>({
      query: ({ id, itemId }) => ({ url: `logs/${id}/answered`, method: 'POST', body: { itemId } }),
      invalidatesTags: ['logs'],
    }),
    annotateLog: build.mutation<ClassLog, { id: string; notes: LogNotes }>({
      query: ({ id, notes }) => ({ url: `logs/${id}`, method: 'PUT', body: notes }),
      invalidatesTags: ['logs'],
    }),
  }),
});
