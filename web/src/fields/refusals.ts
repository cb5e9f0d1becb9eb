import { useEffect, useId, useSyncExternalStore } from 'react'

const refused = new Map<string, string>()
const listeners = new Set<() => void>()
let said: string | undefined

function tell() {
  said = [...refused.values()][0]
  listeners.forEach((listen) => listen())
}

/** While a field holds a value that was refused, the room says that it is not saved. */
export function useRefusal(field: string, is: boolean) {
  const id = useId()
  useEffect(() => {
    if (!is) return
    refused.set(id, field)
    tell()
    return () => {
      refused.delete(id)
      tell()
    }
  }, [id, field, is])
}

const subscribe = (listen: () => void) => {
  listeners.add(listen)
  return () => void listeners.delete(listen)
}

/** The name of a field whose value was refused, if there is one. */
export const useRefusedField = () => useSyncExternalStore(subscribe, () => said)
