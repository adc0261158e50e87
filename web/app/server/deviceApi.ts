import type { StandIn, StandInName } from '../../../core/formats/devices';
import { api } from './api';

/** What is asked of the server about devices in the hall: for their place in Settings alone. */
export const deviceApi = api.injectEndpoints({
  endpoints: (build) => ({
    devices: build.query<StandIn[], void>({ query: () => 'devices', keepUnusedDataFor: 0 }),
    turnDevice: build.mutation<StandIn, { name: StandInName; isOn: boolean }>({
      query: ({ name, isOn }) => ({ url: `devices/${name}/${isOn ? 'start' : 'stop'}`, method: 'POST' }),
    }),
  }),
});
