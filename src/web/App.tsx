import { lazy, Suspense } from 'react';
import { Route, Routes, useLocation } from 'react-router';
import { breathe } from './parts/breathe.ts';
import { FindAnything } from './parts/FindAnything.tsx';
import { KeyHelp } from './parts/KeyHelp.tsx';
import { Today } from './screens/today/Today.tsx';

// The largest screen: its formats are run first, as a task of their own.
const Desk = lazy(async () => {
  await import('../core/formats/registry.ts');
  await breathe();
  return { default: (await import('./screens/desk/Desk.tsx')).Desk };
});
const SetOut = lazy(() => import('./screens/setout/SetOut.tsx').then((m) => ({ default: m.SetOut })));
const TryOut = lazy(() => import('./screens/tryout/TryOut.tsx').then((m) => ({ default: m.TryOut })));
const Rotation = lazy(() => import('./screens/rotation/Rotation.tsx').then((m) => ({ default: m.Rotation })));
const ByGrade = lazy(() => import('./screens/grades/ByGrade.tsx').then((m) => ({ default: m.ByGrade })));
const SupportNote = lazy(() => import('./screens/support/SupportNote.tsx').then((m) => ({ default: m.SupportNote })));
const AdultsDay = lazy(() => import('./screens/support/AdultsDay.tsx').then((m) => ({ default: m.AdultsDay })));
const Ladders = lazy(() => import('./screens/ladders/Ladders.tsx').then((m) => ({ default: m.Ladders })));
const Meeting = lazy(() => import('./screens/ladders/Meeting.tsx').then((m) => ({ default: m.Meeting })));
const Week = lazy(() => import('./screens/week/Week.tsx').then((m) => ({ default: m.Week })));
const BellTimetable = lazy(() => import('./screens/week/BellTimetable.tsx').then((m) => ({ default: m.BellTimetable })));
const Whistle = lazy(() => import('./screens/whistle/Whistle.tsx').then((m) => ({ default: m.Whistle })));
const Games = lazy(() => import('./screens/games/Games.tsx').then((m) => ({ default: m.Games })));
const MadeLessons = lazy(() => import('./screens/games/MadeLessons.tsx').then((m) => ({ default: m.MadeLessons })));
const MakeGame = lazy(() => import('./screens/games/MakeGame.tsx').then((m) => ({ default: m.MakeGame })));
const GamePage = lazy(() => import('./screens/games/GamePage.tsx').then((m) => ({ default: m.GamePage })));
const Classes = lazy(() => import('./screens/classes/Classes.tsx').then((m) => ({ default: m.Classes })));
const Rooms = lazy(() => import('./screens/rooms/Rooms.tsx').then((m) => ({ default: m.Rooms })));
const Cupboard = lazy(() => import('./screens/cupboard/Cupboard.tsx').then((m) => ({ default: m.Cupboard })));
const Logbook = lazy(() => import('./screens/logbook/Logbook.tsx').then((m) => ({ default: m.Logbook })));
const Guest = lazy(() => import('./screens/guest/Guest.tsx').then((m) => ({ default: m.Guest })));
const Settings = lazy(() => import('./screens/settings/Settings.tsx').then((m) => ({ default: m.Settings })));

/** A guest has a page of its own: no keys and no search lead from there. */
export function App() {
  const isGuest = useLocation().pathname.startsWith('/guest/');
  return isGuest ? (
    <Suspense fallback={<p className="p-6 text-muted">Laying it out …</p>}>
      <Routes>
        <Route path="/guest/:periodId" element={<Guest />} />
      </Routes>
    </Suspense>
  ) : (
    <Everything />
  );
}

function Everything() {
  return (
    <>
      <Suspense fallback={<p className="p-6 text-muted">Laying it out …</p>}>
        <Routes>
          <Route path="/" element={<Today />} />
          <Route path="/day/:date" element={<Today />} />
          <Route path="/week/:date?" element={<Week />} />
          <Route path="/timetable" element={<BellTimetable />} />
          <Route path="/desk/:periodId" element={<Desk />} />
          <Route path="/desk/:periodId/set-out" element={<SetOut />} />
          <Route path="/desk/:periodId/try" element={<TryOut />} />
          <Route path="/desk/:periodId/rotation" element={<Rotation />} />
          <Route path="/desk/:periodId/grades" element={<ByGrade />} />
          <Route path="/desk/:periodId/support" element={<SupportNote />} />
          <Route path="/adults/:date?" element={<AdultsDay />} />
          <Route path="/whistle/:runId" element={<Whistle />} />
          <Route path="/games" element={<Games />} />
          <Route path="/games/lesson" element={<MadeLessons />} />
          <Route path="/games/make" element={<MakeGame />} />
          <Route path="/games/:gameId" element={<GamePage />} />
          <Route path="/games/:gameId/change" element={<MakeGame />} />
          <Route path="/classes/:classId?" element={<Classes />} />
          <Route path="/ladders/:classId/:studentId?" element={<Ladders />} />
          <Route path="/ladders/:classId/:studentId/meeting" element={<Meeting />} />
          <Route path="/rooms/:roomId?" element={<Rooms />} />
          <Route path="/cupboard" element={<Cupboard />} />
          <Route path="/logbook/:runId?" element={<Logbook />} />
          <Route path="/settings" element={<Settings />} />
          <Route
            path="*"
            element={
              <main className="p-6">
                <h1 className="text-xl">Page not found</h1>
                <p className="mt-2">
                  <a className="text-tape underline" href="/">
                    Go to today
                  </a>
                </p>
              </main>
            }
          />
        </Routes>
      </Suspense>
      <KeyHelp />
      <FindAnything />
    </>
  );
}
