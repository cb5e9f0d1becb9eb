import { useSyncExternalStore } from 'react'

/** What was typed and is on its way: each resolves to whether it was taken. */
const underWay = new Set<Promise<boolean>>()
const watchers = new Set<() => void>()
const tell = () => watchers.forEach((watcher) => watcher())

const watch = (watcher: () => void) => {
  watchers.add(watcher)
  return () => void watchers.delete(watcher)
}

/** Keeps account of a text that is being taken. */
export async function taking(taken: Promise<boolean>): Promise<void> {
  underWay.add(taken)
  tell()
  try {
    await taken
  } finally {
    underWay.delete(taken)
    tell()
  }
}

/** Waits until all that was typed is taken; false if something was refused. */
export async function allTaken(): Promise<boolean> {
  return (await Promise.all(underWay)).every(Boolean)
}

/** Whether something that was typed is still on its way. */
export const useTaking = () => useSyncExternalStore(watch, () => underWay.size > 0)
