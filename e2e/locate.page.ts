import { computeAccessibleName, getRole } from 'dom-accessibility-api';

/** Elements that may have a role without saying so. */
const IMPLIED: Record<string, string> = {
  button: 'button, summary, input[type=button], input[type=submit], input[type=reset], input[type=file]',
  link: 'a[href], area[href]',
  checkbox: 'input[type=checkbox]',
  radio: 'input[type=radio]',
  slider: 'input[type=range]',
  combobox: 'select, input[list]',
  textbox: 'textarea, input',
  heading: 'h1, h2, h3, h4, h5, h6',
  navigation: 'nav',
  group: 'fieldset, details, optgroup',
};

const roleOf = (e: Element) => (e instanceof HTMLInputElement && e.type === 'file' ? 'button' : getRole(e));
const isThere = (e: Element) => e.checkVisibility({ visibilityProperty: true }) && !e.closest('[aria-hidden="true"], [inert]');

/** Names that are read alike: CSS may raise letters, and spaces at the edge of an inner element get lost in computing. */
const letters = (name: string) => name.replace(/\s+/g, '').toLowerCase();

/**
 * Elements of a role that somebody who listens to the page would come upon, in the page's order: with this accessible name, or whose label or text matches the pattern.
 */
function locate(role: string, name?: string, pattern?: string, flags?: string): Element[] {
  const implied = IMPLIED[role];
  const wanted = pattern === undefined ? undefined : new RegExp(pattern, flags);
  return [...document.querySelectorAll(`[role="${role}"]${implied ? `, ${implied}` : ''}`)].filter((e) => {
    if (roleOf(e) !== role) return false;
    if (wanted && !wanted.test(e.getAttribute('aria-label') ?? e.textContent ?? '')) return false;
    return isThere(e) && (name === undefined || letters(computeAccessibleName(e)) === letters(name));
  });
}

declare global {
  interface Window {
    sideCourtLocate: typeof locate;
  }
}
window.sideCourtLocate = locate;
