import { Choice } from '../../../fields/Choice'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'
import { LANGUAGES } from '../../words/languages'
import { useWords } from '../../words/useWords'
import { Part } from '../Part'
import { LettersForm } from './LettersForm'

/** Words of their own on the page. Those across it get their room from the arrangement. */
export function AddWords() {
  const { add } = useWords()
  const { stored, handle } = useRoom()
  return (
    <Part title="Words">
      <div className="grid grid-cols-3 gap-2">
        <Button className="px-1!" onClick={() => void add('TOP')}>
          Title on top
        </Button>
        <Button className="px-1!" onClick={() => void add('BOTTOM')}>
          Line below
        </Button>
        <Button className="px-1!" onClick={() => void add('FREE')}>
          Text
        </Button>
      </div>
      <LettersForm />
      <Choice
        label="All words are in"
        options={LANGUAGES}
        value={stored.styles.language}
        onChange={(language) => void handle.edit({ kind: 'setLanguage', language })}
      />
    </Part>
  )
}
