import { createBrowserRouter } from 'react-router';
import { Layout } from './Layout.tsx';
import { ErrorPage } from './ErrorPage.tsx';

const startView = async () => ({ Component: (await import('../start/index.ts')).StartPage });
const siteView = async () => ({ Component: (await import('../../panel/site/index.ts')).SitePage });
const newPanelView = async () => ({
  Component: (await import('../../panel/newPanel/index.ts')).NewPanelPage,
});
const workbenchView = async () => ({
  Component: (await import('../../panel/workbench/index.ts')).Workbench,
});
const panelView = async () => ({ Component: (await import('../../panel/page/index.ts')).PanelPage });
const breakerView = async () => ({ Component: (await import('../../panel/page/index.ts')).BreakerPage });
const spaceView = async () => ({ Component: (await import('../../panel/page/index.ts')).SpacePage });
const setUpView = async () => ({ Component: (await import('../../panel/page/index.ts')).SetUpPage });
const openCaseView = async () => ({
  Component: (await import('../../diagnose/openCase/index.ts')).OpenCasePage,
});
const caseView = async () => ({ Component: (await import('../../diagnose/case/index.ts')).CasePage });
const handOverView = async () => ({
  Component: (await import('../../diagnose/handOver/index.ts')).HandOverPage,
});
const outcomesView = async () => ({
  Component: (await import('../../diagnose/outcomes/index.ts')).OutcomesPage,
});
const liveView = async () => ({ Component: (await import('../../measure/live/index.ts')).LivePage });
const legsView = async () => ({ Component: (await import('../../measure/panelReadings/index.ts')).LegsPage });
const jointsView = async () => ({
  Component: (await import('../../measure/panelReadings/index.ts')).JointsPage,
});
const recordingsView = async () => ({
  Component: (await import('../../measure/recordings/index.ts')).RecordingsPage,
});
const recordingView = async () => ({
  Component: (await import('../../measure/recordings/index.ts')).RecordingPage,
});
const reviewView = async () => ({
  Component: (await import('../../maintain/evaluation/index.ts')).ReviewPage,
});
const scanView = async () => ({ Component: (await import('../../measure/scan/index.ts')).ScanPage });
const heatPicturesView = async () => ({
  Component: (await import('../../measure/infrared/index.ts')).HeatPicturesPage,
});
const serviceView = async () => ({ Component: (await import('../../plan/service/index.ts')).ServicePage });
const panelReplacementView = async () => ({
  Component: (await import('../../plan/panelReplacement/index.ts')).PanelReplacementPage,
});
const sourcesView = async () => ({ Component: (await import('../../plan/sources/index.ts')).SourcesPage });
const roomView = async () => ({ Component: (await import('../../plan/room/index.ts')).RoomPage });
const partsView = async () => ({ Component: (await import('../../plan/parts/index.ts')).PartsPage });
const whatIfView = async () => ({ Component: (await import('../../plan/whatIf/index.ts')).WhatIfPage });
const twoWiresView = async () => ({ Component: (await import('../../plan/twoWires/index.ts')).TwoWiresPage });
const visitsView = async () => ({ Component: (await import('../../visits/list/index.ts')).VisitsPage });
const inspectionView = async () => ({
  Component: (await import('../../visits/inspectionPage/index.ts')).InspectionPage,
});
const visitView = async () => ({ Component: (await import('../../visits/page/index.ts')).VisitPage });
const houseMapView = async () => ({
  Component: (await import('../../records/mapping/index.ts')).HouseMapPage,
});
const directoryView = async () => ({
  Component: (await import('../../records/directory/index.ts')).DirectoryPage,
});
const upkeepPageView = async () => ({
  Component: (await import('../../maintain/maintenance/index.ts')).UpkeepPage,
});
const reportView = async () => ({ Component: (await import('../../records/report/index.ts')).ReportPage });
const calculatorsView = async () => ({
  Component: (await import('../../plan/calculators/index.ts')).CalculatorsPage,
});
const settingsView = async () => ({ Component: (await import('../../settings/page/index.ts')).SettingsPage });
const accountsView = async () => ({
  Component: (await import('../../settings/accounts/index.ts')).AccountsPage,
});
const sharedView = async () => ({
  Component: (await import('../../records/sharedPage/index.ts')).SharedPage,
});

const trustView = async () => ({ Component: (await import('../trust/index.ts')).TrustPage });

export const router = createBrowserRouter([
  { path: 'trust', lazy: trustView, errorElement: <ErrorPage />, HydrateFallback: () => null },
  // For whoever was given a link: nothing of the rest stands around it.
  { path: 'shared/:token', lazy: sharedView, errorElement: <ErrorPage />, HydrateFallback: () => null },
  {
    element: <Layout />,
    errorElement: <ErrorPage />,
    HydrateFallback: () => null,
    children: [
      { index: true, lazy: startView },
      { path: 'sites/new', lazy: newPanelView },
      { path: 'sites/:siteId', lazy: siteView },
      { path: 'sites/:siteId/panels/new', lazy: newPanelView },
      { path: 'settings', lazy: settingsView },
      { path: 'accounts', lazy: accountsView },
      { path: 'calculators', lazy: calculatorsView },
      { path: 'cases/:caseId/handover', lazy: handOverView },
      {
        // Everything at a panel stands beside its board.
        lazy: workbenchView,
        children: [
          { path: 'outcomes', lazy: outcomesView },
          { path: 'sites/:siteId/outcomes', lazy: outcomesView },
          { path: 'sites/:siteId/parts', lazy: partsView },
          { path: 'sites/:siteId/visits', lazy: visitsView },
          { path: 'sites/:siteId/report', lazy: reportView },
          { path: 'visits/:visitId', lazy: visitView },
          { path: 'visits/:visitId/report', lazy: reportView },
          { path: 'live', lazy: liveView },
          { path: 'cases/new', lazy: openCaseView },
          { path: 'cases/:caseId', lazy: caseView },
          {
            path: 'panels/:panelId',
            children: [
              { index: true, lazy: panelView },
              { path: 'breakers/:breakerId', lazy: breakerView },
              { path: 'breakers/:breakerId/what-if', lazy: whatIfView },
              { path: 'breakers/:breakerId/two-wires', lazy: twoWiresView },
              { path: 'breakers/:breakerId/joints', lazy: jointsView },
              { path: 'spaces/:space', lazy: spaceView },
              { path: 'setup', lazy: setUpView },
              { path: 'live', lazy: liveView },
              { path: 'legs', lazy: legsView },
              { path: 'scan', lazy: scanView },
              { path: 'heat-pictures', lazy: heatPicturesView },
              { path: 'recordings', lazy: recordingsView },
              { path: 'recordings/:entryId', lazy: recordingView },
              { path: 'service', lazy: serviceView },
              { path: 'room', lazy: roomView },
              { path: 'replacement', lazy: panelReplacementView },
              { path: 'sources', lazy: sourcesView },
              { path: 'map', lazy: houseMapView },
              { path: 'directory', lazy: directoryView },
              { path: 'inspection', lazy: inspectionView },
              { path: 'upkeep', lazy: upkeepPageView },
              { path: 'review', lazy: reviewView },
              { path: 'report', lazy: reportView },
            ],
          },
        ],
      },
    ],
  },
]);
