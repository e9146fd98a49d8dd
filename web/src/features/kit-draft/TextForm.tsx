import type { Problem } from '../../views/form/FormContext'

type TextFormProps = { text: string; problems: Problem[]; onText: ((text: string) => void) | null }

/** The sheet as its open file, for those who would rather write it, and for what cannot be read as one yet. */
export function TextForm({ text, problems, onText }: TextFormProps) {
  return (
    <section aria-label="As text" className="grid content-start gap-3">
      <ul>
        {problems.map((problem) => (
          <li key={problem.path + problem.message} className="text-out">
            <span className="font-semibold">{problem.path || 'the sheet'}</span> {problem.message}
          </li>
        ))}
      </ul>
      <label className="grid gap-1">
        <span className="text-label text-mute">The sheet as its open file</span>
        <textarea
          className="min-h-[32rem] w-full border-2 border-ink bg-white p-3 font-mono text-label"
          spellCheck={false}
          readOnly={!onText}
          value={text}
          onChange={(event) => onText?.(event.target.value)}
        />
      </label>
    </section>
  )
}
