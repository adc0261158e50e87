import type { BroughtRecord, WrittenRecord } from '../../../core/formats/pocket/pocketApi';
import type { OwnPractice, TallyAct } from '../../../core/practice/ownPractice';
import type { Felt, FeltIn } from '../../../core/record/felt';
import type { LogPoint } from '../../../core/record/logPoint';
import { api } from './api';

/** What the logbook alone asks of the server: classes over time, and records of classes that were carried. */
export const logbookApi = api.injectEndpoints({
  endpoints: (build) => ({
    overTime: build.query<LogPoint[], void>({ query: () => 'logs/over-time', providesTags: ['logs'] }),
    felt: build.query<FeltIn[], void>({ query: () => 'felt', providesTags: ['logs', 'people'] }),
    sayFelt: build.mutation<Felt[], { id: string; felt: readonly Felt[] }>({
      query: ({ id, felt }) => ({ url: `logs/${id}/felt`, method: 'PUT', body: felt }),
      invalidatesTags: ['logs'],
    }),
    ownPractice: build.query<OwnPractice[], void>({ query: () => 'own-practice', providesTags: ['practice'] }),
    putPractice: build.mutation<OwnPractice[], OwnPractice>({
      query: (body) => ({ url: `own-practice/${body.id}`, method: 'PUT', body }),
      invalidatesTags: ['practice'],
    }),
    removePractice: build.mutation<OwnPractice[], string>({
      query: (id) => ({ url: `own-practice/${id}`, method: 'DELETE' }),
      invalidatesTags: ['practice'],
    }),
    tally: build.mutation<OwnPractice[], { id: string; act: TallyAct }>({
      query: ({ id, act }) => ({ url: `own-practice/${id}/tally`, method: 'POST', body: act }),
      invalidatesTags: ['practice'],
    }),
    bringRecord: build.mutation<WrittenRecord, BroughtRecord>({
      query: (body) => ({ url: 'logs/carried', method: 'POST', body }),
      invalidatesTags: ['logs', 'courses'],
    }),
  }),
});
