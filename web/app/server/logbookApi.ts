import type { BroughtRecord, WrittenRecord } from '../../../core/formats/pocket/pocketApi';
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
    bringRecord: build.mutation<WrittenRecord, BroughtRecord>({
      query: (body) => ({ url: 'logs/carried', method: 'POST', body }),
      invalidatesTags: ['logs', 'courses'],
    }),
  }),
});
