import { Navigate, type RouteObject } from 'react-router'
import { Build } from '../features/build/Build'
import { Cables } from '../features/cables/Cables'
import { Connector } from '../features/connector/Connector'
import { JobFrame } from '../features/job/JobFrame'
import { JobList } from '../features/jobs/JobList'
import { Kit } from '../features/kit/Kit'
import { Kits } from '../features/kits/Kits'
import { Library } from '../features/library/Library'
import { MarkOut } from '../features/mark-out/MarkOut'
import { Record } from '../features/record/Record'
import { Safety } from '../features/safety/Safety'
import { Stores } from '../features/stores/Stores'
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
          { path: '/cables', element: <Library /> },
          { path: '/kits/:id?', element: <Kits /> },
          { path: '/kits/drafts/:id', lazy: async () => ({ Component: (await import('../features/kit-draft/Draft')).Draft }) },
          {
            path: '/connectors',
            lazy: async () => ({ Component: (await import('../features/connectors/Connectors')).Connectors }),
          },
          { path: '/stores', element: <Stores /> },
          { path: '/people', lazy: async () => ({ Component: (await import('../features/people/People')).People }) },
          { path: '/you', lazy: async () => ({ Component: (await import('../features/sign-in/You')).You }) },
        ],
      },
      {
        path: '/jobs/:id',
        element: <JobFrame />,
        children: [
          { index: true, element: <Navigate to="safety" replace /> },
          { path: 'safety', element: <Safety /> },
          { path: 'cables', element: <Cables /> },
          { path: 'kit', element: <Kit /> },
          { path: 'connector', element: <Connector /> },
          { path: 'mark-out', element: <MarkOut /> },
          {
            path: 'section',
            lazy: async () => ({ Component: (await import('../features/section/SectionPage')).SectionPage }),
          },
          { path: 'build', element: <Build /> },
          { path: 'record', element: <Record /> },
        ],
      },
      { path: '*', element: <Lost /> },
    ],
  },
]
