import type { StepName } from '../../api/types'

export const STEP_NAMES: Record<StepName, string> = {
  safety: 'Safe to start',
  cables: 'Cables',
  kit: 'Kit',
  connector: 'Connector',
  'mark-out': 'Mark out',
  build: 'Build',
  record: 'Record',
}
