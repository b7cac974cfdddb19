import type { Page } from '@playwright/test'

/** What is in sight of a page at once: what can be pressed or typed into, and words. */
export const crowdOf = (page: Page): Promise<{ controls: number; words: number }> =>
  page.evaluate(() => {
    const inSight = ({ left, right, top, bottom }: DOMRect): boolean =>
      right > left && bottom > top && bottom > 0 && top < innerHeight && right > 0
    const shown = (one: Element): boolean => one.checkVisibility({ checkVisibilityCSS: true })
    const kinds =
      'a[href], button, input, select, textarea, [role=slider], [role=spinbutton], [role=combobox]'
    const controls = [...document.querySelectorAll(kinds)].filter(
      (one) =>
        shown(one) &&
        inSight(one.getBoundingClientRect()) &&
        !one.parentElement?.closest(kinds) &&
        !one.closest('[aria-hidden=true]'),
    )
    let words = 0
    const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    for (let text = texts.nextNode(); text; text = texts.nextNode()) {
      if (!text.parentElement || !shown(text.parentElement)) continue
      const range = document.createRange()
      range.selectNodeContents(text)
      if (inSight(range.getBoundingClientRect()))
        words += (text.textContent?.match(/\p{L}[\p{L}’'-]*/gu) ?? []).length
    }
    return { controls: controls.length, words }
  })
