import { CITATIONS } from '@phylaxon/core/facts/standards';
import type { ServiceMethod, ServicePart } from '@phylaxon/core/code/serviceLoad';
import type { ServicePartRating } from '@phylaxon/core/views/planning';

/** The schools by name, where each comes from, and when it is the right one. */
export const SCHOOLS: Record<ServiceMethod, { name: string; source: string; when: string }> = {
  standard: {
    name: 'Standard',
    source: CITATIONS.dwellingStandard,
    when: 'Any dwelling; counts each kind of load by its own rule.',
  },
  optional: {
    name: 'Optional',
    source: CITATIONS.dwellingOptional,
    when: 'New dwellings with a service of 100 A and more.',
  },
  existing: {
    name: 'Existing dwelling',
    source: CITATIONS.dwellingExisting,
    when: 'A dwelling that stands, when something is added: the default here, for that is what is asked.',
  },
  measured: {
    name: 'Measured',
    source: CITATIONS.dwellingMeasured,
    when: 'A year of readings, or 30 days with the season’s loads added.',
  },
};

export const PART_NAMES: Record<ServicePart, string> = {
  general: 'Lighting, outlets, kitchen, laundry',
  fixed: 'Fastened in place',
  range: 'Range',
  dryer: 'Dryer',
  hvac: 'Heating or cooling',
  vehicle: 'Vehicles',
  motor: 'Largest motor',
  measured: 'Measured',
  added: 'Added',
};

export const SERVICE_PART_NAMES: Record<ServicePartRating['part'], string> = {
  main: 'Main',
  bus: 'Bus of the panel',
  'meter-base': 'Meter base',
  conductors: 'Service conductors',
};
