/** Light or dark, as it is shown. */
export type Scheme = 'light' | 'dark';

/** What a person may choose; the device’s own choice where they have said nothing. */
export type SchemeWish = Scheme | 'system';

const KEPT_AS = 'early-thaw-scheme';

/** Told on the window when another scheme is shown. */
export const SCHEME_CHANGED = 'early-thaw-scheme';

const WISHED = 'early-thaw-scheme-wished';

/**
 * Runs before anything is drawn, so that no page flashes, and goes on listening to the device, to another tab and to
 * the choice on the page.
 */
export const SCHEME_SCRIPT = `(() => {
  const dark = matchMedia('(prefers-color-scheme: dark)');
  const show = () => {
    let wish;
    try { wish = localStorage.getItem('${KEPT_AS}'); } catch {}
    const scheme = wish === 'light' || wish === 'dark' ? wish : dark.matches ? 'dark' : 'light';
    if (document.documentElement.dataset.scheme === scheme) return;
    document.documentElement.dataset.scheme = scheme;
    dispatchEvent(new Event('${SCHEME_CHANGED}'));
  };
  show();
  dark.addEventListener('change', show);
  addEventListener('storage', show);
  addEventListener('${WISHED}', show);
})()`;

export function shownScheme(): Scheme {
  return document.documentElement.dataset.scheme === 'dark' ? 'dark' : 'light';
}

export function wishedScheme(): SchemeWish {
  try {
    const kept = localStorage.getItem(KEPT_AS);
    return kept === 'light' || kept === 'dark' ? kept : 'system';
  } catch {
    return 'system';
  }
}

/** Keeps the choice on this device and shows it; a browser that keeps nothing goes by the device. */
export function wishScheme(wish: SchemeWish): void {
  try {
    if (wish === 'system') localStorage.removeItem(KEPT_AS);
    else localStorage.setItem(KEPT_AS, wish);
  } catch {}
  window.dispatchEvent(new Event(WISHED));
}
