/**
 * Whether the application can run: where site data is blocked, even to ask for it throws. A database alone that refuses is
 * no reason not to: work goes on then, and is said to be unsaved.
 */
export function mayKeep(): boolean {
  try {
    return Boolean(localStorage)
  } catch {
    return false
  }
}

/** What is shown then in the place of the application. */
export function blockedPage(): HTMLElement {
  const page = document.createElement('main')
  page.style.cssText =
    'font: 18px/1.5 sans-serif; max-width: 34em; margin: 12vh auto; padding: 24px; background: #cdcdcd; color: #161616'
  const head = document.createElement('h1')
  head.textContent = 'This browser blocks site data here'
  const why = document.createElement('p')
  why.textContent =
    'Cobaltfinch keeps your commissions in this browser and sends them nowhere. Site data is blocked for this address, so nothing could be kept, and what you painted would be gone with the tab.'
  const mend = document.createElement('p')
  mend.textContent = `Allow site data (cookies) for ${location.host} in the browser’s settings, then load the page again.`
  const again = document.createElement('button')
  again.textContent = 'Load again'
  again.style.cssText = 'font: inherit; padding: 8px 16px; min-height: 44px'
  again.addEventListener('click', () => location.reload())
  page.setAttribute('role', 'alert')
  page.append(head, why, mend, again)
  return page
}
