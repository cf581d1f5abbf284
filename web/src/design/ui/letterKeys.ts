const place = 'crustallum.keys';

/** Single-letter keys can be switched off; they never fire while typing. */
export const keysOn = (): boolean => localStorage.getItem(place) !== 'off';
export const setKeysOn = (on: boolean): void => localStorage.setItem(place, on ? 'on' : 'off');

export const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));

/** Whether a key pressed there belongs to what is there: a press, a link, a slider. */
export const pressable = (target: EventTarget | null): boolean =>
  target instanceof Element &&
  target.closest(
    'a, button, summary, [role=button], [role=radio], [role=checkbox], [role=slider], [role=menuitem], dialog',
  ) !== null;
