import { shallowRef } from 'vue'
import type { Directive } from 'vue'

/** What is said beside something, and beside what; one at a time. */
export interface Tip {
  of: HTMLElement
  words: string
}
export const tip = shallowRef<Tip>()

const AFTER_MS = 350
/** So long it stays when the pointer leaves, so that the pointer can go over to it. */
const STAYS_MS = 250
const PRESSED_MS = 500
const words = new WeakMap<HTMLElement, string>()
let timer: ReturnType<typeof setTimeout> | undefined

export function holdTip(): void {
  clearTimeout(timer)
}
export function closeTip(): void {
  clearTimeout(timer)
  tip.value = undefined
}
function show(of: HTMLElement, afterMs: number): void {
  clearTimeout(timer)
  timer = setTimeout(() => {
    const said = words.get(of)
    if (said && of.isConnected) tip.value = { of, words: said }
  }, afterMs)
}
export function leaveTip(): void {
  clearTimeout(timer)
  timer = setTimeout(closeTip, STAYS_MS)
}

/** A mouse rests on it, a finger presses it, or the keyboard comes to it. */
function enter(event: PointerEvent): void {
  if (event.pointerType !== 'touch') show(event.currentTarget as HTMLElement, AFTER_MS)
}
function press(event: PointerEvent): void {
  if (event.pointerType === 'touch') show(event.currentTarget as HTMLElement, PRESSED_MS)
  else closeTip()
}
function focus(event: FocusEvent): void {
  const of = event.currentTarget as HTMLElement
  if (of.matches(':focus-visible')) show(of, AFTER_MS)
}

function say(of: HTMLElement, said: string | undefined): void {
  words.set(of, said ?? '')
  if (said) of.setAttribute('aria-description', said)
  else of.removeAttribute('aria-description')
  if (tip.value?.of === of) tip.value = said ? { of, words: said } : undefined
}

/** `v-tip="words"`: said beside the element to mouse, finger and keyboard, and to who cannot see it. */
export const vTip: Directive<HTMLElement, string | undefined> = {
  mounted(of, { value }) {
    say(of, value)
    of.addEventListener('pointerenter', enter)
    of.addEventListener('pointerdown', press)
    of.addEventListener('pointerup', leaveTip)
    of.addEventListener('pointerleave', leaveTip)
    of.addEventListener('focus', focus)
    of.addEventListener('blur', closeTip)
  },
  updated(of, { value, oldValue }) {
    if (value !== oldValue) say(of, value)
  },
  beforeUnmount(of) {
    if (tip.value?.of === of) closeTip()
  },
}
