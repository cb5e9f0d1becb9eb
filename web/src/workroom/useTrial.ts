import { useState } from 'react'
import type { Edit } from '../api/client'
import { useRoom } from './context'
import type { WantedEdit } from './piece/usePiece'

/** Edits that are shown before they are made, and what is wrong with the last one, by field. */
export function useTrial() {
  const { handle } = useRoom()
  const [wrong, setWrong] = useState<{ field?: string; message: string } | null>(null)
  return {
    show: (edit: Edit) => handle.preview(edit),
    end: () => handle.preview(null),
    set: (edit: WantedEdit) =>
      void handle.edit(edit, { quiet: true }).then((problem) => {
        setWrong(problem && { field: problem.field, message: problem.message })
        if (problem) handle.preview(null)
      }),
    /** What is wrong with none of these fields. */
    aboutOthers: (fields: string[]) => (wrong && !fields.includes(wrong.field ?? '') ? wrong.message : undefined),
    about: (field: string) => (wrong?.field === field ? wrong.message : undefined),
  }
}
