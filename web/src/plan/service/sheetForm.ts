import { serviceSheet, type ServiceSheet } from '@phylaxon/core/record/panelEntries';
import { toNumber } from '../../shared/ui/index.ts';

/** The service sheet as it stands in its fields: figures as they were typed. */
export interface SheetForm {
  serviceAmps: string;
  meterBaseAmps: string;
  busAmps: string;
  gauge: string;
  material: 'copper' | 'aluminum';
  floorAreaFt2: string;
  smallApplianceCircuits: string;
  laundryCircuits: string;
  fixed: { name: string; va: string }[];
  rangeKw: string;
  dryerVa: string;
  heatVa: string;
  heatUnits: string;
  heatPumpVa: string;
  coolingVa: string;
  hvacIsNew: boolean;
  vehicles: string;
  largestMotorVa: string;
  peakAmps: string;
}

const text = (value: number | null | undefined): string =>
  value === null || value === undefined ? '' : `${Number(value.toFixed(2))}`;

/** A sheet as it is filled into the form. */
export const toSheetForm = (sheet: ServiceSheet): SheetForm => ({
  serviceAmps: text(sheet.serviceAmps),
  meterBaseAmps: text(sheet.meterBaseAmps),
  busAmps: text(sheet.busAmps),
  gauge: sheet.conductor?.gauge ?? '',
  material: sheet.conductor?.material ?? 'copper',
  floorAreaFt2: text(sheet.floorAreaFt2),
  smallApplianceCircuits: text(sheet.smallApplianceCircuits),
  laundryCircuits: text(sheet.laundryCircuits),
  fixed: sheet.fixed.map(({ id, va }) => ({ name: id, va: text(va) })),
  rangeKw: text(sheet.rangeKw),
  dryerVa: text(sheet.dryerVa),
  heatVa: text(sheet.heatVa),
  heatUnits: text(sheet.heatUnits),
  heatPumpVa: text(sheet.heatPumpVa),
  coolingVa: text(sheet.coolingVa),
  hvacIsNew: sheet.hvacIsNew,
  vehicles: sheet.vehicleVa.map(text).join(', '),
  largestMotorVa: text(sheet.largestMotorVa),
  peakAmps: text(sheet.measured?.peakAmps),
});

const figure = (typed: string): number | undefined => toNumber(typed) ?? undefined;

/** The figures of a list such as “9600, 7200”. */
const figures = (typed: string): (number | undefined)[] =>
  typed
    .split(/[\s;,]+/)
    .filter(Boolean)
    .map(figure);

/** What the form says: a sheet, or for each field what is wrong with it. */
export function readSheetForm(form: SheetForm) {
  const peakAmps = figure(form.peakAmps);
  return serviceSheet.fields.safeParse({
    serviceAmps: figure(form.serviceAmps),
    meterBaseAmps: figure(form.meterBaseAmps) ?? null,
    busAmps: figure(form.busAmps) ?? null,
    conductor: form.gauge === '' ? null : { gauge: form.gauge, material: form.material },
    floorAreaFt2: figure(form.floorAreaFt2),
    smallApplianceCircuits: figure(form.smallApplianceCircuits),
    laundryCircuits: figure(form.laundryCircuits),
    fixed: form.fixed.map(({ name, va }) => ({ id: name.trim(), va: figure(va) })),
    rangeKw: figure(form.rangeKw),
    dryerVa: figure(form.dryerVa),
    heatVa: figure(form.heatVa),
    heatUnits: figure(form.heatUnits),
    heatKind: (figure(form.heatUnits) ?? 1) > 1 ? 'separate' : 'central',
    heatPumpVa: figure(form.heatPumpVa),
    coolingVa: figure(form.coolingVa),
    hvacIsNew: form.hvacIsNew,
    vehicleVa: figures(form.vehicles),
    largestMotorVa: figure(form.largestMotorVa),
    ...(peakAmps !== undefined && { measured: { peakAmps } }),
  });
}
