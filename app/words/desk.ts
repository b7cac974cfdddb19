/** Said of work that another window changed meanwhile. */
export const BOTH_CHANGED =
  'Another tab had changed the same meanwhile. What this one has stands; what the other had was put aside whole, and the menu Files has it.'

/** Said of storage that does not answer. */
export const SILENT =
  'This browser’s storage does not answer, so nothing can be opened. Close other windows of this application, then load the page again; if that does not help, restart the browser. What is stored stays where it is.'
