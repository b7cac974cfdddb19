import { defineAsyncComponent } from 'vue'
import type { Component } from 'vue'

/**
 * A part that comes when it is there; the room does not wait for it.
 * @param meanwhile stands in its place till then.
 */
export const later = (load: () => Promise<Component>, meanwhile?: Component): Component =>
  defineAsyncComponent({ loader: load, loadingComponent: meanwhile, delay: 0, suspensible: false })
