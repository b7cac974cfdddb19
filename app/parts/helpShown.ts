import { ref } from 'vue'

/** Whether the help of the room stands open; opened by its button and by its key. */
export const helpShown = ref(false)

/** Whether one is shown round the rooms. */
export const tourShown = ref(false)
