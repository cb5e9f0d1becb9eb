import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { onChange } from '../../api/changes'
import { type ChangeView, client, data, type Edit, Problem, windowName } from '../../api/client'
import { useNotice } from '../../ui/Notices'
import type { Page } from './model'
import { Previews } from './previews'
import {
  afterChange,
  afterReading,
  type KnownPiece,
  opened,
  type OpenPiece,
  type Shown,
  withContent,
} from './openPiece'

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
  ({ page }) => {
    const now = page(pageId)
    return now ? edit(now) : null
  }

/** An edit that would change the number of pages: what it comes to, and how to make it all the same. */
export interface Question {
  message: string
  agree: () => void
  leave: () => void
}

export interface PieceHandle {
  open: OpenPiece | undefined
  loadProblem: Problem | null
  saving: boolean
  question: Question | null
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
const CHANGED = 'This piece was changed in another window. You see it as it is now.'

/**
 * One open piece: its state, and its edits, sent one after the other so that each is made on what the last one left.
 *
 * @param wanted the page that is seen; the first one if it is not told or gone
 */
export function usePiece(pieceId: string, wanted?: string): PieceHandle {
  const queries = useQueryClient()
  const notice = useNotice()
  const [waiting, setWaiting] = useState(0)
  const [shown, setShown] = useState<Shown | null>(null)
  const [question, setQuestion] = useState<Question | null>(null)
  const line = useRef<Promise<unknown>>(Promise.resolve())
  const previews = useMemo(() => new Previews(pieceId, setShown), [pieceId])
  const path = useMemo(() => ({ id: pieceId }), [pieceId])

  const known = useCallback(() => queries.getQueryData<KnownPiece>(key(pieceId)), [queries, pieceId])
  const query = useQuery({
    queryKey: key(pieceId),
    queryFn: async () => {
      const view = await data(client.GET('/api/pieces/{id}', { params: { path } }))
      // What is known only now: a page may have been read meanwhile.
      return afterReading(known(), view)
    },
    retry: false,
  })
  const state = query.data
  const seen = state && (state.view.pages.find(({ id }) => id === wanted) ?? state.view.pages[0])?.id

  const lacking = seen !== undefined && state?.content[seen] === undefined
  const content = useQuery({
    queryKey: [...key(pieceId), 'page', seen, state?.view.pages.find(({ id }) => id === seen)?.look],
    queryFn: () =>
      data(client.GET('/api/pieces/{id}/pages/{pageId}', { params: { path: { ...path, pageId: seen ?? '' } } })),
    enabled: lacking,
    gcTime: 0,
  }).data
  useEffect(() => {
    if (content && lacking) queries.setQueryData<KnownPiece>(key(pieceId), (now) => now && withContent(now, content))
  }, [content, lacking, queries, pieceId])

  const reload = useCallback(() => queries.refetchQueries({ queryKey: key(pieceId), exact: true }), [queries, pieceId])
  const latest = useCallback(() => {
    const now = known()
    return now && opened(now, null)
  }, [known])

  const inLine = useCallback(
    (send: (now: OpenPiece) => Promise<ChangeView> | null): Promise<ChangeView | Problem | null> => {
      setWaiting((count) => count + 1)
      const run = async () => {
        try {
          const before = known()
          const answer = before ? await send(opened(before, null)) : null
          if (!answer) return null
          queries.setQueryData<KnownPiece>(key(pieceId), (now) => now && afterChange(now, answer))
          previews.end()
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
    [known, pieceId, previews, queries, reload],
  )

  const edit = useCallback<PieceHandle['edit']>(
    async function send(wantedEdit, options = {}) {
      const { quiet, batch } = options
      const sent: { edit: Edit | null } = { edit: null }
      const answer = await inLine((now) => {
        const asked = typeof wantedEdit === 'function' ? wantedEdit(now) : wantedEdit
        sent.edit = asked
        const body = asked && { revision: now.revision, edit: asked, window: windowName, batch, seen }
        return body && data(client.POST('/api/pieces/{id}/edits', { params: { path }, body }))
      })
      if (!(answer instanceof Problem)) return null
      const asked = sent.edit
      if (answer.field === 'reflow' && asked) {
        return new Promise((resolve) => {
          const done = (result: Problem | null) => {
            setQuestion(null)
            resolve(result)
          }
          setQuestion({
            message: answer.message,
            agree: () => {
              setQuestion(null)
              void send({ ...asked, reflow: 'AGREED' } as Edit, options).then(resolve)
            },
            leave: () => done(null),
          })
        })
      }
      if (!quiet || answer.status !== 422) notice(answer.message, { tone: 'wrong' })
      return answer
    },
    [inLine, notice, path, seen],
  )

  const step = useCallback(
    async (way: 'undo' | 'redo') => {
      const answer = await inLine(({ revision }) => {
        const body = { revision, window: windowName, seen }
        return data(client.POST(`/api/pieces/{id}/${way}`, { params: { path }, body }))
      })
      if (answer instanceof Problem) notice(answer.message, { tone: answer.status === 422 ? 'plain' : 'wrong' })
      else notice(`${way === 'undo' ? 'Undone' : 'Done again'}: ${answer?.done ?? ''}`, { instead: 'step' })
    },
    [inLine, notice, path, seen],
  )

  const preview = useCallback(
    (edit: Edit | null) => {
      if (edit && seen) previews.ask(edit, seen)
      else previews.end()
    },
    [previews, seen],
  )

  useEffect(() => {
    const lookAgain = async () => {
      const before = known()
      if (!before) return
      // In line with the edits, so that an answer from before one of them cannot come after it.
      line.current = line.current.then(reload)
      await line.current
      const now = known()
      if (now && now.view.revision > before.view.revision) notice(CHANGED)
    }
    return onChange((change) => {
      const before = known()
      if (change.kind === 'changed') {
        const own = change.window === windowName
        if (change.piece !== pieceId || own || !before || change.revision <= before.view.revision) return
      }
      void lookAgain()
    })
  }, [pieceId, known, notice, reload])

  const open = useMemo(() => state && opened(state, shown), [state, shown])
  const undo = useCallback(() => void step('undo'), [step])
  const redo = useCallback(() => void step('redo'), [step])
  const loadProblem = query.error instanceof Problem ? query.error : null
  const saving = waiting > 0
  return useMemo(
    () => ({ open, loadProblem, saving, question, edit, latest, undo, redo, preview, reload }),
    [open, loadProblem, saving, question, edit, latest, undo, redo, preview, reload],
  )
}
