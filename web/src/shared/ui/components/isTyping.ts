/** Fields that take no text: a key pressed on one of them means nothing to it. */
const NO_TEXT = new Set(['radio', 'checkbox', 'button', 'submit', 'range', 'file', 'color']);

/** Whether a key that was pressed goes into a field. */
export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    /^(?:TEXTAREA|SELECT)$/.test(target.tagName) ||
    (target instanceof HTMLInputElement && !NO_TEXT.has(target.type)));
