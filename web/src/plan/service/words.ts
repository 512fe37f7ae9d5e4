import { CITATIONS, DWELLING_LOAD } from '@phylaxon/core/facts/standards';
import type { ServiceMethod, ServicePart } from '@phylaxon/core/code/serviceLoad';
import type { ServicePartRating } from '@phylaxon/core/views/planning';

/** The schools by name, where each comes from, and when it is the right one. */
export const SCHOOLS: Record<ServiceMethod, { name: string; source: string; when: string }> = {
  standard: {
    name: 'Standard',
    source: CITATIONS.dwellingStandard,
    when: 'Any dwelling. Each type of load has its own rule.',
  },
  optional: {
    name: 'Optional',
    source: CITATIONS.dwellingOptional,
    when: 'New dwellings with a service of 100 A or more.',
  },
  existing: {
    name: 'Existing dwelling',
    source: CITATIONS.dwellingExisting,
    when: 'An existing dwelling with an added load. This is the default, because most people ask about an added load.',
  },
  measured: {
    name: 'Measured',
    source: CITATIONS.dwellingMeasured,
    when: `One year of readings, or ${DWELLING_LOAD.measuredLeastDays} days plus the seasonal loads.`,
  },
};

export const PART_NAMES: Record<ServicePart, string> = {
  general: 'Lighting, outlets, kitchen, laundry',
  fixed: 'Fixed appliances',
  range: 'Range',
  dryer: 'Dryer',
  hvac: 'Heating or cooling',
  vehicle: 'Vehicles',
  motor: 'Largest motor',
  measured: 'Measured',
  added: 'Added load',
};

export const SERVICE_PART_NAMES: Record<ServicePartRating['part'], string> = {
  main: 'Main',
  bus: 'Panel bus',
  'meter-base': 'Meter base',
  conductors: 'Service conductors',
};
