import { afterAll } from '@jest/globals';
import { JSDOM } from 'jsdom';

/** One for all tests of a worker: what React has seen of it at first stays true. */
const { window } = new JSDOM('<!doctype html><html lang="en"><body></body></html>', {
  url: 'http://127.0.0.1:4620/',
  pretendToBeVisual: true,
});

// Nothing is laid out here, so nothing scrolls.
window.HTMLElement.prototype.scrollIntoView = () => undefined;
window.scrollTo = () => undefined;

// What is worked in the background stays without an answer here.
class SilentWorker extends window.EventTarget {
  postMessage(): void {
    return;
  }
  terminate(): void {
    return;
  }
}
Object.defineProperty(window, 'Worker', { value: SilentWorker });

// Figures in °C and metres, dates as 3 Nov 2026, times as 19:05.
Object.defineProperty(window.navigator, 'language', { value: 'en-GB' });

const IN_BROWSER = [
  'window',
  'document',
  'navigator',
  'localStorage',
  'sessionStorage',
  'HTMLElement',
  'HTMLInputElement',
  'Element',
  'Node',
  'MutationObserver',
  'getComputedStyle',
  'requestAnimationFrame',
  'cancelAnimationFrame',
  'StorageEvent',
  'Worker',
] as const;

/**
 * Give the tests of a file a browser’s globals, taken away after the last of them. Called before anything is imported that
 * looks for them: `inBrowser(); const { render } = await import('@testing-library/react');`
 */
export function inBrowser(): typeof window {
  const all = globalThis as unknown as Record<string, unknown>;
  const before = new Map(IN_BROWSER.map((name) => [name, Object.getOwnPropertyDescriptor(all, name)]));
  for (const name of IN_BROWSER) {
    const value = (
      name === 'window' ? window : (window as unknown as Record<string, unknown>)[name]
    ) as unknown;
    Object.defineProperty(all, name, { value, configurable: true, writable: true });
  }
  all.IS_REACT_ACT_ENVIRONMENT = true;
  afterAll(() => {
    delete all.IS_REACT_ACT_ENVIRONMENT;
    for (const [name, descriptor] of before) {
      if (descriptor) Object.defineProperty(all, name, descriptor);
      else delete all[name];
    }
  });
  return window;
}
