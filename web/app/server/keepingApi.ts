import {
  AGREED,
  type BackupSummary,
  type BroughtBack,
  type Comparison,
  type Keeping,
  type Underway,
} from '../../../core/formats/api/keepingApi';
import { api } from './api';
import { withAdoptedEpoch } from './epoch';
import { TAGS } from './tags';

/** What is asked of the server about its data as a whole: where it is, its backups, and bringing one back. */
export const keepingApi = api.injectEndpoints({
  endpoints: (build) => ({
    deleteBackup: build.mutation<void, string>({
      query: (name) => ({ url: `backups/${name}`, method: 'DELETE' }),
      invalidatesTags: ['backups'],
    }),
    keeping: build.query<Keeping, void>({ query: () => 'keeping', providesTags: ['backups'] }),
    backUp: build.mutation<{ made: BackupSummary | null }, void>({
      query: () => ({ url: 'backups', method: 'POST' }),
      invalidatesTags: ['backups'],
    }),
    /** How far it is with what goes through all of the data. */
    underway: build.query<Underway, void>({ query: () => 'keeping/underway', keepUnusedDataFor: 0 }),
    /** Cancels that; where it is over already there is nothing to cancel. */
    cancelUnderway: build.mutation<void, void>({ query: () => ({ url: 'keeping/underway', method: 'DELETE' }) }),
    backupDifference: build.query<Comparison, string>({
      query: (name) => `backups/${name}/difference`,
      keepUnusedDataFor: 0,
    }),
    /** @param agreed how many rows that cannot be read were seen, and may come along */
    restoreBackup: build.mutation<BroughtBack, { readonly name: string; readonly agreed: number }>({
      query: ({ name, agreed }) => ({ url: `backups/${name}/restore?${AGREED}=${agreed}`, method: 'POST' }),
      transformResponse: withAdoptedEpoch<BroughtBack>,
      invalidatesTags: [...TAGS],
    }),
  }),
});
