import type { Account } from '../../api/types'

export const ROLES: Account['role'][] = ['jointer', 'engineer', 'storekeeper', 'trainer', 'administrator']
