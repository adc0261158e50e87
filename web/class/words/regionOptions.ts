import { Region } from '../../../core/body/written/region';

/** The regions of the body as they are chosen. */
export const REGION_OPTIONS = Region.options.map((value) => ({ value, label: value.replace('-', ' ') }));
