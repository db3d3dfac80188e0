import { keepOpen } from './offline/reach.ts';
import { breathe } from './parts/breathe.ts';
import './theme.css';

keepOpen();

/** What the application is made of, one import after the other: each is compiled and run as a task of its own, so that a slow machine is never held up long. */
async function begin(): Promise<void> {
  const { createRoot } = await import('react-dom/client');
  await breathe();
  await import('../core/model/ids.ts');
  await breathe();
  await import('../core/model/period.ts');
  await breathe();
  const { start } = await import('./start.tsx');
  await breathe();
  start(createRoot(document.getElementById('root')!));
}
void begin();
