import type { Proof, TriedDraft } from '../../api/types'
import { at, type JsonObject, type Path } from '../../domain/json'
import { say } from '../../domain/sentence'
import { capital } from '../../domain/words'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'

type WhereItBitesProps = { path: Path; sheet: JsonObject; tried: TriedDraft | null; report: Proof | null; isOld: boolean }

/** What does not hold of an entry, where it is written: on the job that it is tried on, and in the corners that were proved last. */
export function WhereItBites({ path, sheet, tried, report, isOld }: WhereItBitesProps) {
  const unit = useUnit()
  const key = at(sheet, [...path, 'key'])
  if (typeof key !== 'string' || path.length !== 2) return null
  const corners = (report?.shortfalls ?? []).filter((one) => one.part?.list === path[0] && one.part?.key === key)
  // What bites in corners bites here too: it is said once.
  const isSaid = (rule: Rule) => !isOld && corners.some((one) => one.of === nameIn(rule))
  const here = (tried?.job.section?.rules ?? []).filter(
    (rule) => isOf(path, rule.item, key) && rule.proof !== 'proved' && !isSaid(rule),
  )
  if (here.length === 0 && corners.length === 0) return null
  return (
    <Note tone="out">
      <ul className="grid gap-1 text-label">
        {here.map((rule) => (
          <li key={`${rule.rule} ${rule.of} ${rule.end} ${rule.core}`}>
            On this job: {say(rule.reason, unit)} {rule.worst && capital(say(rule.worst, unit))}
          </li>
        ))}
        {corners.map((one) => (
          <li key={`${one.fault} ${one.of}`}>
            {one.corner ? `In ${one.corners === 1 ? 'one corner' : `${one.corners} corners`}` : 'Proof'}
            {isOld && ' before this change'}: {say(one.reason, unit)}
            {one.corner && <span className="block text-mute">First in {one.corner}.</span>}
          </li>
        ))}
      </ul>
    </Note>
  )
}

type Rule = NonNullable<TriedDraft['job']['section']>['rules'][number]

/** As a proof names a rule, by its keys. */
const nameIn = ({ item, rule, of }: Rule): string => [item, rule.replaceAll('-', ' '), of ?? ''].filter(Boolean).join(' ')

const isOf = ([list]: Path, item: string, key: string): boolean => (list === 'items' || list === 'placeRules') && item === key
