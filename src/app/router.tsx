import { createBrowserRouter } from 'react-router';
import { BrokenScreen } from './routes/BrokenScreen';
import { DancesScreen } from './routes/DancesScreen';
import { Frame } from './features/frame/Frame';

export const router = createBrowserRouter([
  {
    path: '/',
    element: <Frame />,
    errorElement: <BrokenScreen />,
    HydrateFallback: () => null,
    children: [
      { index: true, element: <DancesScreen /> },
      {
        path: 'dance/:id',
        lazy: async () => ({ Component: (await import('./routes/DanceLayout')).DanceLayout }),
        children: [
          {
            index: true,
            lazy: async () => ({ Component: (await import('./routes/ScriptScreen')).ScriptScreen }),
          },
          {
            path: 'walls',
            lazy: async () => ({ Component: (await import('./routes/WallsScreen')).WallsScreen }),
          },
          {
            path: 'floor',
            lazy: async () => ({ Component: (await import('./routes/FloorScreen')).FloorScreen }),
          },
          {
            path: 'music',
            lazy: async () => ({ Component: (await import('./routes/MusicScreen')).MusicScreen }),
          },
          {
            path: 'lesson',
            lazy: async () => ({ Component: (await import('./routes/LessonScreen')).LessonScreen }),
          },
          {
            path: 'practice',
            lazy: async () => ({ Component: (await import('./routes/PracticeScreen')).PracticeScreen }),
          },
          {
            path: 'level',
            lazy: async () => ({ Component: (await import('./routes/LevelScreen')).LevelScreen }),
          },
          {
            path: 'revisions',
            lazy: async () => ({ Component: (await import('./routes/RevisionsScreen')).RevisionsScreen }),
          },
          {
            path: 'sheet',
            lazy: async () => ({ Component: (await import('./routes/SheetScreen')).SheetScreen }),
          },
        ],
      },
      {
        path: 'import',
        lazy: async () => ({ Component: (await import('./routes/ImportScreen')).ImportScreen }),
      },
      {
        path: 'figures',
        lazy: async () => ({ Component: (await import('./routes/FiguresScreen')).FiguresScreen }),
      },
      {
        path: 'classes',
        children: [
          { index: true, lazy: async () => ({ Component: (await import('./routes/ClassesScreen')).ClassesScreen }) },
          {
            path: 'dance/:danceId',
            lazy: async () => ({ Component: (await import('./routes/DanceRecordScreen')).DanceRecordScreen }),
          },
          {
            path: ':groupId',
            lazy: async () => ({ Component: (await import('./routes/GroupScreen')).GroupScreen }),
          },
          {
            path: ':groupId/:eveningId',
            lazy: async () => ({ Component: (await import('./routes/EveningScreen')).EveningScreen }),
          },
        ],
      },
      {
        path: 'about',
        lazy: async () => ({ Component: (await import('./routes/AboutScreen')).AboutScreen }),
      },
      { path: '*', lazy: async () => ({ Component: (await import('./routes/LostScreen')).LostScreen }) },
    ],
  },
]);
