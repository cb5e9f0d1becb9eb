import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import {
  client,
  data,
  type Edit,
  type Page,
  type PageScene,
  type Piece,
  type PieceAnswer,
  Problem,
  windowName,
} from '../api/client'
import { onChange } from '../api/changes'
import { useNotice } from '../ui/Notices'

interface OpenPiece {
  /** As it shows: with the preview, if one is under way. */
  piece: Piece
  /** As it is stored; what a change starts from. */
  stored: Piece
  revision: number
  undo?: string
  redo?: string
  scenes: Record<string, PageScene>
}

interface EditOptions {
  /** Tell of a refusal only by the answer, for a field shows it. */
  quiet?: boolean
  /** Edits in a row that name the same batch are one step of the history. */
  batch?: string
}

/** An edit, or one that is worked out from the piece as the edits before it have left it. */
export type WantedEdit = Edit | ((now: OpenPiece) => Edit | null)

/** An edit of a page as the edits before it have left it: none if the page is gone. */
export const onPage =
  (pageId: string, edit: (page: Page) => Edit | null): WantedEdit =>
  ({ stored }) => {
    const page = stored.pages.find(({ id }) => id === pageId)
    return page ? edit(page) : null
  }

export interface PieceHandle {
  open: OpenPiece | undefined
  loadProblem: Problem | null
  saving: boolean
  /**
   * Sends an edit, or one that is worked out from the piece as the edits before it have left it; resolves to the
   * problem if it was refused, after telling of it where no field does.
   */
  edit: (edit: WantedEdit, options?: EditOptions) => Promise<Problem | null>
  /** The piece as the last answer left it, sooner than the screen shows it. */
  latest: () => OpenPiece | undefined
  undo: () => void
  redo: () => void
  /** Shows what an edit would come to, without storing it; nothing ends the preview. */
  preview: (edit: Edit | null) => void
  reload: () => Promise<void>
}

const key = (pieceId: string) => ['piece', pieceId]

const scenesById = (scenes: PageScene[]) => Object.fromEntries(scenes.map((scene) => [scene.pageId, scene]))

function merged(before: OpenPiece | undefined, answer: PieceAnswer): OpenPiece {
  const scenes = { ...before?.scenes, ...scenesById(answer.scenes) }
  return {
    piece: answer.piece,
    stored: answer.piece,
    revision: answer.revision,
    undo: answer.undo,
    redo: answer.redo,
    scenes,
  }
}

/** One open piece: its state, and its edits, sent one after the other so that each is made on what the last one left. */
export function usePiece(pieceId: string): PieceHandle {
  const queries = useQueryClient()
  const notice = useNotice()
  const [waiting, setWaiting] = useState(0)
  const [shown, setShown] = useState<{ piece: Piece; scenes: Record<string, PageScene> } | null>(null)
  const line = useRef<Promise<unknown>>(Promise.resolve())
  const previews = useRef(0)

  const query = useQuery({
    queryKey: key(pieceId),
    queryFn: async () =>
      merged(undefined, await data(client.GET('/api/pieces/{id}', { params: { path: { id: pieceId } } }))),
    retry: false,
  })

  const reload = useCallback(() => queries.refetchQueries({ queryKey: key(pieceId) }), [queries, pieceId])

  const inLine = useCallback(
    (send: (now: OpenPiece) => Promise<PieceAnswer> | null): Promise<PieceAnswer | Problem | null> => {
      setWaiting((count) => count + 1)
      const run = async () => {
        try {
          const before = queries.getQueryData<OpenPiece>(key(pieceId))
          const answer = before ? await send(before) : null
          if (!answer) return null
          queries.setQueryData<OpenPiece>(key(pieceId), (now) => merged(now, answer))
          previews.current++
          setShown(null)
          return answer
        } catch (thrown) {
          const problem = thrown instanceof Problem ? thrown : new Problem(String(thrown), 0)
          if (problem.status === 409) await reload()
          return problem
        } finally {
          setWaiting((count) => count - 1)
        }
      }
      const result = line.current.then(run)
      line.current = result
      return result
    },
    [pieceId, queries, reload],
  )

  const path = useMemo(() => ({ id: pieceId }), [pieceId])
  const edit = useCallback<PieceHandle['edit']>(
    async (wanted, { quiet, batch } = {}) => {
      const answer = await inLine((now) => {
        const edit = typeof wanted === 'function' ? wanted(now) : wanted
        const body = edit && { revision: now.revision, edit, window: windowName, batch }
        return body && data(client.POST('/api/pieces/{id}/edits', { params: { path }, body }))
      })
      if (!(answer instanceof Problem)) return null
      if (!quiet || answer.status !== 422) notice(answer.message, { tone: 'wrong' })
      return answer
    },
    [inLine, notice, path],
  )

  const step = useCallback(
    async (way: 'undo' | 'redo') => {
      const answer = await inLine(({ revision }) =>
        data(client.POST(`/api/pieces/{id}/${way}`, { params: { path }, body: { revision, window: windowName } })),
      )
      if (answer instanceof Problem) notice(answer.message, { tone: answer.status === 422 ? 'plain' : 'wrong' })
      else notice(`${way === 'undo' ? 'Undone' : 'Done again'}: ${answer?.done ?? ''}`)
    },
    [inLine, notice, path],
  )

  const preview = useCallback(
    (edit: Edit | null) => {
      const turn = ++previews.current
      if (!edit) {
        setShown(null)
        return
      }
      data(client.POST('/api/pieces/{id}/preview', { params: { path }, body: { revision: 0, edit } })).then(
        (answer) => {
          if (turn === previews.current) setShown({ piece: answer.piece, scenes: scenesById(answer.scenes) })
        },
        () => undefined,
      )
    },
    [path],
  )

  useEffect(() => {
    const lookAgain = async () => {
      const known = queries.getQueryData<OpenPiece>(key(pieceId))
      if (!known) return
      // In line with the edits, so that an answer from before one of them cannot come after it.
      line.current = line.current.then(reload)
      await line.current
      const now = queries.getQueryData<OpenPiece>(key(pieceId))
      if (now && now.revision > known.revision)
        notice('This piece was changed in another window. You see it as it is now.')
    }
    return onChange((change) => {
      const known = queries.getQueryData<OpenPiece>(key(pieceId))
      if (change.kind === 'changed') {
        const own = change.window === windowName
        if (change.piece !== pieceId || own || !known || change.revision <= known.revision) return
      }
      void lookAgain()
    })
  }, [pieceId, queries, notice, reload])

  const open = useMemo(() => {
    if (!query.data || !shown) return query.data
    return { ...query.data, piece: shown.piece, scenes: { ...query.data.scenes, ...shown.scenes } }
  }, [query.data, shown])

  return {
    open,
    loadProblem: query.error instanceof Problem ? query.error : null,
    saving: waiting > 0,
    edit,
    latest: useCallback(() => queries.getQueryData<OpenPiece>(key(pieceId)), [queries, pieceId]),
    undo: useCallback(() => void step('undo'), [step]),
    redo: useCallback(() => void step('redo'), [step]),
    preview,
    reload,
  }
}
