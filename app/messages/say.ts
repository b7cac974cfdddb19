import { ElMessage, ElMessageBox } from 'element-plus'
import { h } from 'vue'

/**
 * Says what was done, for a while, with one thing that can be done about it. Loaded when there is something to say.
 * @param duration how long it stands, ms.
 */
export function say(
  text: string,
  action?: { name: string; run: () => void },
  duration = 12_000,
): void {
  const told = ElMessage({
    duration,
    showClose: true,
    message: h('span', [
      `${text} `,
      action &&
        h(
          'button',
          {
            type: 'button',
            class: 'in-message',
            onClick: () => {
              told.close()
              action.run()
            },
          },
          action.name,
        ),
    ]),
  })
}

/** Whether the painter is sure; what cannot be undone is asked about first. */
export const sure = (text: string, title: string, yes: string): Promise<boolean> =>
  ElMessageBox.confirm(text, title, {
    confirmButtonText: yes,
    cancelButtonText: 'Keep it',
    autofocus: false,
  }).then(
    () => true,
    () => false,
  )
