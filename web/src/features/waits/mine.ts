import type { Person, Wait } from '../../api/types'

/** What the person who is signed in can see to. */
export const isMine = (wait: Wait, person: Person): boolean =>
  wait.who === person.role && (wait.for === null || wait.for === person.shownAs)
