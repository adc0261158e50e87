import type { Offered } from '../../../core/formats/api/api';
import type { ClassLog } from '../../../core/record/classLog';
import { api } from './api';

/** What Today alone asks of the server: what one group's classes pass on to another's. */
export const offeredApi = api.injectEndpoints({
  endpoints: (build) => ({
    offered: build.query<Offered[], string>({
      query: (sessionId) => `sessions/${sessionId}/offered`,
      // A class saved with what was taken over has it, and is offered it no more.
      providesTags: ['logs', 'sessions', 'sessionPages'],
    }),
    letGoOf: build.mutation<ClassLog, { id: string; what: ClassLog['letGo'][number] }>({
      query: ({ id, what }) => ({ url: `logs/${id}/let-go`, method: 'POST', body: what }),
      invalidatesTags: ['logs'],
    }),
  }),
});
