/** All files of a drop, those inside dropped folders too, in the order of their names there. */
export async function droppedFiles(transfer: DataTransfer): Promise<File[]> {
  const entries = [...transfer.items].map((item) => item.webkitGetAsEntry()).filter((entry) => entry !== null)
  if (entries.length === 0) return [...transfer.files]
  return (await Promise.all(entries.map(filesOf))).flat()
}

async function filesOf(entry: FileSystemEntry): Promise<File[]> {
  if (entry instanceof FileSystemFileEntry || entry.isFile) {
    return [await new Promise<File>((resolve, reject) => (entry as FileSystemFileEntry).file(resolve, reject))]
  }
  const reader = (entry as FileSystemDirectoryEntry).createReader()
  const inside: FileSystemEntry[] = []
  // A reader gives at most a hundred entries at a time.
  for (;;) {
    const some = await new Promise<FileSystemEntry[]>((resolve, reject) => reader.readEntries(resolve, reject))
    if (some.length === 0) break
    inside.push(...some)
  }
  inside.sort((a, b) => a.name.localeCompare(b.name))
  return (await Promise.all(inside.filter(({ name }) => !name.startsWith('.')).map(filesOf))).flat()
}
