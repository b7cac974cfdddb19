import { defineAsyncComponent } from 'vue'
import type { Component } from 'vue'

/** A part that comes when it is there; the room does not wait for it. */
export const later = (load: () => Promise<Component>): Component =>
  defineAsyncComponent({ loader: load, suspensible: false })
