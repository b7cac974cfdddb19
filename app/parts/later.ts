import { defineAsyncComponent, h } from 'vue'
import type { Component } from 'vue'

const Failed = () =>
  h(
    'p',
    { role: 'alert' },
    'This part could not be loaded. Load the page again; your work is saved.',
  )

/**
 * A part that comes when it is there; the room does not wait for it.
 * @param meanwhile stands in its place till then.
 */
export const later = (load: () => Promise<Component>, meanwhile?: Component): Component =>
  defineAsyncComponent({
    loader: load,
    loadingComponent: meanwhile,
    errorComponent: Failed,
    delay: 0,
    suspensible: false,
  })
