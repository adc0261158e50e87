import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import type {
  Library,
  LogNotes,
  LogSummary,
  MovementFile,
  MovementSave,
  MovementsWritten,
  SessionSave,
  SessionSummary,
  StoredSession,
} from '../../core/formats/api';
import type { Group } from '../../core/group/group';
import type { Movement } from '../../core/movement/movement';
import type { ClassLog } from '../../core/record/classLog';
import type { MovementTraits } from '../../core/session/movementTraits';
import type { Session } from '../../core/session/session';

/** Plain JSON and problems alike. */
const isJsonContentType = (headers: Headers): boolean =>
  /\bapplication\/([a-z-]+\+)?json\b/.test(headers.get('content-type') ?? '');

/** Everything the interface asks of the server, typed by the schemas the server validates with. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({ baseUrl: '/api/', responseHandler: 'content-type', isJsonContentType }),
  tagTypes: ['sessions', 'logs', 'library'],
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
    groups: build.query<Group[], void>({ query: () => 'groups' }),
    sessions: build.query<SessionSummary[], void>({ query: () => 'sessions', providesTags: ['sessions'] }),
    session: build.query<StoredSession, string>({ query: (id) => `sessions/${id}`, keepUnusedDataFor: 0 }),
    addSession: build.mutation<StoredSession, Session>({
      query: (session) => ({ url: 'sessions', method: 'POST', body: { session } }),
      invalidatesTags: ['sessions'],
    }),
    saveSession: build.mutation<StoredSession, SessionSave>({
      query: (body) => ({ url: `sessions/${body.session.id}`, method: 'PUT', body }),
      invalidatesTags: ['sessions'],
    }),
    removeSession: build.mutation<void, string>({
      query: (id) => ({ url: `sessions/${id}`, method: 'DELETE' }),
      invalidatesTags: ['sessions'],
    }),
    restoreSession: build.mutation<StoredSession, string>({
      query: (id) => ({ url: `sessions/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['sessions'],
    }),
    logs: build.query<LogSummary[], void>({ query: () => 'logs', providesTags: ['logs'] }),
    log: build.query<ClassLog, string>({ query: (id) => `logs/${id}`, providesTags: ['logs'] }),
    addLog: build.mutation<ClassLog, ClassLog>({
      query: (body) => ({ url: 'logs', method: 'POST', body }),
      invalidatesTags: ['logs'],
    }),
    annotateLog: build.mutation<ClassLog, { id: string; notes: LogNotes }>({
      query: ({ id, notes }) => ({ url: `logs/${id}`, method: 'PUT', body: notes }),
      invalidatesTags: ['logs'],
    }),
  }),
});
