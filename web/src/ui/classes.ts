import { clsx, type ClassValue } from 'clsx'

export const classes = (...values: ClassValue[]): string => clsx(values)
