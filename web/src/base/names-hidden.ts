/**
 * Whether partners' names are hidden on every page, so that a screen can be shown to others. The server leaves them out for as long as the
 * browser's window lives or until they are shown again.
 */
export const namesHidden = () => document.cookie.split('; ').includes('names=hidden');

/** Hides them, or shows them again; every page is asked for anew. */
export function hideNames(hidden: boolean) {
  document.cookie = `names=${hidden ? 'hidden' : ''}; path=/; SameSite=Strict${hidden ? '' : '; Max-Age=0'}`;
  window.location.reload();
}
