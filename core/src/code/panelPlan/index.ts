export * from './subpanelPlan.ts';
export * from './newPanelPlan.ts';
