interface LaunchQueue {
  setConsumer: (take: (launch: { files?: readonly FileSystemFileHandle[] }) => void) => void
}

/** Files that the painter opened with the installed application, where the browser hands them over. */
export function onOpenedWith(take: (file: File) => void): void {
  const { launchQueue } = globalThis as { launchQueue?: LaunchQueue }
  launchQueue?.setConsumer(({ files }) => {
    for (const handle of files ?? []) void handle.getFile().then(take, () => undefined)
  })
}
