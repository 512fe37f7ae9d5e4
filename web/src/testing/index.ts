export { inBrowser } from './browser.ts';
export { fakeServer, type Asked } from './fakeServer.ts';
export { showPage } from './showPage.tsx';
