import { Navigate, type RouteObject } from 'react-router'
import { JobList } from '../features/jobs/JobList'
import { Broken, Lost } from './dead-ends'
import { SignedIn, WithHead } from './Frame'

/** Every page and its place. */
export const routes: RouteObject[] = [
  {
    element: <SignedIn />,
    errorElement: <Broken />,
    hydrateFallbackElement: <></>,
    children: [
      {
        element: <WithHead />,
        children: [
          { path: '/', element: <JobList /> },
          { path: '/cables', lazy: async () => ({ Component: (await import('../features/library/Library')).Library }) },
          { path: '/kits/:id?', lazy: async () => ({ Component: (await import('../features/kits/Kits')).Kits }) },
          { path: '/kits/drafts/:id', lazy: async () => ({ Component: (await import('../features/kit-draft/Draft')).Draft }) },
          {
            path: '/connectors',
            lazy: async () => ({ Component: (await import('../features/connectors/Connectors')).Connectors }),
          },
          { path: '/stores', lazy: async () => ({ Component: (await import('../features/stores/Stores')).Stores }) },
          { path: '/bench', lazy: async () => ({ Component: (await import('../features/bench/Bench')).Bench }) },
          { path: '/bench/:tool', lazy: async () => ({ Component: (await import('../features/bench/BenchTool')).BenchTool }) },
          { path: '/waits', lazy: async () => ({ Component: (await import('../features/waits/Waits')).Waits }) },
          { path: '/people', lazy: async () => ({ Component: (await import('../features/people/People')).People }) },
          { path: '/you', lazy: async () => ({ Component: (await import('../features/sign-in/You')).You }) },
        ],
      },
      {
        path: '/jobs/:id',
        lazy: async () => ({ Component: (await import('../features/job/JobFrame')).JobFrame }),
        children: [
          { index: true, element: <Navigate to="safety" replace /> },
          { path: 'safety', lazy: async () => ({ Component: (await import('../features/safety/Safety')).Safety }) },
          { path: 'cables', lazy: async () => ({ Component: (await import('../features/cables/Cables')).Cables }) },
          { path: 'kit', lazy: async () => ({ Component: (await import('../features/kit/Kit')).Kit }) },
          { path: 'connector', lazy: async () => ({ Component: (await import('../features/connector/Connector')).Connector }) },
          { path: 'paper', lazy: async () => ({ Component: (await import('../features/paper/Paper')).Paper }) },
          { path: 'mark-out', lazy: async () => ({ Component: (await import('../features/mark-out/MarkOut')).MarkOut }) },
          {
            path: 'section',
            lazy: async () => ({ Component: (await import('../features/section/SectionPage')).SectionPage }),
          },
          { path: 'build', lazy: async () => ({ Component: (await import('../features/build/Build')).Build }) },
          { path: 'build/sheet', lazy: async () => ({ Component: (await import('../features/build/StageSheet')).StageSheet }) },
          { path: 'build/ways', lazy: async () => ({ Component: (await import('../features/rework/Rework')).Rework }) },
          { path: 'record', lazy: async () => ({ Component: (await import('../features/record/Record')).Record }) },
        ],
      },
      { path: '*', element: <Lost /> },
    ],
  },
]
